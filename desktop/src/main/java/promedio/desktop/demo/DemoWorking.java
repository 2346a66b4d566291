package promedio.desktop.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.assignment.Edit;
import promedio.core.assignment.OwnEdit;
import promedio.core.ownwork.OwnSheet;
import promedio.core.ownwork.Quantity;

/** The waiting times as the imaginary student worked them: one square was doubled, and everything behind it carried on from that. */
final class DemoWorking {
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

    static Edit written() {
        List<List<String>> rows = new ArrayList<>();
        TABLE.lines().forEach(line -> rows.add(List.of(line.split("\\|", -1))));
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
}
