package promedio.core.trail;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import promedio.core.course.CourseCard;
import promedio.core.data.CellRules;
import promedio.core.data.Entries;
import promedio.core.data.Table;
import promedio.core.data.TableReading;
import promedio.core.language.Plain;

/** Any steps make of any table what the definitions say, cell by cell, and stop where a step does not fit. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class TrailLawsTest {
    private static final CourseCard CARD = CourseCard.STANDARD;
    private static final Sources NONE = (file, key) -> {
        throw new AssertionError("No other file is asked for.");
    };

    private static Table table(SlowTable plain) {
        List<Entries> columns =
                RandomSteps.typed(plain).stream().map(Entries::of).toList();
        return TableReading.of(plain.names(), columns, CellRules.GUESSED, true).table();
    }

    private static void same(Prepared made, SlowTable expected, List<String> steps) {
        assertThat(made.names()).as("%s", steps).isEqualTo(expected.names());
        assertThat(made.rows()).as("%s", steps).isEqualTo(expected.rows());
        for (int column = 0; column < expected.columns().size(); column++) {
            List<Object> cells = new ArrayList<>();
            for (int row = 0; row < made.rows(); row++) {
                cells.add(Plain.cell(made.fields().get(column).vector(), row));
            }
            SlowTable.Column should = expected.columns().get(column);
            assertThat(cells).as("%s after %s", should.name(), steps).isEqualTo(should.cells());
        }
    }

    @Property(tries = 1500)
    void every_step_makes_what_is_said_of_it(@ForAll long seed) {
        RandomSteps random = new RandomSteps(new Random(seed));
        SlowTable plain = random.table();
        Walk walk = Walk.of(Prepared.of(table(plain)), CARD);
        List<String> steps = new ArrayList<>();
        for (int i = 0; i < 6 && plain != null && !plain.columns().isEmpty(); i++) {
            RandomSteps.Made step = random.step(plain);
            steps.add(step.text());
            walk = walk.along(Trail.of(steps.toArray(String[]::new)), CARD, NONE, () -> {});
            assertThat(walk.fault().isPresent())
                    .as("%s: %s", steps, walk.fault())
                    .isEqualTo(step.table() == null);
            if (step.table() == null) {
                assertThat(walk.faulty()).isEqualTo(steps.size());
                same(walk.last(), plain, steps);
            } else {
                same(walk.last(), step.table(), steps);
            }
            plain = step.table();
        }
    }

    /** Walked at once, from the middle, or with a step that is switched off and on again: the same table. */
    @Property(tries = 300)
    void it_does_not_matter_from_where_steps_are_walked_again(@ForAll long seed) {
        Random random = new Random(seed);
        RandomSteps made = new RandomSteps(random);
        SlowTable plain = made.table();
        Prepared first = Prepared.of(table(plain));
        List<String> steps = new ArrayList<>();
        SlowTable now = plain;
        for (int i = 0; i < 4 && now != null && !now.columns().isEmpty(); i++) {
            RandomSteps.Made step = made.step(now);
            steps.add(step.text());
            now = step.table();
        }
        Trail whole = Trail.of(steps.toArray(String[]::new));
        Walk atOnce = Walk.of(first, CARD).along(whole, CARD, NONE, () -> {});
        List<Trail.Line> lines = new ArrayList<>(whole.steps());
        int off = random.nextInt(lines.size());
        lines.set(off, new Trail.Line(lines.get(off).text(), true, ""));
        Walk back = atOnce.along(whole.with(lines), CARD, NONE, () -> {}).along(whole, CARD, NONE, () -> {});
        assertThat(back.told()).isEqualTo(atOnce.told());
        assertThat(back.fault().map(fault -> fault.sentence().toString()))
                .isEqualTo(atOnce.fault().map(fault -> fault.sentence().toString()));
        assertThat(written(back.last())).isEqualTo(written(atOnce.last()));
    }

    /** What the steps have made, written out and walked from there by the steps that are left, comes to the same. */
    @Property(tries = 200)
    void a_trail_is_read_again_as_it_was_written(@ForAll long seed) throws Trail.NoTrail {
        RandomSteps made = new RandomSteps(new Random(seed));
        List<Trail.Line> lines = new ArrayList<>();
        SlowTable now = made.table();
        for (int i = 0; i < 5 && now != null && !now.columns().isEmpty(); i++) {
            RandomSteps.Made step = made.step(now);
            lines.add(new Trail.Line(step.text(), i % 2 == 1, i == 2 ? "why" : ""));
            now = step.table();
        }
        Trail trail = Trail.NONE.with(lines);
        assertThat(Trail.read(trail.written())).isEqualTo(trail);
    }

    private static List<List<String>> written(Prepared table) {
        return table.fields().stream()
                .map(field -> {
                    List<String> cells = new ArrayList<>();
                    for (int row = 0; row < table.rows(); row++) {
                        cells.add(field.written(row));
                    }
                    return cells;
                })
                .toList();
    }
}
