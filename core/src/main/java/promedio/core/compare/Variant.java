package promedio.core.compare;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.course.CourseCard;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.picture.Named;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;

/**
 * What a sample would be without some of its values and with some others.
 *
 * @param sample the sample as it would be; empty where that cannot be
 * @param why why not, and what would do
 */
public record Variant(Optional<Named> sample, Optional<Sentence> why) {
    private static final Exact MOST = Exact.of(100_000);
    private static final int MOST_TIMES = 10_000;
    private static final Pattern TIMES = Pattern.compile("(\\d{1,5})\\s*[x×*]\\s*(\\S+)");
    private static final Pattern BETWEEN = Pattern.compile("[;\\s]+(?![x×*])(?<![x×*]\\s)");

    private static Variant none(String key, Object... facts) {
        return new Variant(Optional.empty(), Optional.of(Sentence.of(key, facts)));
    }

    /**
     * Makes it.
     *
     * @param without the values that are left out, as they are typed: {@code 75 120}
     * @param with the values that are added: {@code 100 5×90}
     */
    public static Variant of(Named of, String without, String with, CourseCard card) {
        boolean list = of.isList()
                && !of.sample().shape().relative()
                && of.sample().count().compareTo(MOST) <= 0;
        if (!list) {
            return none("compare.what-if.list", of.name());
        }
        List<BigDecimal> left = new ArrayList<>();
        List<BigDecimal> added = new ArrayList<>();
        Optional<String> wrong = read(without, card, left).or(() -> read(with, card, added));
        if (wrong.isPresent()) {
            return none("compare.what-if.number", wrong.get());
        }
        Sample expanded = of.sample().weighted() ? of.sample().expanded() : of.sample();
        List<BigDecimal> values = new ArrayList<>();
        for (int i = 0; i < expanded.rows(); i++) {
            values.add(expanded.values().decimal(i));
        }
        for (BigDecimal out : left) {
            int found = -1;
            for (int i = 0; i < values.size() && found < 0; i++) {
                found = values.get(i).compareTo(out) == 0 ? i : -1;
            }
            if (found < 0) {
                return none("compare.what-if.not-there", out.toPlainString(), of.name());
            }
            values.remove(found);
        }
        values.addAll(added);
        if (values.isEmpty()) {
            return none("compare.what-if.nothing-left", of.name());
        }
        String name = Sentence.of("compare.what-if.name", of.name()).toString();
        Sample made = Sample.list(Decimals.from(values)).withMissing(of.sample().missing());
        return new Variant(Optional.of(new Named(name, of.unit(), made, Optional.empty())), Optional.empty());
    }

    /** Reads numbers with blanks or semicolons between, {@code 5×90} for five; gives back what is none. */
    private static Optional<String> read(String typed, CourseCard card, List<BigDecimal> into) {
        for (String piece : BETWEEN.split(typed.strip(), -1)) {
            if (!piece.isEmpty()) {
                Matcher times = TIMES.matcher(piece);
                boolean several = times.matches();
                Optional<BigDecimal> number =
                        card.numerals().read(several ? times.group(2) : piece).map(Numerals.Numeral::value);
                int count = several ? Integer.parseInt(times.group(1)) : 1;
                if (number.isEmpty() || count > MOST_TIMES) {
                    return Optional.of(piece);
                }
                for (int i = 0; i < count; i++) {
                    into.add(number.get());
                }
            }
        }
        return Optional.empty();
    }
}
