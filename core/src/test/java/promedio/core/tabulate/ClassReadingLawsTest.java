package promedio.core.tabulate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import promedio.core.course.Boundaries;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.OpenEnds;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sample.ClassInterval;

/** Rows that do not fit can be left out together, as one would leave them out one by one. */
class ClassReadingLawsTest {
    private static List<ClassReading.Row> rows(Random random) {
        List<ClassReading.Row> rows = new ArrayList<>();
        int kind = random.nextInt(3);
        int count = 1 + random.nextInt(9);
        int from = 10 * random.nextInt(3);
        for (int i = 0; i < count; i++) {
            int start = random.nextInt(5) == 0 ? 10 * random.nextInt(12) : from;
            int end = start + (random.nextInt(6) == 0 ? 15 : 10);
            String text =
                    switch (random.nextInt(14)) {
                        case 0 -> "under " + start;
                        case 1 -> start + " and over";
                        case 2 -> end + "-" + start;
                        case 3 -> Integer.toString(start);
                        default -> kind == 0 ? start + "-" + (end - 1) : start + " to under " + end;
                    };
            Exact frequency = random.nextInt(12) == 0 ? Exact.HALF : Exact.of(random.nextInt(9));
            ClassLabel label = ClassLabel.parse(text, Numerals.POINT).orElseThrow();
            rows.add(new ClassReading.Row(i, text, label, frequency));
            from = end;
        }
        return rows;
    }

    /** The rows left once the first that does not fit was taken out, again and again. */
    private static List<Integer> oneByOne(List<ClassReading.Row> rows, CourseCard card) {
        List<ClassReading.Row> left = new ArrayList<>(rows);
        ClassReading read = ClassReading.of(left, card);
        while (!read.problems().isEmpty() && left.size() > 1) {
            int out = read.problems().get(0).row();
            left.removeIf(row -> row.entry() == out);
            read = ClassReading.of(left, card);
        }
        return entries(read);
    }

    private static List<Integer> together(List<ClassReading.Row> rows, CourseCard card) {
        List<ClassReading.Row> left = rows;
        ClassReading read = ClassReading.of(left, card);
        while (!read.problems().isEmpty() && left.size() > 1) {
            Set<Integer> out = new HashSet<>();
            read.problems().forEach(problem -> out.add(problem.row()));
            left = left.stream().filter(row -> !out.contains(row.entry())).toList();
            read = ClassReading.of(left, card);
        }
        return entries(read);
    }

    private static List<Integer> entries(ClassReading read) {
        return read.table().stream()
                .flatMap(table -> table.classes().stream())
                .map(ClassInterval::entry)
                .toList();
    }

    @Property(tries = 800)
    void rows_left_out_together_are_those_left_out_one_by_one(@ForAll long seed) {
        Random random = new Random(seed);
        List<ClassReading.Row> rows = rows(random);
        CourseCard card = CourseCard.STANDARD
                .with(CardKey.OPEN_ENDS, random.nextBoolean() ? OpenEnds.SAME_WIDTH : OpenEnds.UNDEFINED)
                .with(CardKey.BOUNDARIES, random.nextBoolean() ? Boundaries.NEAREST : Boundaries.COMPLETED_UNITS);
        List<Integer> left = together(rows, card);
        if (!left.isEmpty()) {
            assertThat(left).as("%s", rows).isEqualTo(oneByOne(rows, card));
        }
    }

    /** Of the same rows in any order the same table is read. */
    @Property(tries = 300)
    void the_order_of_entry_does_not_matter(@ForAll long seed) {
        Random random = new Random(seed);
        List<ClassReading.Row> rows = rows(random);
        List<ClassReading.Row> shuffled = new ArrayList<>(rows);
        java.util.Collections.shuffle(shuffled, random);
        ClassReading first = ClassReading.of(rows, CourseCard.STANDARD);
        ClassReading second = ClassReading.of(shuffled, CourseCard.STANDARD);
        assertThat(second.table().isPresent()).isEqualTo(first.table().isPresent());
        first.table().ifPresent(table -> assertThat(second.table().orElseThrow().classes().stream()
                        .map(one -> one.lower() + " " + one.upper() + " " + one.frequency())
                        .toList())
                .isEqualTo(table.classes().stream()
                        .map(one -> one.lower() + " " + one.upper() + " " + one.frequency())
                        .toList()));
    }
}
