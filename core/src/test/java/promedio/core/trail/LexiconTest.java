package promedio.core.trail;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import promedio.core.course.CourseCard;
import promedio.core.jotter.Jotted;
import promedio.core.jotter.Jotter;
import promedio.core.jotter.Lists;
import promedio.core.language.Function;
import promedio.core.language.Lexicon;
import promedio.core.language.Measured;

/** The help tells the truth: its examples are run, and no word is without one. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class LexiconTest {
    static List<Lexicon.Entry> entries() {
        return Lexicon.entries();
    }

    @ParameterizedTest
    @MethodSource("entries")
    void each_example_runs_and_comes_to_what_is_said(Lexicon.Entry entry) {
        switch (entry.kind()) {
            case FORMULA -> {
                Jotted jotted = new Jotter(1, () -> {}).ask(entry.example(), Lists.NONE, CourseCard.STANDARD);
                String result = jotted.values(15).stream()
                        .map(value -> value.isEmpty() ? "missing" : value)
                        .collect(Collectors.joining(" "));
                assertThat((jotted.isApproximate() ? "≈" : "") + result).isEqualTo(entry.result());
            }
            case STEP -> assertThat(TrailTest.tried(entry.example())).isEmpty();
            case OF_ROWS ->
                assertThat(TrailTest.tried("work out X = " + entry.example())).isEmpty();
        }
    }

    @Test
    void no_word_is_without_an_example() {
        String all = entries().stream().map(Lexicon.Entry::example).collect(Collectors.joining("\n"));
        Stream<String> words = Stream.concat(
                Stream.of(Measured.values()).map(Measured::word),
                Stream.of(Function.values()).map(function -> function.word() + "("));
        assertThat(words).allMatch(all::contains);
    }
}
