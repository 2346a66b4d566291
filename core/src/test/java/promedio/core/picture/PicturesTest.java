package promedio.core.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.OutlierRule;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.ClassInterval;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;
import promedio.core.tabulate.Tabulation;
import promedio.core.working.FigureText;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class PicturesTest {
    private static final CourseCard CARD = CourseCard.STANDARD;

    private static Named list(String... values) {
        return new Named("Minutes", "min", Sample.of(values), Optional.empty());
    }

    private static Named table(long... edgesAndFrequencies) {
        List<ClassInterval> classes = new ArrayList<>();
        for (int i = 0; i + 2 < edgesAndFrequencies.length; i += 2) {
            classes.add(new ClassInterval(
                    edgesAndFrequencies[i] + "–" + edgesAndFrequencies[i + 2],
                    Optional.of(Exact.of(edgesAndFrequencies[i])),
                    Optional.of(Exact.of(edgesAndFrequencies[i + 2])),
                    Exact.of(edgesAndFrequencies[i + 1]),
                    false,
                    i / 2));
        }
        return new Named("Waiting", "min", Sample.classes(ClassTable.of(classes, false, Exact.ONE)), Optional.empty());
    }

    private static Picture draw(Wish wish, Named... samples) {
        Pictured pictured = Pictures.of(Subjects.together(List.of(samples)), wish, CARD);
        assertThat(pictured.why()).isEmpty();
        return pictured.picture().orElseThrow();
    }

    private static String why(Subject subject, Wish wish) {
        return Pictures.of(subject, wish, CARD).why().orElseThrow().toString();
    }

    private static List<String> texts(List<? extends Figure> figures) {
        return figures.stream()
                .map(figure -> new FigureText(CARD, 0).carried(figure))
                .toList();
    }

    @Nested
    class A_histogram {
        @Test
        void of_classes_that_differ_in_width_has_densities_for_heights() {
            Picture picture = draw(Wish.of(PictureKind.HISTOGRAM), table(0, 4, 10, 9, 20, 12, 40));
            Content.Classes content = (Content.Classes) picture.content();
            assertThat(content.height()).isEqualTo(Content.Height.DENSITY);
            // By hand: 4/10, 9/10, 12/20.
            assertThat(content.series().get(0).bars())
                    .extracting(Content.Classes.Bar::height)
                    .containsExactly(Exact.ratio(2, 5), Exact.ratio(9, 10), Exact.ratio(3, 5));
            assertThat(picture.up().orElseThrow().title()).isEqualTo("frequency density, per min");
            Wish plain = Wish.of(PictureKind.HISTOGRAM).with(Setting.HEIGHT, "frequency");
            assertThat(draw(plain, table(0, 4, 10, 9, 20, 12, 40)).told().toString())
                    .contains("areas are true");
        }

        @Test
        void of_several_lists_has_the_same_classes_and_shares_over_widths() {
            Named other = new Named("Radio", "min", Sample.of("3", "3", "18", "40"), Optional.empty());
            Picture picture = draw(Wish.of(PictureKind.HISTOGRAM), list("5", "12", "25", "39"), other);
            Content.Classes content = (Content.Classes) picture.content();
            assertThat(content.height()).isEqualTo(Content.Height.RELATIVE_DENSITY);
            List<List<Exact>> edges = content.series().stream()
                    .map(series -> series.bars().stream()
                            .map(Content.Classes.Bar::from)
                            .toList())
                    .toList();
            assertThat(edges.get(0)).isEqualTo(edges.get(1));
            assertThat(picture.series()).containsExactly("Minutes", "Radio");
        }

        @Test
        void never_loses_a_value_silently() {
            Tabulation few = Tabulation.of(Exact.ZERO, Exact.of(10), 2, false);
            Named named = new Named("x", "", Sample.of("5", "15", "25"), Optional.of(few));
            assertThat(why(new Subject.Samples(named), Wish.of(PictureKind.HISTOGRAM)))
                    .startsWith("One value lies outside the classes.");
        }
    }

    @Test
    void a_polygon_comes_down_at_the_midpoints_of_empty_classes_beyond_the_ends() {
        Content.Lines lines = (Content.Lines)
                draw(Wish.of(PictureKind.POLYGON), table(0, 4, 10, 10, 20)).content();
        assertThat(lines.lines().get(0).points())
                .extracting(point -> point.x() + " " + point.y())
                .containsExactly("-5 0", "5 4", "15 10", "25 0");
    }

    @Test
    void ogives_stand_over_the_upper_boundaries_and_cross_at_half() {
        Content.Lines lines = (Content.Lines)
                draw(Wish.of(PictureKind.OGIVE).with(Setting.DIRECTION, "both"), table(0, 4, 10, 10, 20))
                        .content();
        assertThat(lines.lines().get(0).points())
                .extracting(point -> point.x() + " " + point.y())
                .containsExactly("0 0", "10 4", "20 14");
        assertThat(lines.lines().get(1).points())
                .extracting(point -> point.x() + " " + point.y())
                .containsExactly("0 14", "10 10", "20 0");
    }

    @Nested
    class A_box {
        /** By hand: Q₁ = 6, Q₃ = 16, fences −9 and 31. */
        private final Named named = list("4", "6", "6", "9", "10", "11", "12", "16", "16", "30", "75");

        @Test
        void has_whiskers_to_the_last_values_inside_the_fences() {
            Content.Boxes.Box box = ((Content.Boxes)
                            draw(Wish.of(PictureKind.BOXES), named).content())
                    .boxes()
                    .get(0);
            assertThat(texts(List.of(box.low(), box.quartile1(), box.median(), box.quartile3(), box.high())))
                    .containsExactly("4", "6", "11", "16", "30");
            assertThat(texts(box.outliers())).containsExactly("75");
            Telling telling = new Telling(new FigureText(CARD, 0));
            assertThat(telling.of(draw(Wish.of(PictureKind.BOXES), named), new Mark.Part(0, 0))
                            .toString())
                    .contains("The upper whisker ends at 30, the last value inside the fence 31; 75 is beyond it.");
        }

        @Test
        void has_whiskers_to_the_extremes_on_demand() {
            Content.Boxes.Box box = ((Content.Boxes)
                            draw(Wish.of(PictureKind.BOXES).with(Setting.WHISKERS, "extremes"), named)
                                    .content())
                    .boxes()
                    .get(0);
            assertThat(texts(List.of(box.high()))).containsExactly("75");
            assertThat(box.outliers()).isEmpty();
        }

        @Test
        void has_no_whisker_that_ends_within_it() {
            // By hand: Q₁ = Q₃ = 5, so both fences are 5, and 1 and 9 are beyond them.
            Content.Boxes.Box box = ((Content.Boxes)
                            draw(Wish.of(PictureKind.BOXES), list("1", "5", "5", "5", "5", "5", "9"))
                                    .content())
                    .boxes()
                    .get(0);
            assertThat(texts(List.of(box.low(), box.high()))).containsExactly("5", "5");
            assertThat(texts(box.outliers())).containsExactly("1", "9");
        }

        @Test
        void says_why_it_has_no_whisker() {
            assertThat(draw(Wish.of(PictureKind.BOXES), list("1", "5", "5", "5", "5", "5", "9"))
                            .told())
                    .extracting(Object::toString)
                    .containsExactly(
                            "Minutes: no whisker to the left, since every value below the box lies beyond the fence.",
                            "Minutes: no whisker to the right, since every value above the box lies beyond the fence.");
            assertThat(draw(Wish.of(PictureKind.BOXES), list("1", "1", "1"), list("2", "2", "2"))
                            .told())
                    .extracting(Object::toString)
                    .containsExactly("4 whiskers are missing: there no value lies between the box and the fence.");
            // By hand: Q₁ = 1, the smallest, and Q₃ = 3.
            assertThat(draw(Wish.of(PictureKind.BOXES), list("1", "1", "1", "2", "3", "4"))
                            .told())
                    .extracting(Object::toString)
                    .containsExactly("Minutes: no whisker to the left, since no value lies below the lower quartile.");
        }
    }

    @Nested
    class Stems_and_leaves {
        private List<String> lines(Wish wish, Named... samples) {
            return ((Content.Stems) draw(wish, samples).content())
                    .lines().stream()
                            .map(line ->
                                    String.join("", line.left()) + (line.left().isEmpty() ? "" : " ") + line.stem()
                                            + "|" + String.join("", line.right()))
                            .toList();
        }

        @Test
        void keep_empty_stems_and_give_minus_0_its_own() {
            assertThat(lines(Wish.of(PictureKind.STEMS), list("-12", "-15", "-3", "0", "4", "21", "28")))
                    .containsExactly("-1|25", "-0|3", "0|04", "1|", "2|18");
        }

        @Test
        void have_a_key_with_a_stem_that_is_not_0_and_the_unit() {
            assertThat(((Content.Stems) draw(Wish.of(PictureKind.STEMS), list("3", "4", "21", "28"))
                                    .content())
                            .key())
                    .isEqualTo("2 | 1 means 21 min");
        }

        @Test
        void stand_back_to_back_with_leaves_from_the_stem_outwards() {
            assertThat(lines(
                            Wish.of(PictureKind.STEMS),
                            list("12", "15"),
                            new Named("B", "", Sample.of("11", "20"), Optional.empty())))
                    .containsExactly("25 1|1", "2|0");
        }

        @Test
        void are_split_in_two() {
            assertThat(lines(Wish.of(PictureKind.STEMS).with(Setting.SPLIT, "2"), list("11", "14", "15", "22")))
                    .containsExactly("1|14", "1|5", "2|2");
        }

        @Test
        void cut_digits_where_there_would_be_more_than_twenty_stems_and_say_so() {
            Picture picture = draw(Wish.of(PictureKind.STEMS), list("105", "199", "318", "3.5"));
            Content.Stems stems = (Content.Stems) picture.content();
            assertThat(stems.lines()).hasSizeLessThanOrEqualTo(20);
            assertThat(lines(Wish.of(PictureKind.STEMS), list("105", "199", "318", "3.5")))
                    .containsExactly("0|0", "1|09", "2|", "3|1");
            assertThat(stems.key()).isEqualTo("1 | 0 means 100 min");
            assertThat(picture.told().toString()).contains("A leaf stands for 10");
        }
    }

    @Test
    void the_normal_curve_has_shares_found_beside_those_expected() {
        // By hand: mean 5, σ = 2 (population); within 1 SD, 3 to 7, lie 4 4 4 5 5 7 of 2 4 4 4 5 5 7 9.
        CourseCard population = CARD.withRule("divisor", "population").orElseThrow();
        Picture picture = Pictures.of(
                        new Subject.Samples(list("2", "4", "4", "4", "5", "5", "7", "9")),
                        Wish.of(PictureKind.CURVE),
                        population)
                .picture()
                .orElseThrow();
        Content.Normal normal = ((Content.Classes) picture.content()).curve().orElseThrow();
        assertThat(normal.sd()).isEqualTo(Exact.TWO);
        assertThat(normal.shares())
                .extracting(Content.Normal.Share::found)
                .containsExactly(Exact.ratio(3, 4), Exact.ONE, Exact.ONE);
        assertThat(normal.shares().get(0).expected().toDouble()).isBetween(0.6826, 0.6828);
    }

    @Property(tries = 40)
    void a_frequency_table_has_the_pictures_of_its_expanded_list(
            @ForAll @Size(min = 2, max = 8) List<@IntRange(min = 1, max = 5) Integer> frequencies) {
        long[] values = new long[frequencies.size()];
        Arrays.setAll(values, i -> 3L * i + 1);
        Sample table = Sample.frequencies(
                Decimals.of(0, values),
                Decimals.of(
                        0, frequencies.stream().mapToLong(Integer::longValue).toArray()),
                false);
        for (PictureKind kind : Pictures.kinds(new Subject.Samples(list("1", "2")))) {
            Pictured one =
                    Pictures.of(new Subject.Samples(new Named("x", "", table, Optional.empty())), Wish.of(kind), CARD);
            Pictured other = Pictures.of(
                    new Subject.Samples(new Named("x", "", table.expanded(), Optional.empty())), Wish.of(kind), CARD);
            assertThat(one.picture().map(Picture::content))
                    .isEqualTo(other.picture().map(Picture::content));
            assertThat(one.picture().map(Picture::marks))
                    .isEqualTo(other.picture().map(Picture::marks));
        }
    }

    @Test
    void the_line_through_pairs_is_exact() {
        // By hand: x 1 2 4, y 2 3 7: x̄ = 7/3, ȳ = 4, Sxy = 8, Sxx = 14/3, slope 12/7, intercept 0.
        Subject.Pairs pairs = new Subject.Pairs(
                "x", "y", "", List.of(new Subject.Pairs.Group("", Decimals.of(0, 1, 2, 4), Decimals.of(0, 2, 3, 7))));
        Picture picture = Pictures.of(pairs, Wish.of(PictureKind.SCATTER).with(Setting.LINE, "yes"), CARD)
                .picture()
                .orElseThrow();
        Content.Scatter.Fit line = ((Content.Scatter) picture.content()).line().orElseThrow();
        assertThat(line.slope()).isEqualTo(Exact.ratio(12, 7));
        assertThat(line.intercept()).isEqualTo(Exact.ZERO);
    }

    @Test
    void bars_in_percent_are_of_each_category() {
        Subject.Categories counts = new Subject.Categories(
                "Kind",
                "Bench",
                List.of("Lamp", "Radio"),
                List.of("Oak", "Elm"),
                List.of(List.of(3L, 1L), List.of(0L, 5L)));
        Picture picture = Pictures.of(
                        counts,
                        Wish.of(PictureKind.BARS)
                                .with(Setting.HEIGHT, "percent")
                                .with(Setting.STACKED, "yes"),
                        CARD)
                .picture()
                .orElseThrow();
        assertThat(((Content.Bars) picture.content()).bars())
                .extracting(Content.Bars.Column::height)
                .containsExactly(Exact.of(75), Exact.of(25), Exact.ZERO, Exact.of(100));
        assertThat(picture.marks()).contains(new Mark.Area(new Mark.Part(1, 0), Mark.Role.MAIN, 0.62, 1.38, 75, 100));
    }

    @Test
    void an_axis_that_does_not_begin_at_0_says_so() {
        Axis axis = draw(Wish.of(PictureKind.BOXES), list("101", "104", "109", "120"))
                .across()
                .orElseThrow();
        assertThat(axis.beginsElsewhere().orElseThrow().toString()).isEqualTo("the axis begins at 100, not at 0");
        assertThat(draw(Wish.of(PictureKind.BOXES), list("-5", "10", "12", "13"))
                        .across()
                        .orElseThrow()
                        .beginsElsewhere())
                .isEmpty();
    }

    @Test
    void what_a_picture_says_is_what_the_measures_bear() {
        Named right = list("5", "6", "6", "7", "8", "9", "10", "11", "14", "25", "40");
        Picture picture = draw(Wish.of(PictureKind.HISTOGRAM), right);
        FigureText text = new FigureText(CARD, 0);
        assertThat(Saying.of(right, picture, CARD, text).toString())
                .contains("Skewed to the right: the mean, 12.82, lies above the median, 9.");
        Named few = list("1", "2", "9");
        assertThat(Saying.of(few, draw(Wish.of(PictureKind.HISTOGRAM), few), CARD, text)
                        .toString())
                .contains("no shape to speak of");
        String humps = "1 ".repeat(30) + "5 " + "9 ".repeat(30);
        Named two = list(humps.strip().split(" ", -1));
        assertThat(Saying.of(two, draw(Wish.of(PictureKind.HISTOGRAM), two), CARD, text)
                        .toString())
                .contains("Two humps");
        // By hand: 5, 7, 5, 5 and 8 in classes of 2. From 7 down to 5 is no further than chance goes.
        Named chance = list(("1 ".repeat(5)
                        + "2 ".repeat(4)
                        + "3 ".repeat(3)
                        + "4 ".repeat(2)
                        + "5 ".repeat(3)
                        + "6 ".repeat(2)
                        + "7 ".repeat(3)
                        + "8 ".repeat(4)
                        + "9 ".repeat(4))
                .strip()
                .split(" ", -1));
        assertThat(Saying.of(chance, draw(Wish.of(PictureKind.HISTOGRAM), chance), CARD, text)
                        .toString())
                .doesNotContain("humps");
    }

    @Test
    void what_cannot_be_drawn_is_told_with_what_would_do() {
        Subject one = new Subject.Samples(list("1", "2"));
        assertThat(why(one, Wish.of(PictureKind.SCATTER))).contains("two columns of numbers");
        assertThat(why(one, Wish.of(PictureKind.BOXES).with(Setting.FROM, "ten")))
                .contains("“ten” is no number");
        assertThat(why(one, Wish.of(PictureKind.BOXES).with(Setting.FROM, "9").with(Setting.TO, "3")))
                .contains("its beginning must lie below its end");
        assertThat(why(one, Wish.of(PictureKind.DOTS).with(Setting.BANDS, "good; poor to 3")))
                .contains("“good” is not");
        assertThat(why(new Subject.Samples(list("3", "3")), Wish.of(PictureKind.CURVE)))
                .contains("no spread");
    }

    @Test
    void every_part_of_every_picture_can_be_told() {
        for (PictureKind kind : Pictures.kinds(new Subject.Samples(list("1", "2")))) {
            Picture picture = draw(Wish.of(kind), list("1", "2", "2", "3", "5", "40", "41", "99"));
            String words = new Telling(new FigureText(CARD, 0)).all(picture);
            assertThat(words).startsWith(picture.title()).hasSizeGreaterThan(60);
            ToPlot table = ToPlot.of(picture, new FigureText(CARD, 0));
            assertThat(table.rows())
                    .isNotEmpty()
                    .allMatch(row -> row.size() == table.headings().size());
            assertThat(table.looked().stream().map(Object::toString).collect(Collectors.toList()))
                    .isNotEmpty();
        }
    }

    @Property(tries = 60)
    void bars_have_areas_that_are_true_to_the_frequencies(
            @ForAll @Size(min = 1, max = 40) List<@IntRange(min = -500, max = 500) Integer> values) {
        Named named = list(values.stream().map(String::valueOf).toArray(String[]::new));
        for (String height : List.of("frequency", "relative", "density")) {
            Picture picture = draw(Wish.of(PictureKind.HISTOGRAM).with(Setting.HEIGHT, height), named);
            Content.Classes content = (Content.Classes) picture.content();
            Exact frequencies = Exact.ZERO;
            Exact areas = Exact.ZERO;
            for (Content.Classes.Bar bar : content.series().get(0).bars()) {
                frequencies = frequencies.plus(bar.frequency());
                areas = areas.plus(bar.height().times(bar.to().minus(bar.from())));
            }
            assertThat(frequencies).isEqualTo(Exact.of(values.size()));
            Content.Classes.Bar first = content.series().get(0).bars().get(0);
            Exact width = first.to().minus(first.from());
            Exact whole = height.equals("density")
                    ? Exact.of(values.size())
                    : height.equals("frequency") ? width.times(values.size()) : width;
            assertThat(areas).isEqualTo(whole);
            assertThat(picture.up().orElseThrow().to().compareTo(first.height()))
                    .isPositive();
        }
    }

    @Property(tries = 60)
    void a_box_holds_every_value_within_its_whiskers_or_among_the_outliers(
            @ForAll @Size(min = 4, max = 30) List<@IntRange(min = -60, max = 60) Integer> values,
            @ForAll OutlierRule rule) {
        Named any = list(values.stream().map(String::valueOf).toArray(String[]::new));
        Content.Boxes.Box box = ((Content.Boxes) Pictures.of(
                                new Subject.Samples(any), Wish.of(PictureKind.BOXES), CARD.with(CardKey.OUTLIERS, rule))
                        .picture()
                        .orElseThrow()
                        .content())
                .boxes()
                .get(0);
        for (int value : values) {
            Exact exact = Exact.of(value);
            boolean within = box.low().compare(exact) <= 0 && box.high().compare(exact) >= 0;
            assertThat(within || box.outliers().contains(exact)).isTrue();
        }
        assertThat(box.low().compare(box.quartile1())).isNotPositive();
        assertThat(box.high().compare(box.quartile3())).isNotNegative();
    }

    @Property(tries = 60)
    void leaves_hold_every_value_once(
            @ForAll @Size(min = 1, max = 40) List<@IntRange(min = -90, max = 90) Integer> values,
            @ForAll @IntRange(min = 0, max = 2) int split) {
        Wish wish = Wish.of(PictureKind.STEMS)
                .with(Setting.SPLIT, List.of("1", "2", "5").get(split));
        Content.Stems stems = (Content.Stems)
                draw(wish, list(values.stream().map(String::valueOf).toArray(String[]::new)))
                        .content();
        List<Integer> read = new ArrayList<>();
        for (Content.Stems.Stem line : stems.lines()) {
            boolean negative = line.stem().startsWith("-");
            int stem = Integer.parseInt(line.stem().replace("-", ""));
            line.right().forEach(leaf -> {
                int size = stem * 10 + Integer.parseInt(leaf);
                read.add(negative ? -size : size);
            });
        }
        assertThat(read).containsExactlyInAnyOrderElementsOf(values);
    }
}
