package promedio.desktop.demo;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.SplittableRandom;

/** The log of the repair café as somebody kept it in a file, with the faults that such files have. */
public final class DemoLog {
    private static final long SEED = 20_310_405L;
    private static final int ROWS = 140;
    private static final String[] ITEMS = {"lamp", "toaster", "radio", "bicycle", "kettle", "jacket", "chair", "mixer"};
    private static final String[] OUTCOMES = {"mended", "mended", "mended", "taken home", "given up"};

    private DemoLog() {}

    /** Writes the log into a folder. */
    public static Path write(Path folder) throws IOException {
        return Files.writeString(folder.resolve("repair-cafe-log.csv"), text(), StandardCharsets.UTF_8);
    }

    /** Two lines before the table, semicolons, decimal commas, {@code n/a}, a letter in a number, a blank line and a total. */
    public static String text() {
        SplittableRandom random = new SplittableRandom(SEED);
        StringBuilder log = new StringBuilder("Repair café, spring log\n\"kept by hand; typed in June\"\n");
        log.append("No.;Evening;Item;Age (years);Minutes (min);Saved (kg);Bench;Outcome\n");
        LocalDate evening = LocalDate.of(2031, 4, 2);
        long total = 0;
        for (int i = 1; i <= ROWS; i++) {
            if (i % 12 == 0) {
                evening = evening.plusWeeks(1);
            }
            int minutes = (int) Math.round(6 + 22 * -Math.log(1 - random.nextDouble()));
            total += minutes;
            double kilograms = 0.2 + 6 * random.nextDouble() * random.nextDouble();
            log.append(i)
                    .append(';')
                    .append(evening.format(DateTimeFormatter.ofPattern("dd.MM.yyyy", Locale.ROOT)))
                    .append(';')
                    .append(ITEMS[random.nextInt(ITEMS.length)])
                    .append(';')
                    .append(i % 31 == 0 ? "" : Integer.toString(1 + random.nextInt(24)))
                    .append(';')
                    .append(i == 57 ? "4O" : i % 23 == 0 ? "n/a" : Integer.toString(minutes))
                    .append(';')
                    .append(String.format(Locale.ROOT, "%.2f", kilograms).replace('.', ','))
                    .append(';')
                    .append(1 + random.nextInt(3))
                    .append(';')
                    .append(OUTCOMES[random.nextInt(OUTCOMES.length)])
                    .append('\n');
            if (i == 72) {
                log.append('\n');
            }
        }
        return log.append("Total;;;;").append(total).append(";;;\n").toString();
    }
}
