package promedio.desktop.model.table;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import promedio.core.assignment.DataTable;
import promedio.core.assignment.Edit;
import promedio.core.assignment.TableEdit;
import promedio.core.course.CourseCard;
import promedio.core.language.Fault;
import promedio.core.sentence.Sentence;
import promedio.core.trail.Offers;
import promedio.core.trail.Prepared;
import promedio.core.trail.Sources;
import promedio.core.trail.Trail;
import promedio.core.trail.Walk;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.desk.Latest;
import promedio.desktop.model.desk.Part;
import promedio.desktop.model.desk.Progress;
import promedio.desktop.text.Words;
import promedio.files.trail.Walks;

/** The trail of the chosen table: walked off the thread of the window, step by step looked at, changed, tried, and run again. */
public final class TableTrail implements Part {
    private final Desk desk;
    private final ReadOnlyObjectWrapper<Trodden> trodden = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Tried> tried = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyBooleanWrapper walking = new ReadOnlyBooleanWrapper();
    private DataTable asked;
    private CourseCard askedCard;
    private final Walks walks = new Walks();
    private final ColumnValues values;
    private final Joins joins;
    /** Changes that wait for tables that they join; later ones wait behind them. */
    private int waiting;
    /** The state looked at: 0 before the first step; −1 for the last there is. */
    private int wanted = -1;

    private String wantedOf = "";
    private final Latest walk;
    private final Latest trying;

    /** The trails of a desk. */
    public TableTrail(Desk desk) {
        this.desk = desk;
        walk = new Latest(desk, Lane.WALKING);
        trying = new Latest(desk, Lane.WALKING);
        values = new ColumnValues(desk);
        joins = new Joins(desk);
    }

    /** The tables that steps join. */
    public Joins joins() {
        return joins;
    }

    /**
     * A trail as it was walked.
     *
     * @param table the table
     * @param walk the tables after each step
     * @param looked which of them is looked at: 0 before the first step
     */
    public record Trodden(DataTable table, Walk walk, int looked) {
        /** The table that is looked at. */
        public Prepared state() {
            return walk.states().get(looked);
        }

        /** Whether the table is looked at as it is before any step. */
        public boolean isOriginal() {
            return looked == 0;
        }
    }

    /**
     * A sentence that was tried as the next step.
     *
     * @param before the table that it was tried on
     * @param text the sentence
     * @param after what it makes; empty where it does not fit
     * @param told what it tells
     * @param fault what is wrong with it
     */
    public record Tried(
            Prepared before, String text, Optional<Prepared> after, List<Sentence> told, Optional<Fault> fault) {
        /** Copies the sentences. */
        public Tried {
            told = List.copyOf(told);
        }
    }

    /** The trail of the chosen table; null while it is not walked. */
    public ReadOnlyObjectProperty<Trodden> troddenProperty() {
        return trodden.getReadOnlyProperty();
    }

    /** What is tried as the next step; null for nothing. */
    public ReadOnlyObjectProperty<Tried> triedProperty() {
        return tried.getReadOnlyProperty();
    }

    /** The values of the columns of the table that is looked at. */
    public ColumnValues values() {
        return values;
    }

    /** Whether steps are being walked. */
    public ReadOnlyBooleanProperty walkingProperty() {
        return walking.getReadOnlyProperty();
    }

    /** Brings it up to date with the assignment. */
    @Override
    public void refresh() {
        DataTable table = desk.table().orElse(null);
        CourseCard card = desk.assignment().card();
        if (table == null) {
            leave();
            return;
        }
        if (table == asked && card.equals(askedCard)) {
            return;
        }
        if (!table.id().equals(wantedOf)) {
            wantedOf = table.id();
            wanted = -1;
            tried.set(null);
        }
        asked = table;
        askedCard = card;
        walk(table, card);
    }

    /** Forgets what was shown of another assignment. */
    @Override
    public void forget() {
        walks.keep(List.of());
        joins.forget();
        wantedOf = "";
        leave();
    }

    private void leave() {
        asked = null;
        walk.stop();
        walking.set(false);
        trodden.set(null);
        tried.set(null);
        values.forget();
    }

