package promedio.desktop.model.reading;

import java.nio.file.Path;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import promedio.core.assignment.Original;
import promedio.core.data.Column;
import promedio.core.data.PointedOut;
import promedio.core.data.Summary;
import promedio.core.data.Table;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.desk.Place;
import promedio.desktop.model.desk.Progress;
import promedio.desktop.text.Words;
import promedio.files.InputProblem;
import promedio.files.table.ReadingOptions;
import promedio.files.table.TableFile;
import promedio.files.table.TableFiles;

/**
 * A file on the page on which it is shown how it was read, until its columns are taken. What is said about it is changed there,
 * and it is read again, off the thread of the window: the first rows at once, then all of it.
 */
public final class FileReading {
    private static final int FIRST_ROWS = 2_000;
    /** More columns than these are not wanted unless somebody says so. */
    private static final int MOST_WANTED = 12;

    private final Desk desk;
    private final BooleanProperty busy;
    private final ReadOnlyObjectWrapper<State> state = new ReadOnlyObjectWrapper<>();
    private Progress run = new Progress();
    /** What is said by now, though it may not be read so as yet. */
    private ReadingOptions said = ReadingOptions.GUESSED;

    private long asked;
    private Taker taking;
    /** What stood in the rows that are left out: read otherwise, another row may have their number. */
    private final Map<Integer, List<String>> outTexts = new HashMap<>();

    FileReading(Desk desk, BooleanProperty busy) {
        this.desk = desk;
        this.busy = busy;
        desk.looking().overProperty().addListener((property, before, now) -> {
            if (now != Place.READING) {
                putAway();
            }
        });
    }

    /**
     * What the page shows.
     *
     * @param path the file
     * @param options what is said about how it is read
     * @param file as it was read; of a file that is being read its first rows
     * @param whole whether all of it is read
     * @param summaries its columns in short, once they are worked out
     * @param problem why it cannot be read so
     * @param wanted the columns to be taken, by name
     * @param leftOut rows that are not to be taken, from 0
     */
    public record State(
            Path path,
            ReadingOptions options,
            Optional<TableFile> file,
            boolean whole,
            List<Summary> summaries,
            Optional<String> problem,
            Set<String> wanted,
            Set<Integer> leftOut) {
        /** Copies what can change. */
        public State {
            summaries = List.copyOf(summaries);
            wanted = java.util.Collections.unmodifiableSet(new LinkedHashSet<>(wanted));
            leftOut = java.util.Collections.unmodifiableSet(new TreeSet<>(leftOut));
        }

        /** The columns that would be taken. */
        public List<Column> taken() {
            return file.map(TableFile::table).stream()
                    .flatMap(table -> table.columns().stream())
                    .filter(column -> wanted.contains(column.name()))
                    .filter(Column.OfNumbers.class::isInstance)
                    .toList();
        }

        private State with(List<Summary> inShort) {
            return new State(path, options, file, whole, inShort, problem, wanted, leftOut);
        }

        private State wanting(Set<String> names) {
            return new State(path, options, file, whole, summaries, problem, names, leftOut);
        }

        private State without(Set<Integer> rows) {
            return new State(path, options, file, whole, summaries, problem, wanted, rows);
        }
    }

    /** What came of reading. */
    private record Read(Optional<TableFile> file, boolean whole, Optional<String> problem) {
        static Read of(Work work) {
            try {
                return work.read();
            } catch (InputProblem problem) {
                return new Read(Optional.empty(), true, Optional.of(Words.of(problem.sentence())));
            }
        }

        interface Work {
            Read read() throws InputProblem;
        }
    }

    /** What the page shows; null where no file is on it. */
    public ReadOnlyObjectProperty<State> stateProperty() {
        return state.getReadOnlyProperty();
    }

    /** How much of the file is read, from 0 to 1; negative where that is not known. */
    public double progress() {
        return run.share();
    }

    /** Puts a file on the page as it was read. */
    void open(Path path, TableFiles.Head head) {
        begin();
        show(
                path,
                ReadingOptions.GUESSED,
                new Read(Optional.of(head.file()), head.whole(), Optional.empty()),
                Optional.empty());
        if (!head.whole()) {
            readAll(path, ReadingOptions.GUESSED);
        }
    }

    /** Puts a file on the page that cannot be read as it shows itself: it can be said there how it is to be read. */
    void open(Path path, String problem) {
        begin();
        Read read = new Read(Optional.empty(), true, Optional.of(problem));
        show(path, ReadingOptions.GUESSED, read, Optional.empty());
    }

    private void begin() {
        said = ReadingOptions.GUESSED;
        asked++;
    }

    /** Changes what is said about how the file is read, and reads it again. */
    public void say(UnaryOperator<ReadingOptions> change) {
        State before = state.get();
        ReadingOptions options = change.apply(said);
        said = options;
        long mine = ++asked;
        run.stop();
        desk.inBackground(
                Lane.READING,
                () -> Read.of(() -> {
                    TableFiles.Head head = TableFiles.head(before.path(), options, FIRST_ROWS);
                    return new Read(Optional.of(head.file()), head.whole(), Optional.empty());
                }),
                read -> {
                    boolean latest = mine == asked
                            && state.get() != null
                            && state.get().path().equals(before.path());
                    if (latest) {
                        show(before.path(), options, read, Optional.of(state.get()));
                        if (!read.whole()) {
                            readAll(before.path(), options);
                        }
                    }
                },
                () -> {});
    }

    private void readAll(Path path, ReadingOptions options) {
        run.stop();
        Progress mine = new Progress();
        run = mine;
        desk.inBackground(
                Lane.READING,
                () -> Read.of(
                        () -> new Read(Optional.of(TableFiles.read(path, options, mine)), true, Optional.empty())),
                read -> {
                    if (run == mine && !mine.isStopped() && state.get() != null) {
                        show(path, options, read, Optional.of(state.get()));
                        if (taking != null) {
                            take(taking);
                        }
                    }
                },
                this::close);
    }

