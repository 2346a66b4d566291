package promedio.files.assignment;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import promedio.core.assignment.AnswerEdit;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.DataTable;
import promedio.core.assignment.Edit;
import promedio.core.assignment.Following;
import promedio.core.assignment.History;
import promedio.core.assignment.Link;
import promedio.core.assignment.Original;
import promedio.core.assignment.OwnEdit;
import promedio.core.assignment.PictureEdit;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.SheetEdit;
import promedio.core.assignment.TableEdit;
import promedio.core.assignment.Task;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.data.Entries;
import promedio.core.number.Exact;
import promedio.core.ownwork.CellPlace;
import promedio.core.ownwork.OwnSheet;
import promedio.core.ownwork.Quantity;
import promedio.core.sample.SampleKind;
import promedio.core.tabulate.Tabulation;
import promedio.core.trail.Trail;
import promedio.files.InputProblem;
import promedio.files.table.ReadingOptions;
import promedio.files.table.Watch;
import promedio.files.trail.Walks;

/** A hand that makes any edit at any time, as far as the assignment at hand has what it takes. */
final class RandomEdits {
    private static final List<String> TYPED = List.of(
            "1",
            "2.50",
            "−3",
            "",
            "n/a",
            "1e3",
            "a \"word\"",
            "two\nlines",
            "\ttab",
            "ä€😀",
            "12,5",
            " 7 ",
            "{\"x\":1}");
    private static final List<String> MEASURES = List.of("mean", "median", "sd", "percentile-37", "z-score=4");

    /** What steps may be, those that fit and those that do not. */
    private static final List<String> STEPS = List.of(
            "keep rows where Minutes > 12",
            "keep rows where a > 1",
            "work out Twice = Minutes * 2",
            "work out Third = Minutes / 3",
            "rename Bench to Place",
            "leave out columns Left",
            "put in order by Minutes largest first",
            "join with 'benches.csv' by Bench",
            "draw 2 rows, seed 2");

    private static final List<String> COLUMNS = List.of("Minutes", "Twice", "Third", "Left", "Bench", "Place", "Floor");

    private static final Originals PASSING = Originals.passing();

    private final Random random;
    private final Original original;
    private final Original joined;
    private final Walks walks = new Walks();
    private int made;

    RandomEdits(long seed) {
        this(seed, PASSING);
    }

    /** A hand that has originals at hand to make tables of and to join. */
    RandomEdits(long seed, Originals originals) {
        random = new Random(seed);
        original = original(originals);
        joined = original(originals, "Bench;Floor\nOak;1\nElm;2\nAsh;3\n");
    }

    /** A small table with faults, kept among some originals. */
    static Original original(Originals originals) {
        return original(
                originals, "Bench;Minutes (min);Left\nOak;12,5;3\nElm;17O;4\nOak;;n/a\nAsh;40;5\nTotal;52,5;12\n");
    }

    private static Original original(Originals originals, String csv) {
        try {
            Path file = Files.createTempFile("table", ".csv");
            Files.writeString(file, csv);
            Original original = originals.take(file, ReadingOptions.GUESSED.withMissing("n/a"), Watch.NOBODY);
            Files.delete(file);
            return original;
        } catch (IOException | InputProblem broken) {
            throw new IllegalStateException(broken);
        }
    }

    /** Has the steps of tables walked, as happens some time after an edit; the samples that were given other entries then. */
    List<SampleSheet> settle(History history) {
        List<SampleSheet> given = new ArrayList<>();
        for (DataTable table : history.present().tables()) {
            Assignment now = history.present();
            Assignment settled = Following.settled(now, table, walks.of(table, now.card(), () -> {}))
                    .assignment();
            settled.sheets().stream()
                    .filter(sheet -> now.sheets().stream().noneMatch(was -> was == sheet))
                    .forEach(given::add);
            history.settle(settled);
        }
        return given;
    }

    /** Whether such a moment has come. */
    boolean waits() {
        return random.nextInt(3) == 0;
    }

