package promedio.desktop.demo;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.assignment.Edit;
import promedio.core.assignment.OwnEdit;
import promedio.core.ownwork.OwnSheet;
import promedio.core.ownwork.Quantity;

/** The waiting times as the imaginary student worked them: one square was doubled, and everything behind it carried on from that. */
public final class DemoWorking {
    private static final String TABLE =
            """
            0 to under 5   | 18 | 2.5  | 45    | 6.25    | 112.5
            5 to under 10  | 27 | 7.5  | 202.5 | 56.25   | 1518.75
            10 to under 15 | 26 | 12.5 | 325   | 156.25  | 4062.5
            15 to under 20 | 34 | 17.5 | 595   | 35      | 1190
            20 to under 30 | 31 | 25   | 775   | 625     | 19375
            30 to under 45 | 17 | 37.5 | 637.5 | 1406.25 | 23906.25
            45 and over    | 7  | 52.5 | 367.5 | 2756.25 | 19293.75
                           | 160 |     | 2947.5 |        | 69458.75
            """;

    private DemoWorking() {}

    private static List<List<String>> rows() {
        List<List<String>> rows = new ArrayList<>();
        TABLE.lines()
                .forEach(line -> rows.add(
                        Arrays.stream(line.split("\\|", -1)).map(String::strip).toList()));
        return rows;
    }

    static Edit written() {
        List<List<String>> rows = rows();
        int last = rows.size() - 1;
        OwnSheet sheet = new OwnSheet(
                List.of(
                        column("Class", Quantity.CLASS),
                        column("f", Quantity.F),
                        column("midpoint x", Quantity.MIDPOINT),
                        column("fx", Quantity.FX),
                        column("x²", Quantity.X2),
                        column("fx²", Quantity.FX2)),
                rows.subList(0, last),
                rows.get(last),
                List.of("mean", "variance", "sd"),
                Map.of());
        return new OwnEdit.SetOut("waiting", sheet, "own-taken");
    }

    private static OwnSheet.Column column(String heading, Quantity is) {
        return new OwnSheet.Column(heading, Optional.of(is));
    }

    /** Changes what a student wrote: a row, a column and what stands there, several parted by semicolons. */
    private record Student(String name, String changes) {}

    /** Without the slip of the first: 17.5² = 306.25, 34 × 306.25 = 10412.5, and 78681.25 in all. */
    private static final String RIGHT = "3 4 306.25; 3 5 10412.5; 7 5 78681.25";

    private static final List<Student> CLASS = List.of(
            new Student("Ada", RIGHT),
            new Student("Bo", ""),
            new Student("Carla", RIGHT + "; 7 3 2974.5"),
            new Student("Dinh", "2 4 25; 2 5 650; 3 4 35; 7 5 66046.25"),
            new Student("Elif", RIGHT + "; 5 2 30; 5 3 510; 5 4 900; 5 5 15300; 7 3 2820; 7 5 70075"),
            new Student("Farid", RIGHT + "; 1 5 41006.25; 7 5 118168.75"),
            new Student("Greta", RIGHT + "; 4 4 625; 4 5 ; 7 5 "),
            new Student("Hugo", RIGHT + "; 0 3 54; 7 3 2956.5"));

    /** Writes what a class of eight worked into a folder, a file each; returns the folder. */
    public static Path writeClass(Path folder) throws IOException {
        Path workings = Files.createDirectory(folder.resolve("workings"));
        for (Student one : CLASS) {
            List<List<String>> rows = new ArrayList<>();
            rows().forEach(row -> rows.add(new ArrayList<>(row)));
            for (String change :
                    one.changes().isEmpty() ? new String[0] : one.changes().split("; ", -1)) {
                String[] parts = change.split(" ", -1);
                rows.get(Integer.parseInt(parts[0])).set(Integer.parseInt(parts[1]), parts[2]);
            }
            rows.get(rows.size() - 1).set(0, "Total");
            StringBuilder text = new StringBuilder("Class,f,midpoint x,fx,x²,fx²\n");
            rows.forEach(row -> text.append(String.join(",", row)).append('\n'));
            Path file = workings.resolve(one.name() + ".csv");
            Files.writeString(file, text, StandardCharsets.UTF_8);
            file.toFile().deleteOnExit();
        }
        return workings;
    }
}
