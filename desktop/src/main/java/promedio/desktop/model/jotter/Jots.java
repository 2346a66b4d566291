package promedio.desktop.model.jotter;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;
import promedio.core.assignment.Interpretation;
import promedio.core.assignment.JotEdit;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CourseCard;
import promedio.core.data.Entries;
import promedio.core.jotter.Jotted;
import promedio.core.jotter.Jotter;
import promedio.core.jotter.Jotting;
import promedio.core.jotter.Lists;
import promedio.core.jotter.Sought;
import promedio.core.language.Fault;
import promedio.core.language.Grammar;
import promedio.core.language.Place;
import promedio.core.number.Numerals;
import promedio.core.sample.Sample;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Sentence;
import promedio.core.vector.Numbers;
import promedio.core.vector.Register;
import promedio.core.vector.Vector;
import promedio.core.vector.Vectors;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.desk.Part;
import promedio.desktop.text.Words;

/** The jotter of the desk: what is asked is worked out off the thread of the window, and kept in the assignment. */
public final class Jots implements Part {
    private static final long MOST_VALUES = 5_000_000;
    private static final int LONGEST_NAME = 40;
    private static final Jotting NOTHING = new Jotting("", "", "", false);

    private final Desk desk;
    private final ReadOnlyObjectWrapper<Jotted> looked = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyBooleanWrapper asking = new ReadOnlyBooleanWrapper();
    private final AtomicLong work = new AtomicLong();
    private final ThreadLocal<Long> mine = ThreadLocal.withInitial(() -> -1L);
    private final Jotter jotter = new Jotter(ThreadLocalRandom.current().nextInt(Integer.MAX_VALUE), this::goOn);
    private final Map<String, Known> known = new ConcurrentHashMap<>();
    /** The line whose result the jotter calls the last one. */
    private volatile Jotting last;

    private record Known(SampleSheet sheet, CourseCard card, Vector list) {}

    /** The jotter of a desk. */
    public Jots(Desk desk) {
        this.desk = desk;
    }

    @Override
    public void forget() {
        stop();
        known.clear();
        looked.set(null);
    }

    /** Stops what is being worked out. */
    public void stop() {
        work.incrementAndGet();
        asking.set(false);
    }

    private void goOn() {
        if (mine.get() != work.get()) {
            throw new CancellationException();
        }
    }

    /** What was asked, the last at the end. */
    public List<Jotting> lines() {
        return desk.assignment().jotter();
    }

    /** What comes of the line that is being written; null for nothing. */
    public ReadOnlyObjectProperty<Jotted> lookedProperty() {
        return looked.getReadOnlyProperty();
    }

    /** Whether something is being worked out. */
    public ReadOnlyBooleanProperty askingProperty() {
        return asking.getReadOnlyProperty();
    }

    /** The names that can be used: those of samples. */
    public List<String> names() {
        return sheets(desk.assignment()).stream().map(SampleSheet::name).toList();
    }

    /** Samples with a name that no earlier one has. */
    private static List<SampleSheet> sheets(Assignment assignment) {
        return List.copyOf(assignment.sheets().stream()
                .filter(sheet -> !sheet.name().isBlank())
                .collect(Collectors.toMap(
                        SampleSheet::name, sheet -> sheet, (first, other) -> first, java.util.LinkedHashMap::new))
                .values());
    }

    /** Works out what is being written, to be shown while it is. */
    public void look(String text) {
        if (text.isBlank()) {
            stop();
            looked.set(null);
            return;
        }
        work(text, false, looked::set);
    }

    /** Works a line out; one that makes sense is kept, any other stays to be mended. */
    public void ask(String text, Consumer<Boolean> kept) {
        work(text, true, jotted -> {
            boolean sense = jotted.fault().isEmpty();
            looked.set(sense ? null : jotted);
            if (sense) {
                Jotting line = jotted.kept(Vectors.DIGITS);
                last = line;
                desk.make(new JotEdit.Jot(line));
                jotted.told().stream().findFirst().map(Words::of).ifPresent(desk::say);
            }
            kept.accept(sense);
        });
    }

    private void work(String text, boolean ask, Consumer<Jotted> done) {
        Assignment assignment = desk.assignment();
        Optional<Fault> covered = covered(assignment, text);
        if (covered.isPresent()) {
            done.accept(new Jotted(text, Optional.empty(), covered, List.of()));
            return;
        }
        long turn = work.incrementAndGet();
        asking.set(true);
        Optional<Jotting> before = lastResult(assignment);
        desk.inBackground(
                Lane.JOTTING,
                () -> {
                    mine.set(turn);
                    try {
                        if (!before.equals(Optional.ofNullable(last))) {
                            recall(before, assignment);
                        }
                        Lists lists = new Named(assignment, text.length());
                        return Optional.of(
                                ask
                                        ? jotter.ask(text, lists, assignment.card())
                                        : jotter.look(text, lists, assignment.card()));
                    } catch (CancellationException stopped) {
                        return Optional.<Jotted>empty();
                    }
                },
                jotted -> {
                    if (turn == work.get()) {
                        asking.set(false);
                        jotted.ifPresent(done);
                    }
                },
                () -> asking.set(false));
    }

    private static Optional<Jotting> lastResult(Assignment assignment) {
        List<Jotting> lines = assignment.jotter();
        for (int i = lines.size() - 1; i >= 0; i--) {
            if (!lines.get(i).result().isEmpty()) {
                return Optional.of(lines.get(i));
            }
        }
        return Optional.empty();
    }

    /** Makes the last line with a result the one that “it” means, after an undo or in another assignment. */
    private void recall(Optional<Jotting> line, Assignment assignment) {
        jotter.recall(line.orElse(NOTHING), assignment.card());
        last = line.orElse(null);
    }