    /** Some edit of an assignment. */
    Edit next(Assignment present) {
        made++;
        if (random.nextInt(4) == 0) {
            return ofTable(present);
        }
        if (present.sheets().isEmpty() || random.nextInt(8) == 0) {
            return addSheet(present);
        }
        SampleSheet sheet = present.sheets().get(random.nextInt(present.sheets().size()));
        return switch (random.nextInt(18)) {
            case 0 -> new Edit.Retitle("Title " + made + typed());
            case 1 -> new Edit.ChangeCard(card(present.card()));
            case 2 -> new SheetEdit.Rename(sheet.id(), "Name " + made, typed());
            case 3 -> new AnswerEdit.CoverFigures(random.nextBoolean());
            case 4 -> new AnswerEdit.LiftCover(sheet.id(), measure());
            case 5 -> new AnswerEdit.WriteAnswer(sheet.id(), measure(), random.nextInt(4) == 0 ? "" : made + typed());
            case 6 ->
                new SheetEdit.SetMissingCodes(
                        sheet.id(), random.nextBoolean() ? Set.of() : Set.of("n/a", typed() + "x"));
            case 7 ->
                new SheetEdit.Tabulate(
                        sheet.id(),
                        random.nextBoolean()
                                ? Optional.empty()
                                : Optional.of(Tabulation.of(
                                        Exact.of(made), Exact.HALF, 1 + random.nextInt(4), random.nextBoolean())));
            case 8 -> random.nextInt(4) == 0 ? new Edit.RemoveSheet(sheet.id()) : insert(sheet);
            case 9 -> new Edit.Together("remove-entries", List.of(insert(sheet), ofRow(sheet)));
            case 10 -> insert(sheet);
            case 11 -> random.nextBoolean() ? hints(sheet) : new AnswerEdit.SetCard(random.nextBoolean());
            case 15 -> new Edit.Gather(List.of(sheet.id()), random.nextBoolean() ? "" : made + typed());
            case 14 ->
                random.nextBoolean()
                        ? new SheetEdit.SwapVariables(sheet.id())
                        : new SheetEdit.NameVariables(
                                sheet.id(), new SampleSheet.Variables(typed(), made + typed(), typed()), typed());
            case 17 -> own(sheet, present.working(sheet.id()));
            case 13 ->
                new PictureEdit.SayOfPicture(sheet.id(), "boxes", random.nextBoolean() ? "title" : "from", typed());
            case 12 ->
                random.nextInt(3) == 0
                        ? new AnswerEdit.DropTask(sheet.id(), measure())
                        : new AnswerEdit.PoseTask(random.nextInt(3), task(sheet));
            default -> ofRow(sheet);
        };
    }

    private Edit own(SampleSheet sheet, Optional<OwnSheet> there) {
        int row = random.nextInt(4);
        int column = random.nextInt(3);
        if (there.isEmpty() || random.nextInt(6) == 0) {
            List<OwnSheet.Column> columns = List.of(
                    new OwnSheet.Column("x" + typed(), Optional.of(Quantity.X)),
                    new OwnSheet.Column(typed(), Optional.empty()));
            OwnSheet blank = new OwnSheet(
                    columns.subList(0, 1 + random.nextInt(2)),
                    List.of(List.of(typed()), List.of("2", made + typed())),
                    List.of(typed()),
                    List.of("mean", measure()),
                    Map.of(new CellPlace(row, column), new OwnSheet.Help(random.nextInt(5), random.nextBoolean())));
            return new OwnEdit.SetOut(sheet.id(), blank, "own-set-out");
        }
        return switch (random.nextInt(6)) {
            case 0 -> new OwnEdit.PutAway(sheet.id());
            case 1 -> new OwnEdit.FillCell(sheet.id(), row, column, made + typed());
            case 2 -> new OwnEdit.HintCell(sheet.id(), row, column);
            case 3 -> new OwnEdit.MarkAtOnce(random.nextBoolean());
            default ->
                new OwnEdit.WriteCells(sheet.id(), row, column, List.of(List.of(typed(), made + ""), List.of(typed())));
        };
    }

    private Edit hints(SampleSheet sheet) {
        return random.nextInt(3) == 0
                ? new AnswerEdit.GiveHints(random.nextBoolean())
                : new AnswerEdit.TakeHint(sheet.id(), measure());
    }

    private Task task(SampleSheet sheet) {
        return new Task(
                new Assignment.Question(sheet.id(), measure()),
                random.nextBoolean() ? "" : "Find it" + typed(),
                random.nextBoolean() ? Optional.empty() : Optional.of(random.nextInt(4)),
                random.nextBoolean() ? Optional.empty() : Optional.of(BigDecimal.valueOf(random.nextInt(30), 1)),
                random.nextBoolean() ? Optional.empty() : Optional.of(random.nextInt(3)));
    }

    private Edit ofTable(Assignment present) {
        if (present.tables().isEmpty()) {
            return new TableEdit.AddTable(0, DataTable.of(present.freshTableId(), "Log " + made, original));
        }
        DataTable table = present.tables().get(random.nextInt(present.tables().size()));
        int row = random.nextInt(table.size());
        int column = random.nextInt(3);
        return switch (random.nextInt(8)) {
            case 0 -> new TableEdit.RenameTable(table.id(), made + typed());
            case 1 ->
                new TableEdit.NameColumn(table.id(), column, random.nextBoolean() ? typed() : "Left", typed(), typed());
            case 2, 3 -> new TableEdit.SetCells(table.id(), column, row, made + typed());
            case 4 ->
                random.nextBoolean()
                        ? new TableEdit.LeaveOutRows(table.id(), List.of(row, 4), random.nextBoolean())
                        : prepare(table);
            case 5 -> random.nextBoolean() ? new TableEdit.RemoveTable(table.id()) : take(present, table, column, row);
            default -> take(present, table, column, row);
        };
    }

