package promedio.desktop.demo;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;

/** The log of the repair café as somebody kept it in files, with the faults that such files have, and the steps that prepare them. */
public final class DemoLog {
    private static final String[] ITEMS = {"lamp", "toaster", "radio", "bicycle", "kettle", "jacket", "chair", "mixer"};
    private static final String[] OUTCOMES = {"mended", "mended", "mended", "taken home", "given up"};
    private static final Season SPRING =
            new Season("spring log", "June", 20_310_405L, LocalDate.of(2031, 4, 2), 140, 3, "4O");
    private static final Season AUTUMN =
            new Season("autumn log", "December", 20_310_903L, LocalDate.of(2031, 9, 3), 96, 4, "2S");

    /** From the log as it was kept to minutes by the kind of thing and the bench. */
    public static final List<String> STEPS = List.of(
            "replace in 'Minutes (min)': \"n/a\" with missing, \"4O\" with 40",
            "rename 'Minutes (min)' to Minutes",
            "keep rows where Minutes is not missing and Minutes < 300",
            "name values of Bench: 1 = \"window\", 2 = \"stairs\", 3 = \"back\"",
            "work out Kind = if Item is one of (\"bicycle\", \"jacket\", \"chair\") then \"by hand\" else \"electric\"",
            "one row per Kind, Bench: n, sum of Minutes as 'In all', mean of Minutes as Mean");

    private DemoLog() {}

    /**
     * A part of the year.
     *
     * @param called what stands above its table
     * @param typed when it was typed
     * @param seed of its random numbers
     * @param from its first evening
     * @param rows how many repairs there were
     * @param benches how many benches
     * @param slip what somebody typed for a number
     */
    private record Season(String called, String typed, long seed, LocalDate from, int rows, int benches, String slip) {}

    /** Writes the logs of spring and autumn into a folder. */
    public static List<Path> write(Path folder) throws IOException {
        return List.of(
                Files.writeString(folder.resolve("repair-cafe-log.csv"), text(), StandardCharsets.UTF_8),
                Files.writeString(folder.resolve("repair-cafe-log-autumn.csv"), autumn(), StandardCharsets.UTF_8));
    }

    /** Two lines before the table, semicolons, decimal commas, {@code n/a}, a letter in a number, a blank line and a total. */
    public static String text() {
        return text(SPRING);
    }

    /** The same half a year later: there is one bench more, and another letter in a number. */
    public static String autumn() {
        return text(AUTUMN);
    }

    private static String text(Season season) {
        SplittableRandom random = new SplittableRandom(season.seed());
        StringBuilder log = new StringBuilder(
                "Repair café, " + season.called() + "\n\"kept by hand; typed in " + season.typed() + "\"\n");
        log.append("No.;Evening;Item;Age (years);Minutes (min);Saved (kg);Bench;Outcome\n");
        LocalDate evening = season.from();
        long total = 0;
        for (int i = 1; i <= season.rows(); i++) {
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
                    .append(i == 57 ? season.slip() : i % 23 == 0 ? "n/a" : Integer.toString(minutes))
                    .append(';')
                    .append(String.format(Locale.ROOT, "%.2f", kilograms).replace('.', ','))
                    .append(';')
                    .append(1 + random.nextInt(season.benches()))
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
