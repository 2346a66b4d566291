package promedio.core.question;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import promedio.core.course.CourseCard;
import promedio.core.pasted.Found;
import promedio.core.question.PrintedQuestion.Wanted;

/** However a question without data is worded, and whatever its numbers: what it gives is read, or it is not read as such. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class GivenWordsLawsTest {
    private static PrintedQuestion read(String text) {
        List<PrintedQuestion> all = QuestionReader.read(text, CourseCard.STANDARD);
        assertThat(all).as(text).hasSize(1);
        return all.get(0);
    }

    private static String data(PrintedQuestion question) {
        return question.samples().stream().map(GivenWordsLawsTest::data).collect(Collectors.joining(" & "));
    }

    private static String data(Found found) {
        return found.kind().id() + ": "
                + IntStream.range(0, found.size())
                        .mapToObj(row -> found.columns().stream()
                                .map(column -> column.text(row))
                                .collect(Collectors.joining(" ")))
                        .sorted()
                        .collect(Collectors.joining(", "));
    }

    private static String sorted(String kind, List<String> rows) {
        return kind + ": " + rows.stream().sorted().collect(Collectors.joining(", "));
    }

    /** Numbers none of which is another. */
    private static List<String> numbers(Random random, int count) {
        return random.ints(13, 900)
                .distinct()
                .limit(count)
                .mapToObj(tenths -> random.nextBoolean() ? tenths + "." + (1 + tenths % 9) : Integer.toString(tenths))
                .toList();
    }

    private static String one(Random random, String... of) {
        return of[random.nextInt(of.length)];
    }

    @Property(tries = 400)
    void corrections(@ForAll long seed) {
        Random random = new Random(seed);
        List<String> number = numbers(random, 4);
        String mean = number.get(0);
        String wrong = number.get(1);
        String right = number.get(2);
        String n = Integer.toString(2_000 + random.nextInt(50));
        String things = one(random, "observations", "values", "lamps", "repair times");
        String begin = one(
                random,
                "The mean of %s %s is %s.",
                "The mean of %s %s was found to be %s.",
                "The average of %s %s was calculated as %s.",
                "The arithmetic mean of %s %s is known to be %s.");
        String then = one(
                random,
                "Later it was found that %2$s was misread as %1$s.",
                "It was discovered that a value of %2$s had been wrongly recorded as %1$s.",
                "By mistake %1$s was used instead of %2$s.",
                "One of them was taken as %1$s instead of %2$s.",
                "However, the value %2$s was written down as %1$s.");
        String end =
                one(random, "Find the correct mean.", "Calculate the corrected mean.", "What is the correct mean?");
        String text = String.format(begin, n, things, mean) + " " + String.format(then, wrong, right) + " " + end;
        PrintedQuestion question = read(text);
        assertThat(data(question))
                .as(text)
                .isEqualTo(sorted("correction", List.of("n " + n, "mean " + mean, "read " + wrong + " : " + right)));
        assertThat(question.asked()).as(text).extracting(Wanted::measure).containsExactly("mean");
        // A number that nobody understands: then nothing of it is taken for given.
        String more = text.replace(end, "The old price was " + number.get(3) + " euros. " + end);
        assertThat(data(read(more))).as(more).doesNotContain("correction");
    }

    @Property(tries = 300)
    void groups(@ForAll long seed) {
        Random random = new Random(seed);
        int size = 2 + random.nextInt(2);
        List<String> means = numbers(random, size);
        List<String> sds = numbers(random, size);
        List<String> names = List.of("boys", "girls", "teachers");
        boolean spread = random.nextBoolean();
        List<String> said = new ArrayList<>();
        List<String> given = new ArrayList<>();
        for (int i = 0; i < size; i++) {
            String n = Integer.toString(11 + random.nextInt(80));
            String sd = spread ? " with standard deviation " + sds.get(i) : "";
            String of = i == 0 ? "The mean mark of " : one(random, "that of ", "the mean of ", "the mean mark of ");
            said.add(of + n + " " + names.get(i) + " " + one(random, "is", "was") + " " + means.get(i) + sd);
            given.add("part " + names.get(i) + "; " + n + "; " + means.get(i) + (spread ? "; " + sds.get(i) : ""));
        }
        String text = String.join(one(random, " and ", ", and ", ", while "), said) + ". Find the combined mean"
                + (spread ? " and the combined standard deviation." : ".");
        PrintedQuestion question = read(text);
        assertThat(data(question)).as(text).isEqualTo(sorted("combination", given));
        assertThat(question.asked())
                .as(text)
                .extracting(Wanted::measure)
                .containsExactlyElementsOf(spread ? List.of("combined-mean", "combined-sd") : List.of("combined-mean"));
    }

    @Property(tries = 200)
    void two_of_mean_median_and_mode(@ForAll long seed) {
        Random random = new Random(seed);
        List<String> names = new ArrayList<>(List.of("mean", "median", "mode"));
        Collections.shuffle(names, random);
        List<String> number = numbers(random, 2);
        String text = String.format(
                one(
                        random,
                        "The %s of a distribution is %s and the %s is %s. Find the %s.",
                        "If the %s is %s and the %s is %s, find the %s.",
                        "In a distribution the %s was %s and its %s was %s. Estimate the %s."),
                names.get(0),
                number.get(0),
                names.get(1),
                number.get(1),
                names.get(2));
        PrintedQuestion question = read(text);
        assertThat(data(question))
                .as(text)
                .isEqualTo(sorted(
                        "empirical", List.of(names.get(0) + " " + number.get(0), names.get(1) + " " + number.get(1))));
        assertThat(question.asked()).as(text).extracting(Wanted::measure).containsExactly(names.get(2));
    }

    @Property(tries = 200)
    void data_with_a_mean_beside_them_stay_data(@ForAll long seed) {
        Random random = new Random(seed);
        List<String> values = numbers(random, 5 + random.nextInt(5));
        String text = "The times were " + String.join(", ", values) + " minutes. "
                + one(random, "Find the mean.", "Calculate the mean and the median.", "What is the mode?");
        assertThat(data(read(text))).as(text).startsWith("values: ");
    }
}
