package promedio.core.sample;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import promedio.core.assignment.Interpretation;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.Frequencies;
import promedio.core.data.Entries;
import promedio.core.measure.Catalogue;
import promedio.core.sample.SampleKind.Role;
import promedio.core.sample.SampleKind.Use;

/** What a kind says of itself is what comes of a sample of that kind. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class SampleKindTest {
    static Stream<SampleKind> onTheShelf() {
        return Arrays.stream(SampleKind.values()).filter(kind -> kind.can(Use.SHELVED));
    }

    private static Entries column(SampleKind kind, Role role) {
        return switch (role) {
            case VALUE, Y -> Entries.of("4", "9", "9.5");
            case X -> Entries.of("1", "2", "3");
            case CLASS -> Entries.of("0 to under 10", "10 to under 20", "20 to under 30");
            case FREQUENCY -> Entries.of("2", "3", "1");
            case WORD -> Entries.of("lamp", "chair", "lamp");
            case GIVEN ->
                Entries.of(GivenName.of(kind).stream()
                        .filter(name -> !name.isRepeated() || name.isLabelled())
                        .limit(3)
                        .map(GivenName::id)
                        .toArray(String[]::new));
            case FIGURES ->
                Entries.of(GivenName.of(kind).stream()
                        .filter(name -> !name.isRepeated() || name.isLabelled())
                        .limit(3)
                        .map(name -> name.isLabelled() ? "a, 2, 3, 1" : name.width() > 1 ? "2, 3" : "4")
                        .toArray(String[]::new));
        };
    }

    private static SampleSheet sheet(SampleKind kind, List<Role> roles) {
        return new SampleSheet(
                "s",
                "name",
                "",
                kind,
                roles.stream().map(role -> column(kind, role)).toList(),
                Set.of(),
                new TreeSet<>(),
                Optional.empty());
    }

    @ParameterizedTest
    @MethodSource("onTheShelf")
    void a_sheet_is_read_as_a_sample_of_its_kind(SampleKind kind) {
        for (int width = kind.width(); kind.columns(width).isPresent(); width++) {
            SampleSheet sheet = sheet(kind, kind.columns(width).orElseThrow());
            Interpretation read = Interpretation.of(sheet, CourseCard.STANDARD);
            assertThat(read.kind()).isEqualTo(kind);
            assertThat(read.sample().kind()).isEqualTo(kind);
            assertThat(read.sample().classes().isPresent()).isEqualTo(kind.can(Use.MIDPOINTS));
            assertThat(read.sample().paired().isPresent()).isEqualTo(kind.can(Use.VARIABLES));
            assertThat(sheet.frequencies().isPresent())
                    .isEqualTo(sheet.roles().contains(Role.FREQUENCY))
                    .isEqualTo(read.sample().weighted());
            assertThat(sheet.variables().isPresent()).isEqualTo(kind.can(Use.VARIABLES));
        }
    }

    @ParameterizedTest
    @EnumSource
    void what_is_measured_has_measures_and_what_is_not_has_none(SampleKind kind) {
        Catalogue catalogue = kind.can(Use.GIVEN)
                ? Catalogue.of(Interpretation.of(sheet(kind, kind.columns()), CourseCard.STANDARD)
                        .sample())
                : Catalogue.of(kind);
        assertThat(catalogue.all().isEmpty()).isNotEqualTo(kind.can(Use.MEASURED));
        assertThat(SampleKind.find(kind.id())).contains(kind);
    }

    @ParameterizedTest
    @EnumSource
    void no_other_columns_are_taken_than_the_kind_has(SampleKind kind) {
        int fewer = kind.width() - 1;
        int most = fewer;
        while (kind.columns(most + 1).isPresent()) {
            most++;
        }
        List<Integer> widths = kind.can(Use.SHELVED) ? List.of(fewer, most + 1) : List.of(fewer + 1);
        for (int width : widths.stream().filter(some -> some > 0).toList()) {
            List<Role> roles = Collections.nCopies(width, Role.VALUE);
            assertThatThrownBy(() -> sheet(kind, roles)).isInstanceOf(IllegalArgumentException.class);
        }
        assertThat(kind.columns().size()).isEqualTo(kind.width());
    }

    /** Words beside frequencies occur as often as these say, and where one of these is none nothing is counted. */
    @Test
    void words_are_counted_once_or_as_often_as_stands_beside_them() {
        SampleSheet list = SampleSheet.list("s", "item", "", Entries.of("lamp", "", "chair", "lamp", "n/a"));
        assertThat(Interpretation.of(list.withMissingCodes(Set.of("n/a")), CourseCard.STANDARD)
                        .categories())
                .hasToString("{lamp=2, chair=1}");
        SampleSheet table = SampleSheet.frequencies(
                "t", "item", "", Entries.of("lamp", "chair", "lamp"), Entries.of("4", "2", "1"));
        Interpretation read = Interpretation.of(table, CourseCard.STANDARD);
        assertThat(read.kind()).isEqualTo(SampleKind.CATEGORIES);
        assertThat(read.categories()).hasToString("{lamp=5, chair=2}");
        SampleSheet odd = table.with(1, 0, "0.5");
        assertThat(Interpretation.of(odd, CourseCard.STANDARD).categories()).hasToString("{chair=2, lamp=1}");
        CourseCard shares = CourseCard.STANDARD.with(CardKey.FREQUENCIES, Frequencies.RELATIVE);
        assertThat(Interpretation.of(odd, shares).kind()).isEqualTo(SampleKind.FREQUENCIES);
        SampleSheet none = SampleSheet.frequencies("n", "item", "", Entries.of("lamp", "chair"), Entries.of("0", "0"));
        assertThat(Interpretation.of(none, CourseCard.STANDARD).kind())
                .as("nothing to be counted, and no share of it")
                .isEqualTo(SampleKind.FREQUENCIES);
        SampleSheet mixed = table.with(0, 1, "12");
        assertThat(Interpretation.of(mixed, CourseCard.STANDARD).categories()).isEmpty();
    }
}
