package promedio.desktop.classes;

import java.util.Optional;
import java.util.Set;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import promedio.core.assignment.Interpretation;
import promedio.core.course.Boundaries;
import promedio.core.course.CardKey;
import promedio.core.course.Frequencies;
import promedio.core.course.OpenEnds;
import promedio.core.number.Exact;
import promedio.core.sample.ClassInterval;
import promedio.core.sample.ClassTable;
import promedio.core.tabulate.ClassReading;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.text.Words;

/** How a class table was read, and why; the other reading is one click away. */
final class ReadingBox extends VBox {
    private static final Set<Interpretation.Status> FAULTS = Set.of(
            Interpretation.Status.BAD_CLASS, Interpretation.Status.BAD_FREQUENCY, Interpretation.Status.NOT_A_NUMBER);

    private final DeskModel model;

    ReadingBox(DeskModel model) {
        this.model = model;
        getStyleClass().add("class-reading");
    }

    void show(SheetFigures figures) {
        getChildren().clear();
        Interpretation interpretation = figures.interpretation();
        interpretation.waiting().ifPresent(waiting -> say(Words.of(waiting)));
        interpretation.classes().ifPresent(reading -> {
            gaps(reading, figures);
            if (reading.wasReordered()) {
                say(Words.of("classes.reordered"));
            }
            reading.table().ifPresent(table -> openEnds(table, figures));
        });
        interpretation.leftOut().stream()
                .map(Words::of)
                .reduce((a, b) -> a + ", " + b)
                .ifPresent(left -> say(Words.of("entries.left-out", left)));
        for (int row = 0; row < figures.sheet().size(); row++) {
            if (FAULTS.contains(interpretation.status(row))) {
                String typed = figures.sheet().values().text(row);
                interpretation.remark(row).ifPresent(remark -> {
                    String said = Words.of(remark, figures.text());
                    // What is said of an entry names it; what is said of a class among others may name another first.
                    boolean named = remark.key().startsWith("entry.");
                    Label label = say(named ? said : Words.of("classes.fault", typed, said));
                    label.getStyleClass().add("fault");
                });
            }
        }
        boolean percents = figures.sheet().frequencies().orElseThrow().texts().stream()
                .anyMatch(text -> text.strip().endsWith("%"));
        if (percents && figures.card().get(CardKey.FREQUENCIES) == Frequencies.COUNTS) {
            say(
                    Words.of("classes.percents"),
                    Words.of("classes.percents.do"),
                    () -> model.choose(CardKey.FREQUENCIES, Frequencies.RELATIVE));
        }
    }

    private void gaps(ClassReading reading, SheetFigures figures) {
        Optional<Exact> gap = reading.gap();
        Optional<ClassTable> table = reading.table();
        if (gap.isEmpty() || table.isEmpty()) {
            return;
        }
        boolean completed = figures.card().get(CardKey.BOUNDARIES) == Boundaries.COMPLETED_UNITS;
        String first = table.get().classes().stream()
                .flatMap(one -> one.lower().stream())
                .limit(2)
                .map(figures.text()::carried)
                .reduce((a, b) -> a + ", " + b)
                .orElse("");
        say(
                Words.of(
                        completed ? "classes.completed" : "classes.nearest",
                        figures.text().carried(gap.get()),
                        first),
                Words.of(completed ? "classes.nearest.do" : "classes.completed.do"),
                () -> model.choose(CardKey.BOUNDARIES, completed ? Boundaries.NEAREST : Boundaries.COMPLETED_UNITS));
        boolean device = !completed
                && table.get().at(0).lower().filter(lower -> lower.signum() < 0).isPresent()
                && reading.rows()
                        .get(0)
                        .label()
                        .from()
                        .filter(from -> from.signum() >= 0)
                        .isPresent();
        if (device) {
            say(Words.of(
                    "classes.device",
                    table.get().at(0).lower().map(figures.text()::carried).orElse("")));
        }
    }

    private void openEnds(ClassTable table, SheetFigures figures) {
        for (ClassInterval one : table.classes()) {
            if (one.isOpen()) {
                say(
                        Words.of("classes.open", one.label()),
                        Words.of("classes.open.do"),
                        () -> model.choose(CardKey.OPEN_ENDS, OpenEnds.SAME_WIDTH));
            } else if (one.assumed()) {
                String end = figures.text()
                        .carried(
                                one == table.at(0)
                                        ? one.lower().orElseThrow()
                                        : one.upper().orElseThrow());
                boolean byCard = figures.card().get(CardKey.OPEN_ENDS) == OpenEnds.SAME_WIDTH
                        && !one.label().contains("(");
                if (byCard) {
                    say(
                            Words.of("classes.assumed", one.label(), end),
                            Words.of("classes.assumed.undo"),
                            () -> model.choose(CardKey.OPEN_ENDS, OpenEnds.UNDEFINED));
                } else {
                    say(Words.of("classes.stated", one.label(), end));
                }
            }
        }
    }

    private Label say(String sentence) {
        Label label = new Label(sentence);
        label.setWrapText(true);
        label.getStyleClass().add("soft");
        label.setMinHeight(Region.USE_PREF_SIZE);
        getChildren().add(label);
        return label;
    }

    private void say(String sentence, String remedy, Runnable mend) {
        Label label = say(sentence);
        getChildren().remove(label);
        Hyperlink link = new Hyperlink(remedy);
        link.setMinWidth(Region.USE_PREF_SIZE);
        link.setOnAction(click -> mend.run());
        HBox line = new HBox(label, link);
        line.getStyleClass().add("class-reading-line");
        getChildren().add(line);
    }
}