    private void walk(DataTable table, CourseCard card) {
        walking.set(true);
        walk.run(
                new Progress(),
                mine -> walked(table, card, mine::pause),
                made -> {
                    walking.set(false);
                    show(table, made);
                },
                () -> {
                    walking.set(false);
                    asked = null;
                });
    }

    /** Another trail from where one of a table that was walked begins. */
    static Walk alongFrom(DataTable table, Walk walked, Trail other, CourseCard card) {
        return walked.along(other, card, table.sources(), () -> {});
    }

    /** What the steps of a table make, walked only from the first that differs from when it was walked last. */
    Walk walked(DataTable table, CourseCard card) {
        return walked(table, card, () -> {});
    }

    private Walk walked(DataTable table, CourseCard card, Runnable pause) {
        return walks.of(table, card, pause);
    }

    /** Stops walking; the table is shown as it was walked before. */
    public void stop() {
        walk.stop();
        walking.set(false);
        desk.say(Words.of("trail.stopped"));
    }

    private void show(DataTable table, Walk walked) {
        int last = walked.states().size() - 1;
        int looked = wanted < 0 ? last : Math.min(wanted, last);
        trodden.set(new Trodden(table, walked, looked));
    }

    /** Looks at the table after so many steps. */
    public void look(int steps) {
        Trodden now = trodden.get();
        if (now != null) {
            wanted = steps == now.walk().states().size() - 1 ? -1 : steps;
            trodden.set(new Trodden(
                    now.table(), now.walk(), Math.min(steps, now.walk().states().size() - 1)));
            tried.set(null);
        }
    }

    private void change(UnaryOperator<List<Trail.Line>> change) {
        change(List.of(), List.of(), change);
    }

    /**
     * Changes the steps of the chosen table; what new ones join is read first, and changes that come meanwhile follow behind.
     *
     * @param texts the new steps
     * @param folders where the files may lie that they name, besides where the person is
     */
    private void change(List<String> texts, List<Path> folders, UnaryOperator<List<Trail.Line>> change) {
        desk.table().ifPresent(table -> {
            Map<String, String> wanted = Joins.wanted(table, texts);
            if (wanted.isEmpty() && waiting == 0) {
                make(table.id(), Map.of(), change);
                return;
            }
            List<Path> all = new ArrayList<>(folders);
            all.addAll(joins.folders(table));
            waiting++;
            long lying = joins.laid();
            desk.inBackground(
                    Lane.WALKING,
                    () -> joins.found(wanted, all),
                    found -> {
                        waiting--;
                        if (lying == joins.laid()) {
                            make(table.id(), found, change);
                        }
                    },
                    () -> waiting--);
        });
    }

    private void make(String tableId, Map<String, Joins.Found> found, UnaryOperator<List<Trail.Line>> change) {
        desk.assignment().table(tableId).ifPresent(table -> {
            List<Trail.Line> lines = change.apply(new ArrayList<>(table.trail().steps()));
            List<Edit> edits = new ArrayList<>();
            edits.add(new TableEdit.Prepare(tableId, table.trail().with(lines).written()));
            edits.addAll(joins.edits(tableId, found));
            desk.make(edits.size() == 1 ? edits.get(0) : new Edit.Together("trail", edits));
            found.values().stream()
                    .map(Joins.Found::why)
                    .filter(why -> !why.isEmpty())
                    .forEach(desk::say);
        });
    }

    /** Adds a step behind the one that is looked at, or is about to be, and looks at it. */
    public void add(String text) {
        tried.set(null);
        change(List.of(text), List.of(), lines -> {
            int place = Math.min(place(lines.size()), lines.size());
            lines.add(place, Trail.Line.of(text));
            wanted = place + 1 == lines.size() ? -1 : place + 1;
            return lines;
        });
    }

    /** Where the next step belongs; steps that are still being walked count, though what they make is not seen yet. */
    private int place(int steps) {
        Trodden now = trodden.get();
        boolean walked = now != null && desk.table().equals(Optional.of(now.table()));
        return walked ? now.looked() : wanted < 0 ? steps : wanted;
    }

