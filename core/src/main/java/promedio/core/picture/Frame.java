package promedio.core.picture;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import promedio.core.course.CourseCard;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sentence.Sentence;
import promedio.core.working.FigureText;

/**
 * What every picture of a subject is made under.
 *
 * @param wish what is wished for
 * @param card the conventions of the course
 * @param text how numbers are written
 */
record Frame(Wish wish, CourseCard card, FigureText text) {
    private static final int ACROSS = 10;
    private static final int UP = 6;

    Optional<Exact> from() {
        return number(Setting.FROM);
    }

    Optional<Exact> to() {
        return number(Setting.TO);
    }

    private Optional<Exact> number(Setting setting) {
        return wish.get(setting).flatMap(card.numerals()::read).map(Numerals.Numeral::exact);
    }

    /** What is wrong with what is wished for, where something is. */
    Optional<Sentence> problem() {
        for (Setting setting : List.of(Setting.FROM, Setting.TO)) {
            if (wish.get(setting).isPresent() && number(setting).isEmpty()) {
                return Optional.of(
                        Sentence.of("picture.no-number", wish.get(setting).get()));
            }
        }
        boolean swapped = from().isPresent() && to().isPresent() && from().get().compareTo(to().get()) >= 0;
        return swapped
                ? Optional.of(Sentence.of(
                        "picture.ends-swapped", Ticks.written(from().get(), text), Ticks.written(to().get(), text)))
                : Optional.empty();
    }

    /** What stands over the picture: what is wished for, else made of the kind and a name. */
    String title(String name) {
        return wish.get(Setting.TITLE)
                .orElseGet(() -> name.isEmpty()
                        ? Sentence.of("picture.kind." + wish.kind().id()).toString()
                        : Sentence.of("picture.title." + wish.kind().id(), name).toString());
    }

    /** What stands along an axis: what is wished for, else what it is. */
    String axisTitle(Setting setting, String usual) {
        // No axis of values is without a word for what stands along it.
        boolean unnamed = setting == Setting.X_TITLE && usual.isEmpty();
        return wish.get(setting).orElseGet(() -> unnamed ? words("picture.values") : usual);
    }

    /** An axis for values, with the ends that are wished for. */
    Axis values(String title, Exact least, Exact most) {
        return Ticks.axis(axisTitle(Setting.X_TITLE, title), least, most, ACROSS, false, this, true);
    }

    /** An upright axis from 0. */
    Axis heights(String title, Exact most, boolean whole) {
        Exact room = most.signum() == 0 ? Exact.ONE : most.times(21).over(20);
        return Ticks.axis(axisTitle(Setting.Y_TITLE, title), Exact.ZERO, room, UP, whole, this, false);
    }

    /** What stands along the names of several things: what they are of, if anything says so. */
    String things(String by, int size) {
        return axisTitle(Setting.Y_TITLE, by.isEmpty() && size > 1 ? words("picture.things") : by);
    }

    /** An axis of things with names, one at each whole number. */
    static Axis names(String title, List<String> names) {
        List<Axis.Tick> ticks = new ArrayList<>();
        for (int i = 0; i < names.size(); i++) {
            if (!names.get(i).isEmpty()) {
                ticks.add(new Axis.Tick(Exact.of(i + 1L), names.get(i)));
            }
        }
        return new Axis(title, Exact.HALF, Exact.of(names.size()).plus(Exact.HALF), ticks, true);
    }

    /** The places in the palette: as wished for, each at its own where nothing is. */
    List<Integer> colours(int series) {
        return colours(series, false);
    }

    /** The same; where nothing is wished for all may be alike, since their names stand beside them. */
    List<Integer> colours(int series, boolean alike) {
        String[] said = wish.get(Setting.COLOURS).orElse("").split("\\s+", -1);
        List<Integer> places = new ArrayList<>();
        for (int i = 0; i < series; i++) {
            places.add(i < said.length && said[i].matches("[1-9]") ? Integer.parseInt(said[i]) - 1 : alike ? 0 : i);
        }
        return places;
    }

    /** Names in order: numbers by size and before words. */
    Comparator<String> byName() {
        return Comparator.comparing(
                        (String name) -> card.numerals()
                                .read(name)
                                .map(Numerals.Numeral::exact)
                                .orElse(null),
                        Comparator.nullsLast(Comparator.naturalOrder()))
                .thenComparing(Comparator.naturalOrder());
    }

    /** A sentence as words of the picture. */
    static String words(String key, Object... facts) {
        return Sentence.of(key, facts).toString();
    }
}
