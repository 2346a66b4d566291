package promedio.desktop.model.table;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import promedio.core.course.CourseCard;
import promedio.core.data.Column;
import promedio.core.measure.Catalogue;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.desk.Latest;

/** The columns that are ticked of the chosen table: measures of them beside each other, and one along each row. */
public final class Ticked {
    private static final int MOST_TICKED = 8;
    private static final List<String> FIRST_QUESTIONS = List.of("mean", "sd", "median", "quartile-1", "quartile-3");

    private final Desk desk;
    private final ReadOnlyObjectProperty<TableFigures> figures;
    private final ReadOnlyObjectWrapper<SideBySide> sideBySide = new ReadOnlyObjectWrapper<>();
    private final List<String> questions = new ArrayList<>(FIRST_QUESTIONS);
    private final TreeSet<Integer> ticked = new TreeSet<>();
    private final SideBySide.Memory memory = new SideBySide.Memory();
    private final ReadOnlyObjectWrapper<Along> along = new ReadOnlyObjectWrapper<>();
    private String alongQuestion = "";
    private CourseCard askedCard;
    private final Latest comparing;

    Ticked(Desk desk, ReadOnlyObjectProperty<TableFigures> figures) {
        this.desk = desk;
        comparing = new Latest(desk, Lane.WALKING);
        this.figures = figures;
    }

    /** Forgets what was worked out of another table. */
    void forget() {
        sideBySide.set(null);
        alongQuestion = "";
        along.set(null);
        memory.forget();
    }

    /** The columns of measured numbers: not those that only number the rows, nor codes. */
    void tickFirst(TableFigures made) {
        ticked.clear();
        List<String> coded = made.table().original().read().pointedOut().stream()
                .filter(notice -> notice.what().equals("coded-category"))
                .flatMap(notice -> notice.column().stream())
                .toList();
        for (int i = 0; i < made.all().columns().size() && ticked.size() < MOST_TICKED; i++) {
            if (made.all().columns().get(i) instanceof Column.OfNumbers numbers
                    && !numbers.isNumbering()
                    && !coded.contains(numbers.name())) {
                ticked.add(i);
            }
        }
    }

    /** Measures of the ticked columns beside each other; null while they are not worked out. */
    public ReadOnlyObjectProperty<SideBySide> sideBySideProperty() {
        return sideBySide.getReadOnlyProperty();
    }

    /** The columns that are ticked, to be compared and to be taken along each row. */
    public SortedSet<Integer> columns() {
        return Collections.unmodifiableSortedSet(ticked);
    }

    /** Ticks a column, or not any more. */
    public void tick(int column, boolean on) {
        if (on ? ticked.add(column) : ticked.remove(column)) {
            compare();
        }
    }

    /** Ticks these columns, and no others. */
    public void tickAll(Set<Integer> columns) {
        if (!ticked.equals(columns)) {
            ticked.clear();
            ticked.addAll(columns);
            compare();
        }
    }

    /** The measure that stands beside each row; null for none. */
    public ReadOnlyObjectProperty<Along> alongProperty() {
        return along.getReadOnlyProperty();
    }

    /** Puts a measure of the ticked columns beside each row; an empty question takes it away. */
    public void along(String question) {
        alongQuestion = question;
        showAlong();
    }

    private void showAlong() {
        TableFigures shown = figures.get();
        CourseCard card = desk.assignment().card();
        along.set(
                shown == null || ticked.isEmpty()
                        ? null
                        : Catalogue.lists()
                                .find(alongQuestion, card)
                                .map(measure -> new Along(shown, List.copyOf(ticked), measure, card))
                                .orElse(null));
    }

    /** Puts a measure beside the others, or takes it away. */
    public void compareBy(String question, boolean on) {
        if (on ? !questions.contains(question) && questions.add(question) : questions.remove(question)) {
            compare();
        }
    }

    /** Compares anew where the conventions are others than when it was done last. */
    void follow(CourseCard card) {
        if (!card.equals(askedCard)) {
            compare();
        }
    }

    /** Works out anew what stands beside each other. */
    void compare() {
        TableFigures shown = figures.get();
        if (shown == null) {
            return;
        }
        showAlong();
        CourseCard card = desk.assignment().card();
        askedCard = card;
        TreeSet<Integer> columns = new TreeSet<>(ticked);
        List<String> lines = List.copyOf(questions);
        comparing.run(() -> SideBySide.of(shown, columns, lines, card, memory), made -> {
            if (figures.get() == shown) {
                sideBySide.set(made);
            }
        });
    }
}