    /** Writes another sentence into a step, told by its place from 0. */
    public void rewrite(int step, String text) {
        tried.set(null);
        change(List.of(text), List.of(), lines -> {
            Trail.Line line = lines.get(step);
            lines.set(step, new Trail.Line(text, line.off(), line.note()));
            return lines;
        });
    }

    /** Switches a step off, or on again. */
    public void turn(int step, boolean off) {
        changeLine(step, line -> new Trail.Line(line.text(), off, line.note()));
    }

    /** Writes a note above a step; none for an empty text. */
    public void note(int step, String note) {
        changeLine(step, line -> new Trail.Line(line.text(), line.off(), note));
    }

    private void changeLine(int step, UnaryOperator<Trail.Line> change) {
        change(lines -> {
            lines.set(step, change.apply(lines.get(step)));
            return lines;
        });
    }

    /** Takes a step out. */
    public void remove(int step) {
        change(lines -> {
            lines.remove(step);
            return lines;
        });
    }

    /** Moves a step up or down by one. */
    public void move(int step, int by) {
        change(lines -> {
            int to = Math.max(0, Math.min(lines.size() - 1, step + by));
            lines.add(to, lines.remove(step));
            wanted = to + 1;
            return lines;
        });
    }

    /** Tries a sentence as the next step; nothing for an empty one. */
    public void tryOut(String text) {
        tryOut(text, -1);
    }

    /**
     * Tries a sentence in place of a step.
     *
     * @param step its place from 0; −1 for a new one behind what is looked at
     */
    public void tryOut(String text, int step) {
        Trodden now = trodden.get();
        trying.stop();
        if (now == null || text.isBlank()) {
            tried.set(null);
            return;
        }
        Prepared before = step < 0
                ? now.state()
                : now.walk().states().get(Math.min(step, now.walk().states().size() - 1));
        CourseCard card = desk.assignment().card();
        Sources sources = joins.trying(now.table());
        trying.run(
                new Progress(),
                mine -> Walk.of(before, card).along(Trail.of(text), card, sources, mine::pause),
                walked -> {
                    boolean fits = walked.fault().isEmpty();
                    tried.set(new Tried(
                            before,
                            text,
                            fits ? Optional.of(walked.last()) : Optional.empty(),
                            fits ? walked.told().get(0) : List.of(),
                            walked.fault()));
                },
                () -> {});
    }

    /** Hands over the steps that fit a column of the table that is looked at. */
    public void offers(String column, Consumer<List<String>> done) {
        Trodden now = trodden.get();
        if (now != null && now.state().names().contains(column)) {
            desk.inBackground(Lane.WALKING, () -> Offers.of(now.state(), column), done, () -> {});
        }
    }

    /** Hands over the steps that fit some cells of a column of the table that is looked at, told by their rows. */
    public void offers(String column, int[] rows, Consumer<List<String>> done) {
        Trodden now = trodden.get();
        if (now != null && now.state().names().contains(column)) {
            desk.inBackground(Lane.WALKING, () -> Offers.of(now.state(), column, rows), done, () -> {});
        }
    }

    /** Hands over the steps that fit one value of a column of the table that is looked at, told as it is looked at. */
    public void offers(String column, String value, Consumer<List<String>> done) {
        Trodden now = trodden.get();
        if (now != null && now.state().names().contains(column)) {
            desk.inBackground(Lane.WALKING, () -> Offers.of(now.state(), column, value), done, () -> {});
        }
    }

    /** Adds steps behind all there are: one edit. */
    public void append(List<String> texts) {
        wanted = -1;
        change(texts, List.of(), lines -> {
            texts.forEach(text -> lines.add(Trail.Line.of(text)));
            return lines;
        });
    }

    /** Takes other steps instead of those of the table; files that they name may lie beside theirs. */
    void take(Trail other, Path folder) {
        wanted = -1;
        List<String> texts = other.steps().stream().map(Trail.Line::text).toList();
        change(texts, List.of(folder), lines -> other.steps());
    }
}