    /** A measure whose figure is covered is not found out here. */
    private static Optional<Fault> covered(Assignment assignment, String text) {
        if (!assignment.asking().covered()) {
            return Optional.empty();
        }
        for (Sought sought : Sought.within(text)) {
            Optional<SampleSheet> sheet = sheet(assignment, sought.of().orElseThrow());
            if (sheet.isPresent() && assignment.covers(sheet.get().id(), sought.question())) {
                return Optional.of(Fault.of(
                        new Place(0, text.length()),
                        "jotter.covered",
                        sought.question().replace('-', ' '),
                        sheet.get().name()));
            }
        }
        return Optional.empty();
    }

    private static Optional<SampleSheet> sheet(Assignment assignment, String name) {
        List<SampleSheet> all = sheets(assignment);
        return all.stream()
                .filter(sheet -> sheet.name().equals(name))
                .findFirst()
                .or(() -> all.stream()
                        .filter(sheet -> sheet.name().equalsIgnoreCase(name))
                        .findFirst());
    }

    /** Samples as lists; each is read when it is asked for, and then known. */
    private final class Named implements Lists {
        private final Assignment assignment;
        private final int length;

        Named(Assignment assignment, int length) {
            this.assignment = assignment;
            this.length = length;
        }

        @Override
        public List<String> names() {
            return sheets(assignment).stream().map(SampleSheet::name).toList();
        }

        @Override
        public Vector list(String name) {
            SampleSheet sheet = sheet(assignment, name).orElseThrow();
            Known before = known.get(sheet.id());
            if (before != null && before.sheet() == sheet && before.card().equals(assignment.card())) {
                return before.list();
            }
            Vector list = read(sheet);
            known.put(sheet.id(), new Known(sheet, assignment.card(), list));
            return list;
        }

        private Vector read(SampleSheet sheet) {
            Place whole = new Place(0, length);
            if (!sheet.can(Use.LISTED)) {
                throw Fault.of(whole, "jotter.no-list." + sheet.kind().id(), sheet.name());
            }
            Sample sample = Interpretation.of(sheet, assignment.card()).sample();
            boolean large = sample.count().toDouble() > MOST_VALUES;
            if (sample.isEmpty() || large) {
                throw Fault.of(whole, large ? "jotter.too-large" : "jotter.nothing", sheet.name());
            }
            Sample each = sample.weighted() ? sample.expanded() : sample;
            Numbers.Builder numbers = new Numbers.Builder(each.rows());
            Register register = new Register();
            for (int row = 0; row < each.rows(); row++) {
                register.figure(each.value(row));
                numbers.add(register);
            }
            return numbers.build();
        }
    }

    /** Takes a line out by its place from 0. */
    public void take(int row) {
        desk.make(new JotEdit.Unjot(row));
    }

    /** Takes all lines out. */
    public void clear() {
        desk.make(new JotEdit.Unjot(-1));
    }

    /** Whether a line asks for a measure that has a working. */
    public boolean hasWorking(Jotting line) {
        return Sought.of(line.asked())
                .filter(sought -> sought.of().isEmpty()
                        || sheet(desk.assignment(), sought.of().get()).isPresent())
                .isPresent();
    }

    /** Opens the working of the measure that a line asks for; a list that is written out is put on the shelf for that. */
    public void openWorking(Jotting line) {
        Sought.of(line.asked()).ifPresent(sought -> {
            Optional<String> sample =
                    sought.of().flatMap(name -> sheet(desk.assignment(), name)).map(SampleSheet::id);
            if (sought.of().isEmpty()) {
                work(sought.list(), false, list -> openWorking(sought, toShelf(list.kept(Vectors.DIGITS))));
            } else {
                openWorking(sought, sample);
            }
        });
    }

    private void openWorking(Sought sought, Optional<String> sample) {
        sample.ifPresent(id -> desk.open(id, sought.question()));
    }

    /** Puts a list on the shelf as a sample. */
    public Optional<String> toShelf(Jotting line) {
        if (!line.isList()) {
            return Optional.empty();
        }
        Numerals numerals = desk.assignment().card().numerals();
        Entries.Builder entries = new Entries.Builder();
        for (String value :
                line.result().substring(1, line.result().length() - 1).split(", ", -1)) {
            entries.add(value.equals("missing") ? "" : number(value, numerals));
        }
        String id = desk.assignment().freshId();
        String name = line.asked().length() <= LONGEST_NAME
                ? line.asked()
                : line.asked().substring(0, LONGEST_NAME - 1) + "…";
        desk.make(
                new Edit.AddSheet(desk.assignment().sheets().size(), SampleSheet.list(id, name, "", entries.build())));
        desk.select(id);
        return Optional.of(id);
    }

    /** The result as the course writes numbers, to be copied or written as an answer. */
    public String written(Jotting line) {
        return number(line.result(), desk.assignment().card().numerals());
    }

    private static String number(String text, Numerals numerals) {
        return Numerals.POINT.read(text).isPresent() && numerals.decimalMark() == ',' ? text.replace('.', ',') : text;
    }

    /** Writes a result as the answer to a question of the chosen sample. */
    public void answer(Jotting line, String question) {
        desk.margin().answer(question, written(line));
    }

    /** What is said of a line that is being written, when nothing can be done with it as yet. */
    public static Optional<Sentence> fault(Jotted jotted) {
        return jotted == null ? Optional.empty() : jotted.fault().map(Fault::sentence);
    }

    /** A name as it is written in a formula. */
    public static String name(String sample) {
        return Grammar.name(sample);
    }
}
