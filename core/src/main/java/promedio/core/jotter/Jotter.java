package promedio.core.jotter;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import promedio.core.course.CourseCard;
import promedio.core.language.Evaluator;
import promedio.core.language.Fault;
import promedio.core.language.Formula;
import promedio.core.language.Place;
import promedio.core.language.Scope;
import promedio.core.language.Told;
import promedio.core.number.Exact;
import promedio.core.sentence.Sentence;
import promedio.core.vector.Numbers;
import promedio.core.vector.Register;
import promedio.core.vector.Vector;

/**
 * Works out formulas on values and lists of values. Names are those of samples; {@code it} is the last result; {@code seed 7} says with
 * what the next draws are made.
 */
public final class Jotter {
    /** The name of the last result. */
    public static final String IT = "it";

    private final Runnable pause;
    private Optional<Vector> last = Optional.empty();
    private SplittableRandom random;

    /**
     * A jotter.
     *
     * @param seed with what draws are made until a seed is set
     * @param pause what is asked every few thousand values; it stops the work by throwing
     */
    public Jotter(long seed, Runnable pause) {
        this.pause = pause;
        this.random = new SplittableRandom(seed);
    }

    /** Makes the result of a line that was kept the last one; what was only approximate stays so. */
    public void recall(Jotting line, CourseCard card) {
        last = Optional.empty();
        // What was too long to be kept exactly is what was shown of it.
        String kept = line.exact().isEmpty() && line.approximate() ? line.result() : line.exact();
        if (!kept.isEmpty()) {
            work(kept, Lists.NONE, card, random);
        }
        if (line.approximate()) {
            last = last.map(Jotter::approximate);
        }
    }

    private static Vector approximate(Vector exact) {
        if (!(exact instanceof Numbers numbers) || numbers.isApproximate()) {
            return exact;
        }
        Numbers.Builder builder = new Numbers.Builder(numbers.isConstant() ? 1 : numbers.size());
        Register register = new Register();
        for (int row = 0; row < (numbers.isConstant() ? 1 : numbers.size()); row++) {
            numbers.figure(row).ifPresentOrElse(figure -> register.approximate(figure.toDouble()), register::clear);
            builder.add(register);
        }
        return numbers.isConstant() ? builder.build().stretched(1) : builder.build();
    }

    /** Works out what is being written; neither is it the last result, nor is anything drawn for it. */
    public Jotted look(String text, Lists lists, CourseCard card) {
        Optional<Vector> before = last;
        try {
            return work(text, lists, card, null);
        } finally {
            last = before;
        }
    }

    /**
     * Works out what is asked.
     *
     * @param lists what names stand for
     */
    public Jotted ask(String text, Lists lists, CourseCard card) {
        return work(text, lists, card, random);
    }

    private Jotted work(String text, Lists lists, CourseCard card, SplittableRandom draws) {
        Told told = new Told();
        try {
            Formula.Line line = Formula.line(text);
            if (line.seed().isPresent()) {
                seed(line.seed().get(), text, draws != null);
                return new Jotted(
                        text,
                        Optional.empty(),
                        Optional.empty(),
                        List.of(Sentence.of("jotter.seed", line.seed().get())));
            }
            RandomGenerator generator = draws != null
                    ? draws
                    : () -> {
                        throw Fault.of(new Place(0, text.length()), "jotter.drawn-later");
                    };
            Vector result = new Evaluator(new Names(lists), card, told, pause, generator)
                    .of(line.asked().orElseThrow());
            last = Optional.of(result);
            return new Jotted(text, last, Optional.empty(), told.sentences());
        } catch (Fault fault) {
            return new Jotted(text, Optional.empty(), Optional.of(ofName(fault)), told.sentences());
        } catch (ArithmeticException | StackOverflowError | OutOfMemoryError large) {
            Fault fault = Fault.of(new Place(0, text.length()), "jotter.too-large");
            return new Jotted(text, Optional.empty(), Optional.of(fault), List.of());
        }
    }

    /** Here are no columns; what is not there is a name. */
    private static Fault ofName(Fault fault) {
        Object[] facts = fault.sentence().facts().toArray();
        return switch (fault.sentence().key()) {
            case "language.no-column" -> Fault.of(fault.at(), "jotter.no-name", facts);
            case "language.no-column.meant" -> Fault.of(fault.at(), "jotter.no-name.meant", facts);
            default -> fault;
        };
    }

    private void seed(Exact seed, String text, boolean set) {
        boolean fits = seed.isWhole() && seed.numerator().bitLength() < Long.SIZE;
        if (!fits) {
            throw Fault.of(new Place(0, text.length()), "jotter.no-seed");
        }
        if (set) {
            random = new SplittableRandom(seed.numerator().longValue());
        }
    }

    /** Names of samples, and the last result. */
    private final class Names implements Scope {
        private final Lists lists;

        Names(Lists lists) {
            this.lists = lists;
        }

        @Override
        public int rows() {
            return 1;
        }

        @Override
        public List<String> names() {
            List<String> names = new ArrayList<>(lists.names());
            if (last.isPresent() && !names.contains(IT)) {
                names.add(IT);
            }
            return names;
        }

        @Override
        public Vector column(String name) {
            return lists.names().contains(name) ? lists.list(name) : last.orElseThrow();
        }

        @Override
        public boolean hasLists() {
            return true;
        }
    }
}