    /** Shows what was read; of columns that were there before it stays said whether they are wanted. */
    private void show(Path path, ReadingOptions options, Read read, Optional<State> before) {
        Set<String> wanted = new LinkedHashSet<>();
        Set<String> known = before.flatMap(State::file).stream()
                .flatMap(file -> file.table().columns().stream())
                .filter(Column.OfNumbers.class::isInstance)
                .map(Column::name)
                .collect(Collectors.toSet());
        Set<String> coded = read.file().stream()
                .flatMap(file -> file.reading().pointedOut().stream())
                .filter(notice -> notice.what().equals("coded-category"))
                .flatMap(notice -> notice.column().stream())
                .collect(Collectors.toSet());
        for (Column column : read.file().map(file -> file.table().columns()).orElse(List.of())) {
            boolean chosen = known.contains(column.name())
                    ? before.orElseThrow().wanted().contains(column.name())
                    : wanted.size() < MOST_WANTED
                            && column instanceof Column.OfNumbers numbers
                            && !numbers.isNumbering()
                            && !coded.contains(column.name());
            if (chosen) {
                wanted.add(column.name());
            }
        }
        Set<Integer> leftOut = before.map(State::leftOut).orElse(Set.of()).stream()
                .filter(row -> isSame(row, read))
                .collect(Collectors.toSet());
        State now = new State(path, options, read.file(), read.whole(), List.of(), read.problem(), wanted, leftOut);
        state.set(now);
        desk.looking().layOver(Place.READING);
        read.file()
                .filter(file -> read.whole())
                .ifPresent(file -> desk.inBackground(
                        Lane.READING,
                        () -> file.table().columns().stream().map(Summary::of).toList(),
                        summaries -> {
                            State present = state.get();
                            if (present != null && present.file().equals(now.file())) {
                                state.set(present.with(summaries));
                            }
                        },
                        () -> {}));
    }

    /** Whether a row that was left out is still that row; one behind those that are read as yet may be. */
    private boolean isSame(int row, Read read) {
        return read.file()
                .map(TableFile::table)
                .map(table -> row < table.rows() ? table.row(row).equals(outTexts.get(row)) : !read.whole())
                .orElse(false);
    }

    /** Wants a column, or does not want it any more. */
    public void want(String column, boolean wanted) {
        Set<String> names = new LinkedHashSet<>(state.get().wanted());
        if (wanted) {
            names.add(column);
        } else {
            names.remove(column);
        }
        state.set(state.get().wanting(names));
    }

    /** Leaves a row out, or takes it after all. */
    public void leaveOut(int row, boolean out) {
        Set<Integer> rows = new TreeSet<>(state.get().leftOut());
        if (out) {
            rows.add(row);
            state.get().file().ifPresent(file -> outTexts.put(row, file.table().row(row)));
        } else {
            rows.remove(row);
        }
        state.set(state.get().without(rows));
    }

    /** Whether a row that is pointed out as a total is left out. */
    public boolean isLeftOut(PointedOut notice) {
        return notice.row().isPresent()
                && state.get().leftOut().contains((int) notice.row().getAsLong() - 1);
    }

    /** What becomes of a file that is taken. */
    interface Taker {
        /**
         * Takes it.
         *
         * @param off rows that are left out, from 0
         * @param columns the places of the columns that are wanted
         */
        void take(Path file, Original original, SortedSet<Integer> off, List<Integer> columns);
    }

    /** Takes the file as it is read; while rows are still being read it waits for them. */
    void take(Taker taker) {
        State present = state.get();
        if (present == null || present.file().isEmpty()) {
            return;
        }
        if (!present.whole()) {
            taking = taker;
            return;
        }
        taking = null;
        Progress mine = new Progress();
        run = mine;
        busy.set(true);
        String said = Words.of("message.reading", present.path().getFileName());
        desk.say(said);
        desk.inBackground(
                Lane.READING,
                () -> Kept.of(() -> desk.originals().take(present.path(), present.options(), mine)),
                kept -> {
                    busy.set(false);
                    if (run != mine || mine.isStopped()) {
                        if (desk.messageProperty().get().equals(said)) {
                            desk.say("");
                        }
                        return;
                    }
                    desk.say(kept.problem().orElse(""));
                    kept.original().ifPresent(original -> {
                        close();
                        take(present, original, taker);
                    });
                },
                () -> busy.set(false));
    }

    private static void take(State present, Original original, Taker taker) {
        Table table = original.read().table();
        List<Integer> columns = present.taken().stream()
                .map(column -> table.indexOf(column.name()))
                .filter(index -> index >= 0)
                .toList();
        TreeSet<Integer> off = new TreeSet<>(present.leftOut());
        off.removeIf(row -> row >= table.rows());
        taker.take(present.path(), original, off, columns);
    }

    /** What came of keeping a file. */
    private record Kept(Optional<Original> original, Optional<String> problem) {
        static Kept of(Keeping work) {
            try {
                return new Kept(Optional.of(work.keep()), Optional.empty());
            } catch (InputProblem problem) {
                return new Kept(Optional.empty(), Optional.of(Words.of(problem.sentence())));
            }
        }

        interface Keeping {
            Original keep() throws InputProblem;
        }
    }

    /** Whether the columns are taken as soon as all rows are read. */
    public boolean isTaking() {
        return taking != null;
    }

    /** Puts the file away; reading stops. */
    public void close() {
        putAway();
        desk.looking().lift(Place.READING);
    }

    private void putAway() {
        taking = null;
        run.stop();
        state.set(null);
    }
}
