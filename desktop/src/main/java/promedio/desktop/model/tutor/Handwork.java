package promedio.desktop.model.tutor;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import promedio.core.assignment.Assignment;
import promedio.core.ownwork.CellMark.Verdict;
import promedio.core.ownwork.CellSlip;
import promedio.core.ownwork.OwnSaid;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.desk.Latest;
import promedio.desktop.model.desk.Part;
import promedio.desktop.model.desk.Progress;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.model.own.OwnMarked;
import promedio.desktop.text.Words;
import promedio.files.InputProblem;
import promedio.files.answers.CollectedWorkings;
import promedio.files.answers.GivenWorking;

/** What a class worked by hand, marked in one go for the tutor. */
public final class Handwork implements Part {
    /**
     * A working of a student with its marks.
     *
     * @param who the student
     * @param marked the working
     */
    public record Handed(String who, OwnMarked marked) {
        /** Where it goes wrong first; empty where it does not, or nobody can say where. */
        public Optional<OwnSaid.Said> first() {
            return marked.mistakes().stream().filter(OwnSaid.Said::first).findFirst();
        }

        /** How many cells and totals have which verdict. */
        public Map<Verdict, Integer> counts() {
            return marked.marks().summary();
        }

        /** The mistake by its id that it goes wrong by first; empty where none is known. */
        public Optional<String> slip() {
            return first().flatMap(OwnSaid.Said::place)
                    .flatMap(place -> marked.marks().at(place))
                    .flatMap(mark -> mark.slip())
                    .map(CellSlip::id);
        }
    }

    /**
     * The workings on the desk.
     *
     * @param source the folder that they came from
     * @param handed the workings, student by student
     * @param told what could not be used
     * @param busy whether they are being read or marked
     */
    public record State(Optional<Path> source, List<Handed> handed, List<String> told, boolean busy) {
        private static final State NOTHING = new State(Optional.empty(), List.of(), List.of(), false);

        /** Copies the lists. */
        public State {
            handed = List.copyOf(handed);
            told = List.copyOf(told);
        }

        /** What went wrong first, by the id of the mistake, with the students; the most frequent one first. */
        public Map<String, List<String>> firsts() {
            Map<String, List<String>> all = new HashMap<>();
            handed.forEach(one -> one.slip().ifPresent(slip -> all.computeIfAbsent(slip, any -> new ArrayList<>())
                    .add(one.who())));
            Map<String, List<String>> sorted = new LinkedHashMap<>();
            all.entrySet().stream()
                    .sorted((one, other) -> {
                        int more = other.getValue().size() - one.getValue().size();
                        return more != 0 ? more : one.getKey().compareTo(other.getKey());
                    })
                    .forEach(one -> sorted.put(one.getKey(), one.getValue()));
            return sorted;
        }
    }

    private record Read(List<GivenWorking> given, List<Handed> handed, List<String> told) {}

    private final Desk desk;
    private final Latest reading;
    private final ReadOnlyObjectWrapper<State> state = new ReadOnlyObjectWrapper<>(State.NOTHING);
    private final ObjectProperty<Handed> chosen = new SimpleObjectProperty<>();
    private List<GivenWorking> given = List.of();
    private List<Object> basis = List.of();

    /** The handwork of a class on a desk. */
    public Handwork(Desk desk) {
        this.desk = desk;
        this.reading = new Latest(desk, Lane.MARKING);
    }

    /** The workings. */
    public ReadOnlyObjectProperty<State> stateProperty() {
        return state.getReadOnlyProperty();
    }

    /** The working that is looked at; null for none. */
    public ObjectProperty<Handed> chosenProperty() {
        return chosen;
    }

    /** How much is done, from 0 to 1; negative where that is not known. */
    public double progress() {
        return reading.share();
    }

    /** Stops reading or marking; what was there before stays. */
    public void stop() {
        reading.stop();
        State now = state.get();
        state.set(new State(now.source(), now.handed(), now.told(), false));
    }

    @Override
    public void forget() {
        reading.stop();
        given = List.of();
        basis = List.of();
        chosen.set(null);
        state.set(State.NOTHING);
    }

    /** Marks are made anew when the samples or the card have changed. */
    @Override
    public void refresh() {
        if (!given.isEmpty() && !state.get().busy() && !basis(desk.assignment()).equals(basis)) {
            List<GivenWorking> same = given;
            List<String> told = state.get().told();
            run(state.get().source(), progress -> marked(same, told, desk.assignment(), progress));
        }
    }

    private static List<Object> basis(Assignment assignment) {
        return List.of(assignment.sheets(), assignment.card());
    }

    /** Reads the workings in a folder, of the sample that each is about, tables of the chosen one, and marks them. */
    public void take(Path folder) {
        Assignment assignment = desk.assignment();
        String usual = assignment
                .sheet(desk.selectedProperty().get())
                .or(() -> assignment.sheets().stream().findFirst())
                .map(sheet -> sheet.id())
                .orElse("");
        run(Optional.of(folder), progress -> read(folder, assignment, usual, progress));
    }

    private interface Work {
        Read with(Progress progress);
    }

    private void run(Optional<Path> source, Work work) {
        List<Object> now = basis(desk.assignment());
        State before = state.get();
        state.set(new State(before.source(), before.handed(), before.told(), true));
        reading.run(
                new Progress(),
                work::with,
                made -> {
                    given = made.given();
                    basis = now;
                    chosen.set(made.handed().stream().findFirst().orElse(null));
                    state.set(new State(source, made.handed(), made.told(), false));
                    refresh();
                },
                () -> state.set(State.NOTHING));
    }

    private static Read read(Path folder, Assignment assignment, String usual, Progress progress) {
        try {
            if (!Files.isDirectory(folder)) {
                return new Read(List.of(), List.of(), List.of(Words.of("tutor.workings.folder-only")));
            }
            CollectedWorkings all = CollectedWorkings.ofFolder(folder, assignment, usual, progress);
            return marked(all.given(), all.told().stream().map(Words::of).toList(), assignment, progress);
        } catch (InputProblem problem) {
            return new Read(List.of(), List.of(), List.of(Words.of(problem.sentence())));
        }
    }

    private static Read marked(List<GivenWorking> given, List<String> told, Assignment assignment, Progress progress) {
        Map<String, SheetFigures> figures = new HashMap<>();
        List<Handed> handed = new ArrayList<>();
        for (int i = 0; i < given.size() && !progress.isStopped(); i++) {
            progress.at(i, given.size());
            GivenWorking one = given.get(i);
            assignment.sheet(one.sheetId()).ifPresent(sheet -> {
                SheetFigures of = figures.computeIfAbsent(
                        sheet.id(),
                        id -> SheetFigures.of(
                                sheet, assignment.card(), one.lines().keySet()));
                if (!of.sample().isEmpty()) {
                    handed.add(new Handed(one.who(), OwnMarked.of(of, one.sheet(), one.lines())));
                }
            });
        }
        return new Read(given, handed, told);
    }
}
