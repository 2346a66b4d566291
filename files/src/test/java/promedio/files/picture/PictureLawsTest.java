package promedio.files.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import promedio.core.course.CourseCard;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.picture.Axis;
import promedio.core.picture.Mark;
import promedio.core.picture.Named;
import promedio.core.picture.Picture;
import promedio.core.picture.PictureKind;
import promedio.core.picture.Pictured;
import promedio.core.picture.Pictures;
import promedio.core.picture.Setting;
import promedio.core.picture.Subject;
import promedio.core.picture.Subjects;
import promedio.core.picture.Telling;
import promedio.core.picture.ToPlot;
import promedio.core.picture.Wish;
import promedio.core.sample.Sample;
import promedio.core.tabulate.Tabulation;
import promedio.core.working.FigureText;

/** Any picture of anything, whatever is wished for: drawn within its frame, told in words, and to be drawn by hand, or why there is none. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class PictureLawsTest {
    static {
        System.setProperty("java.awt.headless", "true");
    }

    private static final CourseCard CARD = CourseCard.STANDARD;
    private static final FigureText TEXT = new FigureText(CARD, 1);
    private static final List<String> WORDS = List.of("", "Odd \u202e <b> & one", "a very long title ".repeat(12), "ß");

    private static <T> T one(Random random, List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    private static Decimals numbers(Random random, int size) {
        int spread = one(random, List.of(1, 9, 1_000, 1_000_000_000));
        int scale = random.nextInt(3);
        return Decimals.from(IntStream.range(0, size)
                .mapToObj(i ->
                        BigDecimal.valueOf(random.nextInt(2 * spread + 1) - (random.nextBoolean() ? spread : 0), scale))
                .toList());
    }

    private static Named sample(Random random, String name) {
        int size = one(random, List.of(1, 2, 7, 40, 300));
        Sample sample = random.nextInt(3) == 0
                ? Sample.frequencies(
                        Decimals.of(
                                0,
                                IntStream.range(0, size).mapToLong(i -> 3L * i).toArray()),
                        Decimals.of(
                                0,
                                IntStream.range(0, size)
                                        .mapToLong(i -> 1 + random.nextInt(5))
                                        .toArray()),
                        false)
                : Sample.list(numbers(random, size));
        Optional<Tabulation> classes = random.nextBoolean()
                ? Optional.empty()
                : Optional.of(Tabulation.of(
                        Exact.of(random.nextInt(9) - 5), Exact.of(1 + random.nextInt(20)), 6, random.nextBoolean()));
        return new Named(name, one(random, List.of("", "min")), sample, classes);
    }

    private static Subject subject(Random random) {
        return switch (random.nextInt(5)) {
            case 0 -> {
                List<String> categories = IntStream.range(0, 1 + random.nextInt(9))
                        .mapToObj(i -> "kind " + i)
                        .toList();
                List<String> groups = one(random, List.of(List.of(""), List.of("Oak", "Elm"), List.of("a", "b", "c")));
                yield new Subject.Categories(
                        "Kind",
                        groups.size() == 1 ? "" : "Bench",
                        categories,
                        groups,
                        categories.stream()
                                .map(category -> groups.stream()
                                        .map(group -> (long) random.nextInt(8))
                                        .toList())
                                .toList());
            }
            case 1 -> {
                List<Subject.Pairs.Group> groups = new ArrayList<>();
                for (String name : one(random, List.of(List.of(""), List.of("Oak", "Elm")))) {
                    int size = 1 + random.nextInt(30);
                    groups.add(new Subject.Pairs.Group(name, numbers(random, size), numbers(random, size)));
                }
                yield new Subject.Pairs("x", "y, kg", groups.size() == 1 ? "" : "Bench", groups);
            }
            case 2 ->
                Subjects.together(IntStream.range(0, 2 + random.nextInt(4))
                        .mapToObj(i -> sample(random, "sample " + i))
                        .toList());
            default -> new Subject.Samples(sample(random, "Minutes"));
        };
    }

    private static Wish wish(Random random, PictureKind kind) {
        Wish wish = Wish.of(kind);
        for (int i = random.nextInt(4); i > 0; i--) {
            Setting setting = one(random, List.of(Setting.values()));
            String value = setting.choices().isEmpty()
                    ? switch (setting) {
                        case FROM -> one(random, List.of("-3", "0", "nonsense"));
                        case TO -> one(random, List.of("50", "1000000"));
                        case BANDS -> "good to 10; moderate to 20; poor";
                        case NAMES -> "1 = Ash; 2 = Oak";
                        case COLOURS -> one(random, List.of("2 1", "9 9 9", "x"));
                        default -> one(random, WORDS);
                    }
                    : one(random, setting.choices());
            wish = wish.with(setting, value);
        }
        return wish;
    }

    @Property(tries = 400)
    void any_picture_is_drawn_in_its_frame_and_told_or_there_is_a_reason(@ForAll long seed) {
        Random random = new Random(seed);
        Subject subject = subject(random);
        for (PictureKind kind : Pictures.kinds(subject)) {
            Wish wish = wish(random, kind);
            Pictured pictured = Pictures.of(subject, wish, CARD);
            assertThat(pictured.picture().isPresent())
                    .as("%s", wish)
                    .isNotEqualTo(pictured.why().isPresent());
            pictured.why().ifPresent(why -> assertThat(why.toString()).isNotBlank());
            pictured.picture().ifPresent(picture -> {
                told(picture);
                drawn(picture, random.nextBoolean());
                assertThat(PictureJson.of(picture).get("kind").asText()).isEqualTo(kind.id());
            });
        }
    }

    private static void told(Picture picture) {
        Telling telling = new Telling(TEXT);
        assertThat(telling.all(picture)).isNotBlank();
        for (Mark mark : picture.marks()) {
            // What lies behind all, and its words, cannot be pointed at; a line is told by its points.
            boolean behind = mark instanceof Mark.Area area && area.role() == Mark.Role.BEHIND;
            boolean line = mark instanceof Mark.Trace && mark.part().item() < 0
                    || mark instanceof Mark.Points points && points.places().size() == 0;
            if (!behind && !line && !(mark instanceof Mark.Words)) {
                assertThat(telling.of(picture, mark.part()).toString()).isNotBlank();
            }
        }
        ToPlot plot = ToPlot.of(picture, TEXT);
        assertThat(plot.rows()).isNotEmpty().allSatisfy(row -> assertThat(row).hasSameSizeAs(plot.headings()));
        assertThat(plot.parts()).hasSameSizeAs(plot.rows());
    }

    /** Whatever is pointed at somewhere is a part of what the picture shows, and a value on an axis is found at its place. */
    private static void drawn(Picture picture, boolean half) {
        int width = half ? 320 : 900;
        int height = half ? 220 : 500;
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        Placed placed = new Drawing(picture, Look.PAPER.sized(half ? 10 : Look.TEXT_SIZE), TEXT)
                .draw(image.createGraphics(), width, height);
        assertThat(placed.data().getMinX()).isNotNegative();
        if (picture.across().isPresent()) {
            // Words and names leave room for what they are of.
            assertThat(placed.data().getWidth()).as(picture.toString()).isGreaterThan(0.2 * width);
            assertThat(placed.data().getHeight()).as(picture.toString()).isGreaterThan(0.2 * height);
        }
        Telling telling = new Telling(TEXT);
        for (int x = 0; x < width; x += width / 20) {
            for (int y = 0; y < height; y += height / 12) {
                placed.part(x, y)
                        .ifPresent(part ->
                                assertThat(telling.of(picture, part).toString()).isNotBlank());
            }
        }
        for (Axis axis : picture.across().stream().toList()) {
            if (axis.to().compareTo(axis.from()) > 0) {
                double from = axis.from().toDouble();
                double reach = axis.to().toDouble() - from;
                assertThat(placed.valueAt(placed.x(from + reach / 3)))
                        .isCloseTo(from + reach / 3, org.assertj.core.data.Offset.offset(1e-6 * reach));
            }
        }
    }
}
