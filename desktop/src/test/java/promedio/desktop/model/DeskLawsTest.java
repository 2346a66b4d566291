package promedio.desktop.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import promedio.core.assignment.Assignment;
import promedio.core.report.MeasureLine;
import promedio.desktop.model.desk.Background;
import promedio.desktop.model.desk.Place;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.text.Words;

/** Whatever is done on a desk, in any order: what it shows is true of what lies on it, and every step goes back and forth. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class DeskLawsTest {
    private static final String FAILED = Words.of("message.failed", "").split("\\(", 2)[0];

    @Property(tries = 250)
    void what_is_shown_is_true_of_what_lies_there(@ForAll long seed) {
        DeskModel desk = new DeskModel(Background.DIRECT);
        RandomHand hand = new RandomHand(new Random(seed), desk);
        List<String> done = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            done.add(hand.act());
            isTrue(desk, done);
        }
    }

    private static void isTrue(DeskModel desk, List<String> done) {
        Assignment present = desk.assignment();
        assertThat(desk.messageProperty().get()).as("%s", done).doesNotStartWith(FAILED);
        String selected = desk.selectedProperty().get();
        assertThat(selected.isEmpty() || present.has(selected)).as("%s", done).isTrue();
        assertThat(desk.saving().unsavedProperty().get()).as("%s", done).isEqualTo(!present.equals(Assignment.EMPTY));
        SheetFigures figures = desk.figuresProperty().get();
        assertThat(figures == null).as("%s", done).isEqualTo(desk.sheet().isEmpty());
        assertThat(desk.shownProperty().get().assignment()).as("%s", done).isEqualTo(present);
        assertThat(desk.shownProperty().get().figures()).as("%s", done).isSameAs(figures);
        if (figures != null && desk.trial().addedProperty().get().isEmpty()) {
            assertThat(figures.sheet()).as("%s", done).isEqualTo(desk.sheet().orElseThrow());
            SheetFigures afresh = SheetFigures.of(desk.sheet().orElseThrow(), present.card(), Set.of());
            for (MeasureLine line : afresh.lines()) {
                assertThat(figures.line(line.question()).map(MeasureLine::figure))
                        .as("%s after %s", line.question(), done)
                        .contains(line.figure());
            }
        }
        assertThat(desk.place() == Place.START)
                .as("%s", done)
                .isEqualTo(selected.isEmpty()
                        && desk.intake().page().stateProperty().get() == null
                        && !desk.classwork().isOpen()
                        && !desk.comparing().isOpen());
        // One thing lies over the pages, and what is put away is gone.
        assertThat(desk.intake().page().stateProperty().get() != null)
                .as("%s", done)
                .isEqualTo(desk.place() == Place.READING);
        assertThat(desk.comparing().comparedProperty().get() == null || desk.place() == Place.COMPARE)
                .as("%s", done)
                .isTrue();
    }

    @Property(tries = 120)
    void every_step_goes_back_and_forth(@ForAll long seed) {
        DeskModel desk = new DeskModel(Background.DIRECT);
        RandomHand hand = new RandomHand(new Random(seed), desk);
        List<String> done = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            done.add(hand.act());
        }
        desk.trial().dropAdded();
        // What was undone on the way is made again first, so that the end is the last there is.
        walk(desk, desk::redo, done);
        Assignment last = desk.assignment();
        walk(desk, desk::undo, done);
        assertThat(desk.assignment()).as("%s", done).isEqualTo(Assignment.EMPTY);
        assertThat(desk.selectedProperty().get()).isEmpty();
        walk(desk, desk::redo, done);
        assertThat(desk.assignment()).as("%s", done).isEqualTo(last);
    }

    /** Goes on until nothing changes any more. */
    private static void walk(DeskModel desk, Runnable step, List<String> done) {
        Assignment before;
        int steps = 0;
        do {
            before = desk.assignment();
            step.run();
            isTrue(desk, done);
            steps++;
        } while (!desk.assignment().equals(before) && steps < 200);
        assertThat(steps).isLessThan(200);
    }
}
