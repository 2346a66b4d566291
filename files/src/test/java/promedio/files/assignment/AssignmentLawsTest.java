package promedio.files.assignment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.lifecycle.AfterProperty;
import net.jqwik.api.lifecycle.BeforeProperty;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.DataTable;
import promedio.core.assignment.Edit;
import promedio.core.assignment.History;
import promedio.core.assignment.Link;
import promedio.core.assignment.Links;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.SheetEdit;
import promedio.core.data.Entries;
import promedio.files.InputProblem;

/** What holds for every assignment that any hand can make, and for every damage to its file. */
class AssignmentLawsTest {
    private static final int EDITS = 40;

    private Path folder;

    @BeforeProperty
    void begin() throws IOException {
        folder = Files.createTempDirectory("laws");
    }

    @AfterProperty
    void end() throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path file : files.sorted(java.util.Comparator.reverseOrder()).toList()) {
                Files.delete(file);
            }
        }
    }

    /** An assignment after many edits. */
    private static Assignment grown(long seed) {
        RandomEdits hand = new RandomEdits(seed);
        History history = new History(Assignment.EMPTY);
        for (int i = 0; i < EDITS; i++) {
            history.make(hand.next(history.present()));
            if (hand.waits()) {
                hand.settle(history);
            }
        }
        return history.present();
    }

    @Property(tries = 150)
    void undo_goes_back_through_every_state_and_redo_through_all_of_them_again(@ForAll long seed) {
        RandomEdits hand = new RandomEdits(seed);
        History history = new History(Assignment.EMPTY);
        List<Assignment> states = new ArrayList<>(List.of(history.present()));
        for (int i = 0; i < EDITS; i++) {
            if (history.make(hand.next(history.present()))) {
                states.add(history.present());
            }
        }
        for (int i = states.size() - 2; i >= 0; i--) {
            history.undo();
            assertThat(history.present()).isEqualTo(states.get(i));
        }
        assertThat(history.undoable()).isEmpty();
        for (int i = 1; i < states.size(); i++) {
            history.redo();
            assertThat(history.present()).isEqualTo(states.get(i));
        }
        assertThat(history.redoable()).isEmpty();
    }

    @Property(tries = 150)
    void a_sample_of_a_column_holds_what_the_column_holds_whatever_is_done(@ForAll long seed) {
        RandomEdits hand = new RandomEdits(seed);
        History history = new History(Assignment.EMPTY);
        for (int i = 0; i < EDITS; i++) {
            history.make(hand.next(history.present()));
            Assignment now = history.present();
            for (SampleSheet sheet : now.sheets()) {
                sheet.link().filter(Link.Cells.class::isInstance).ifPresent(link -> {
                    DataTable table = now.table(link.tableId()).orElseThrow();
                    SampleSheet anew =
                            Links.sheet("new", "", "", link, table, now.card().numerals());
                    assertThat(sheet.columns()).isEqualTo(anew.columns());
                });
            }
        }
    }

    @Property(tries = 60)
    void a_journal_gives_back_any_work_with_its_undos_and_redos(@ForAll long seed) throws IOException {
        Random random = new Random(seed);
        RandomEdits hand = new RandomEdits(seed, Journal.originals(folder));
        History history = new History(Assignment.EMPTY);
        try (Journal journal = Journal.in(folder)) {
            journal.begin(Assignment.EMPTY, Optional.empty());
            for (int i = 0; i < EDITS; i++) {
                int what = random.nextInt(5);
                if (what == 0 && history.undoable().isPresent()) {
                    history.undo();
                    journal.undone(history.present());
                } else if (what == 1 && history.redoable().isPresent()) {
                    history.redo();
                    journal.redone(history.present());
                } else {
                    Edit edit = hand.next(history.present());
                    if (history.make(edit)) {
                        journal.made(edit);
                    }
                }
                if (hand.waits()) {
                    journal.settled(hand.settle(history));
                }
            }
            Path file;
            try (Stream<Path> files = Files.list(folder)) {
                file = files.filter(one -> one.toString().endsWith(".journal"))
                        .findFirst()
                        .orElseThrow();
            }
            History kept = Journal.read(file).orElseThrow().history();
            assertThat(kept.present()).isEqualTo(history.present());
            while (history.undoable().isPresent()) {
                history.undo();
                kept.undo();
                assertThat(kept.present()).isEqualTo(history.present());
            }
        }
    }

    @Property(tries = 100)
    void any_assignment_is_read_from_its_file_letter_by_letter(@ForAll long seed) throws InputProblem {
        Assignment assignment = grown(seed);
        Path file = folder.resolve("a.promedio");
        AssignmentFile.write(assignment, file);
        Originals elsewhere = Originals.in(folder.resolve("elsewhere"));
        assertThat(AssignmentFile.read(file, elsewhere)).isEqualTo(assignment);
        if (!assignment.sheets().isEmpty() || !assignment.tables().isEmpty()) {
            assertThat(AssignmentFile.salvage(file).orElseThrow().assignment()).isEqualTo(assignment);
        }
    }

    /** However a file is damaged, reading ends in a sentence or in the assignment, and salvage makes nothing up. */
    @Property(tries = 150)
    void a_file_cut_off_or_changed_anywhere_gives_a_sentence_and_nothing_that_was_never_entered(@ForAll long seed)
            throws Exception {
        Random random = new Random(seed);
        Assignment assignment = grown(seed);
        Path file = folder.resolve("b.promedio");
        AssignmentFile.write(assignment, file);
        byte[] whole = Files.readAllBytes(file);
        boolean cut = random.nextBoolean();
        byte[] damaged = cut
                ? Arrays.copyOf(whole, random.nextInt(whole.length))
                : flipped(whole, random.nextInt(whole.length), 1 << random.nextInt(8));
        Files.write(file, damaged);
        Assignment read = null;
        try {
            read = AssignmentFile.read(file);
        } catch (InputProblem problem) {
            assertThat(problem.getMessage()).contains("b.promedio").doesNotContain("Exception");
        }
        if (read != null) {
            assertThat(read).isEqualTo(assignment);
        }
        AssignmentFile.salvage(file).ifPresent(left -> {
            for (SampleSheet sheet : left.assignment().sheets()) {
                if (cut) {
                    SampleSheet before = assignment.sheet(sheet.id()).orElseThrow();
                    assertThat(isBeginningOf(before, sheet)).isTrue();
                }
                if (left.whole().contains(sheet.name())) {
                    assertThat(left.described()).isTrue();
                    assertThat(assignment.sheets()).as("%s", sheet).contains(sheet);
                }
            }
            if (left.described()) {
                assertThat(left.assignment().card()).isEqualTo(assignment.card());
                assertThat(left.assignment().answers()).isEqualTo(assignment.answers());
            }
        });
    }

    private static boolean isBeginningOf(SampleSheet whole, SampleSheet part) {
        if (part.size() > whole.size()
                || part.columns().size() != whole.columns().size()) {
            return false;
        }
        for (int i = 0; i < part.columns().size(); i++) {
            List<String> before = whole.columns().get(i).texts();
            if (!part.columns().get(i).texts().equals(before.subList(0, part.size()))) {
                return false;
            }
        }
        return true;
    }

    private static byte[] flipped(byte[] whole, int at, int bit) {
        byte[] flipped = whole.clone();
        flipped[at] ^= (byte) bit;
        return flipped;
    }

    @Property(tries = 40)
    void a_journal_cut_off_anywhere_gives_back_a_state_the_work_was_in(@ForAll long seed) throws IOException {
        RandomEdits hand = new RandomEdits(seed, Journal.originals(folder));
        History history = new History(Assignment.EMPTY);
        List<Assignment> states = new ArrayList<>(List.of(history.present()));
        Path file;
        byte[] whole;
        try (Journal journal = Journal.in(folder)) {
            journal.begin(Assignment.EMPTY, Optional.empty());
            while (states.size() < EDITS) {
                Edit edit = hand.next(history.present());
                if (history.make(edit)) {
                    journal.made(edit);
                    states.add(history.present());
                }
            }
            try (Stream<Path> files = Files.list(folder)) {
                file = files.filter(one -> one.toString().endsWith(".journal"))
                        .findFirst()
                        .orElseThrow();
            }
            whole = Files.readAllBytes(file);
        }
        Path cut = folder.resolve("cut.journal");
        Files.write(cut, Arrays.copyOf(whole, new Random(seed).nextInt(whole.length)));
        Journal.read(cut)
                .ifPresent(kept -> assertThat(states).contains(kept.history().present()));
        Files.delete(cut);
    }

    /** Whatever a power cut, a full disk or another program does to a journal, what stands before the damage comes back. */
    @Property(tries = 150)
    void a_journal_damaged_anywhere_gives_back_the_state_before_the_damage(@ForAll long seed) throws IOException {
        Random random = new Random(seed);
        RandomEdits hand = new RandomEdits(seed, Journal.originals(folder));
        History history = new History(Assignment.EMPTY);
        List<Assignment> states = new ArrayList<>(List.of(history.present()));
        byte[] whole;
        try (Journal journal = Journal.in(folder)) {
            journal.begin(Assignment.EMPTY, Optional.empty());
            while (states.size() < 12) {
                Edit edit = hand.next(history.present());
                if (history.make(edit)) {
                    journal.made(edit);
                    states.add(history.present());
                }
            }
            try (Stream<Path> files = Files.list(folder)) {
                whole = Files.readAllBytes(files.filter(one -> one.toString().endsWith(".journal"))
                        .findFirst()
                        .orElseThrow());
            }
        }
        int at = random.nextInt(whole.length);
        byte[] damaged =
                switch (random.nextInt(4)) {
                    case 0 -> flipped(whole, at, 1 << random.nextInt(8));
                    case 1 -> without(whole, at, 1 + random.nextInt(60));
                    case 2 -> zeroed(whole, at, 1 + random.nextInt(60));
                    default -> doubled(whole, at, 1 + random.nextInt(60));
                };
        int linesBefore = 0;
        for (int i = 0; i < at; i++) {
            linesBefore += whole[i] == '\n' ? 1 : 0;
        }
        Path file = Files.write(folder.resolve("damaged.journal"), damaged);
        Optional<Journal.Kept> kept = Journal.read(file);
        Files.delete(file);
        if (linesBefore > 0) {
            Assignment got = kept.orElseThrow().history().present();
            // A change of a sign that means nothing, such as a blank, may leave what comes behind readable too.
            assertThat(states.subList(linesBefore - 1, states.size())).contains(got);
        } else {
            kept.ifPresent(one -> assertThat(states).contains(one.history().present()));
        }
    }

    private static byte[] without(byte[] whole, int at, int count) {
        int end = Math.min(whole.length, at + count);
        byte[] left = Arrays.copyOf(whole, whole.length - (end - at));
        System.arraycopy(whole, end, left, at, whole.length - end);
        return left;
    }

    private static byte[] zeroed(byte[] whole, int at, int count) {
        byte[] zeroed = whole.clone();
        Arrays.fill(zeroed, at, Math.min(whole.length, at + count), (byte) 0);
        return zeroed;
    }

    private static byte[] doubled(byte[] whole, int at, int count) {
        int end = Math.min(whole.length, at + count);
        byte[] longer = Arrays.copyOf(whole, whole.length + (end - at));
        System.arraycopy(whole, at, longer, end, whole.length - at);
        return longer;
    }

    /** However entries came and went since a sheet was seen, a row of it leads to the same entry, or nowhere. */
    @Property(tries = 300)
    void a_row_that_was_seen_leads_to_its_entry_or_nowhere(@ForAll long seed) {
        Random random = new Random(seed);
        History history = new History(Assignment.EMPTY);
        history.make(new Edit.AddSheet(0, SampleSheet.list("s1", "", "", Entries.of("first", "second", "third"))));
        int made = 0;
        SampleSheet seen = history.present().sheets().get(0);
        for (int i = 0; i < 30; i++) {
            SampleSheet now = history.present().sheets().get(0);
            if (random.nextInt(6) == 0) {
                seen = now;
            }
            int what = random.nextInt(5);
            if (what == 0 && i > 2) {
                history.undo();
            } else if (what == 1) {
                history.redo();
            } else if (what == 2 && now.size() > 0) {
                int from = random.nextInt(now.size());
                history.make(new SheetEdit.RemoveRows("s1", from, 1 + random.nextInt(now.size() - from)));
            } else {
                List<String> typed = new ArrayList<>();
                for (int k = random.nextInt(4); k >= 0; k--) {
                    typed.add("entry " + made++);
                }
                history.make(new SheetEdit.InsertRows("s1", random.nextInt(now.size() + 1), List.of(typed)));
            }
            if (history.present().sheets().isEmpty()) {
                return;
            }
            List<String> texts = history.present().sheets().get(0).values().texts();
            SampleSheet basis = seen;
            history.rowsSince(seen).ifPresent(rows -> {
                for (int row = 0; row < basis.size(); row++) {
                    String entry = basis.values().text(row);
                    rows.optional(row)
                            .ifPresentOrElse(at -> assertThat(texts.get(at)).isEqualTo(entry), () -> assertThat(texts)
                                    .doesNotContain(entry));
                }
            });
        }
    }

    @Property(tries = 1)
    void a_file_that_is_not_there_is_told_as_such() {
        assertThatThrownBy(() -> AssignmentFile.read(folder.resolve("nowhere.promedio")))
                .isInstanceOf(InputProblem.class)
                .hasMessageContaining("nowhere.promedio");
    }
}