    private Edit prepare(DataTable table) {
        String[] steps = random.ints(random.nextInt(4), 0, STEPS.size())
                .mapToObj(STEPS::get)
                .toArray(String[]::new);
        Edit prepare = new TableEdit.Prepare(table.id(), Trail.of(steps).written());
        return random.nextInt(3) == 0
                ? prepare
                : new Edit.Together(
                        "trail", List.of(prepare, new TableEdit.HandOver(table.id(), "benches.csv", joined)));
    }

    private String column() {
        return COLUMNS.get(random.nextInt(COLUMNS.size()));
    }

    private Edit take(Assignment present, DataTable table, int column, int row) {
        if (random.nextBoolean()) {
            List<Link.Among> among = random.nextInt(3) == 0 ? List.of(new Link.Among("Bench", "Oak")) : List.of();
            Optional<String> other = random.nextInt(3) == 0 ? Optional.of(column()) : Optional.empty();
            return new TableEdit.TakeColumn(
                    0, present.freshId(), "Of " + made, "min", new Link.Made(table.id(), column(), among, other));
        }
        Link.Part part =
                switch (random.nextInt(3)) {
                    case 0 -> new Link.All();
                    case 1 -> new Link.Where(0, "Oak");
                    default -> new Link.Listed(List.of(row, 0, 2));
                };
        return new TableEdit.TakeColumn(
                0, present.freshId(), "Of " + made, "min", new Link.Cells(table.id(), column, part, second()));
    }

    /** Pairs now and then. */
    private Optional<Integer> second() {
        return random.nextBoolean() ? Optional.empty() : Optional.of(random.nextInt(3));
    }

    private Edit addSheet(Assignment present) {
        int rows = random.nextInt(6);
        Entries first = entries(rows);
        String id = present.freshId();
        SampleSheet sheet =
                switch (random.nextInt(4)) {
                    case 3 ->
                        SampleSheet.table(
                                SampleKind.CORRECTION, id, "Given " + made, "", Entries.of(given(rows)), first);
                    case 0 -> SampleSheet.list(id, "List " + made, "min", first);
                    case 1 -> SampleSheet.frequencies(id, "Table " + made, "", first, entries(rows));
                    default ->
                        SampleSheet.table(SampleKind.PAIRS, id, "Pairs " + made, "", first, entries(rows))
                                .of(new SampleSheet.Variables(typed(), typed(), "kg"));
                };
        return new Edit.AddSheet(random.nextInt(present.sheets().size() + 1), sheet);
    }

    /** Names of what a question gives, and others. */
    private List<String> given(int rows) {
        List<String> names = new ArrayList<>(List.of("n", "mean", "read", "sd", typed(), "left-out"));
        Collections.shuffle(names, random);
        return names.subList(0, rows);
    }

    private Entries entries(int rows) {
        return Entries.of(typed(rows));
    }

    private List<String> typed(int rows) {
        List<String> typed = new ArrayList<>();
        for (int i = 0; i < rows; i++) {
            typed.add(typed());
        }
        return typed;
    }

    private String typed() {
        return TYPED.get(random.nextInt(TYPED.size()));
    }

    private String measure() {
        return MEASURES.get(random.nextInt(MEASURES.size()));
    }

    private CourseCard card(CourseCard before) {
        CardKey<?> key = CardKey.all().get(random.nextInt(CardKey.all().size()));
        return chosen(before, key);
    }

    private <T> CourseCard chosen(CourseCard before, CardKey<T> key) {
        List<T> choices = key.choices();
        return choices.isEmpty() ? before : before.with(key, choices.get(random.nextInt(choices.size())));
    }

    private Edit insert(SampleSheet sheet) {
        int rows = 1 + random.nextInt(3);
        List<List<String>> columns = new ArrayList<>();
        for (int i = 0; i < sheet.columns().size(); i++) {
            columns.add(typed(rows));
        }
        return new SheetEdit.InsertRows(sheet.id(), random.nextInt(sheet.size() + 1), columns);
    }

    private Edit ofRow(SampleSheet sheet) {
        if (sheet.size() == 0) {
            return insert(sheet);
        }
        int row = random.nextInt(sheet.size());
        return switch (random.nextInt(4)) {
            case 0 ->
                new SheetEdit.SetEntry(
                        sheet.id(), random.nextInt(sheet.columns().size()), row, made + typed());
            case 1 -> new SheetEdit.RemoveRows(sheet.id(), row, 1 + random.nextInt(sheet.size() - row));
            case 2 -> new SheetEdit.SwitchEntries(sheet.id(), row, random.nextBoolean());
            default ->
                sheet.kind() == SampleKind.FREQUENCIES
                        ? new SheetEdit.MoveUnit(sheet.id(), row, Integer.toString(made))
                        : new SheetEdit.SetEntry(sheet.id(), 0, row, Integer.toString(made));
        };
    }
}
