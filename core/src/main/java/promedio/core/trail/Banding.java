package promedio.core.trail;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import promedio.core.course.CardKey;
import promedio.core.course.Closed;
import promedio.core.course.CourseCard;
import promedio.core.language.Fault;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sentence.Sentence;
import promedio.core.tabulate.ClassLabel;
import promedio.core.vector.Kind;
import promedio.core.vector.Numbers;
import promedio.core.vector.Register;
import promedio.core.vector.Texts;

/**
 * Sorts numbers into bands. A band is a class as definitions 2 write it; which of its ends belong to it is told by how it is written, and
 * where two bands both claim the number at which they meet, by the card.
 */
final class Banding {
    private static final Pattern WITHOUT_LOW =
            Pattern.compile("^\\(.*|.*[0-9]\\s*<\\s*\\p{L}.*|^(?:over|above|more than|>(?!=)).*");
    private static final Pattern WITH_HIGH = Pattern.compile(
            ".*(?:]|≤\\s*[^\\s]+|<=\\s*[^\\s]+)$|.*(?:up to|at most|not more than|not over|not above).*");
    private static final Pattern UNDER =
            Pattern.compile(".*(?:under|below|less|fewer|lower|younger|earlier).*|.*(?<![\\w≤=])<(?!=)[^<≤]*$|.*\\)$");

    private final Field field;
    private final Step.Bands step;
    private final CourseCard card;
    private final promedio.core.language.Told told;

    Banding(Field field, Step.Bands step, CourseCard card, promedio.core.language.Told told) {
        this.field = field;
        this.step = step;
        this.card = card;
        this.told = told;
    }

    /** A band: its ends, and whether each belongs to it. */
    private record Band(
            Step.Band written,
            Optional<Exact> from,
            boolean withFrom,
            Optional<Exact> to,
            boolean withTo,
            boolean firm) {
        String label() {
            return written.label().orElse(written.written().strip());
        }

        Band withoutFrom() {
            return new Band(written, from, false, to, withTo, firm);
        }

        Band withoutTo() {
            return new Band(written, from, withFrom, to, false, firm);
        }

        private Register end(Optional<Exact> end) {
            Register register = new Register();
            end.ifPresent(register::figure);
            return register;
        }
    }

    private static Band band(Step.Band band) {
        String text = band.written().strip();
        ClassLabel label =
                ClassLabel.parse(text, Numerals.POINT).orElseThrow(() -> Fault.of(band.at(), "step.no-class", text));
        if (label.from().isPresent()
                && label.to().isPresent()
                && label.from().get().compareTo(label.to().get()) > 0) {
            throw Fault.of(band.at(), "step.class-backwards", text);
        }
        String lower = text.toLowerCase(Locale.ROOT);
        boolean withFrom = !WITHOUT_LOW.matcher(lower).matches();
        boolean under = UNDER.matcher(lower).matches() && !lower.matches(".*not\\s+(?:less|under|below).*");
        boolean withTo =
                switch (label.kind()) {
                    case LIMITS, SINGLE -> true;
                    case INTERVAL -> WITH_HIGH.matcher(lower).matches() && !under;
                    case OPEN -> !under || WITH_HIGH.matcher(lower).matches();
                };
        boolean firm = label.kind() == ClassLabel.Kind.INTERVAL || label.kind() == ClassLabel.Kind.OPEN;
        return new Band(band, label.from(), withFrom, label.to(), withTo, firm);
    }

    private List<Band> bands() {
        List<Band> bands =
                new ArrayList<>(step.bands().stream().map(Banding::band).toList());
        boolean upperTakes = card.get(CardKey.CLOSED) == Closed.LEFT;
        for (int i = 0; i < bands.size(); i++) {
            for (int j = 0; j < bands.size(); j++) {
                Band low = bands.get(i);
                Band high = bands.get(j);
                boolean meet = i != j
                        && low.to().isPresent()
                        && low.to().equals(high.from())
                        && low.withTo()
                        && high.withFrom()
                        && !low.from().equals(low.to())
                        && !high.from().equals(high.to());
                if (meet && upperTakes) {
                    bands.set(i, low.withoutTo());
                } else if (meet) {
                    bands.set(j, high.withoutFrom());
                }
            }
        }
        for (int i = 0; i < bands.size(); i++) {
            for (int j = 0; j < i; j++) {
                if (overlap(bands.get(j), bands.get(i))) {
                    throw Fault.of(
                            bands.get(i).written().at(),
                            "step.overlap",
                            bands.get(j).written().written().strip(),
                            bands.get(i).written().written().strip());
                }
            }
        }
        return bands;
    }

    private static boolean overlap(Band one, Band two) {
        return !endsBefore(one, two) && !endsBefore(two, one);
    }

    private static boolean endsBefore(Band one, Band two) {
        if (one.to().isEmpty() || two.from().isEmpty()) {
            return false;
        }
        int compared = one.to().get().compareTo(two.from().get());
        return compared < 0 || compared == 0 && !(one.withTo() && two.withFrom());
    }

    /** The column of bands. */
    Field field(String name) {
        if (field.kind() != Kind.NUMBER && field.kind() != Kind.NOTHING) {
            throw Fault.of(step.column().at(), "language.needs.NUMBER", Sentence.of("language.kind." + field.kind()));
        }
        List<Band> bands = bands();
        List<String> labels = bands.stream().map(Band::label).distinct().toList();
        int[] codes = new int[field.vector().size()];
        Arrays.fill(codes, -1);
        long outside = 0;
        if (field.vector() instanceof Numbers numbers) {
            List<Register> from =
                    bands.stream().map(band -> band.end(band.from())).toList();
            List<Register> to = bands.stream().map(band -> band.end(band.to())).toList();
            Register cell = new Register();
            for (int row = 0; row < codes.length; row++) {
                numbers.get(row, cell);
                for (int i = 0; i < bands.size() && !cell.isMissing() && codes[row] < 0; i++) {
                    boolean in = isIn(cell, bands.get(i), from.get(i), to.get(i));
                    codes[row] = in ? labels.indexOf(bands.get(i).label()) : -1;
                }
                outside += !cell.isMissing() && codes[row] < 0 ? 1 : 0;
            }
        }
        told.count("told.in-no-band.", outside);
        return Field.of(name, "", Texts.of(codes, labels, Optional.of(labels)));
    }

    private static boolean isIn(Register cell, Band band, Register from, Register to) {
        int low = from.isMissing() ? 1 : cell.compare(from);
        int high = to.isMissing() ? -1 : cell.compare(to);
        return (low > 0 || low == 0 && band.withFrom()) && (high < 0 || high == 0 && band.withTo());
    }
}
