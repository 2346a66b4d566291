package promedio.core.jotter;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import promedio.core.course.CourseCard;
import promedio.core.language.Evaluator;
import promedio.core.language.Fault;
import promedio.core.language.Formula;
import promedio.core.language.Place;
import promedio.core.language.Scope;
import promedio.core.language.Told;
import promedio.core.number.Exact;
import promedio.core.sentence.Sentence;
import promedio.core.vector.Vector;

/**
 * Works out formulas on values and lists of values. Names are those of samples; {@code it} is the last result; {@code seed 7} says with
 * what the next draws are made.
 */
public final class Jotter {
    /** The name of the last result. */
    public static final String IT = "it";

    private final Map<String, Vector> known = new LinkedHashMap<>();
    private final CourseCard card;
    private final Runnable pause;
    private Optional<Vector> last = Optional.empty();
    private SplittableRandom random;

    /**
     * A jotter.
     *
     * @param lists what names stand for
     * @param seed with what draws are made until a seed is set
     * @param pause what is asked every few thousand values; it stops the work by throwing
     */
    public Jotter(Map<String, Vector> lists, CourseCard card, long seed, Runnable pause) {
        known.putAll(lists);
        this.card = card;
        this.pause = pause;
        this.random = new SplittableRandom(seed);
    }

    /** Makes a result the last one. */
    public void remember(Vector result) {
        last = Optional.of(result);
    }

    /** Works out what is asked. */
    public Jotted ask(String text) {
        Told told = new Told();
        try {
            Formula.Line line = Formula.line(text);
            if (line.seed().isPresent()) {
                seed(line.seed().get(), text);
                return new Jotted(
                        text,
                        Optional.empty(),
                        Optional.empty(),
                        List.of(Sentence.of("jotter.seed", line.seed().get())));
            }
            Vector result = new Evaluator(new Names(), card, told, pause, random)
                    .of(line.asked().orElseThrow());
            last = Optional.of(result);
            return new Jotted(text, last, Optional.empty(), told.sentences());
        } catch (Fault fault) {
            return new Jotted(text, Optional.empty(), Optional.of(fault), told.sentences());
        } catch (ArithmeticException | StackOverflowError | OutOfMemoryError large) {
            Fault fault = Fault.of(new Place(0, text.length()), "jotter.too-large");
            return new Jotted(text, Optional.empty(), Optional.of(fault), List.of());
        }
    }

    private void seed(Exact seed, String text) {
        boolean fits = seed.isWhole() && seed.numerator().bitLength() < Long.SIZE;
        if (!fits) {
            throw Fault.of(new Place(0, text.length()), "jotter.no-seed");
        }
        random = new SplittableRandom(seed.numerator().longValue());
    }

    /** Names of samples, and the last result. */
    private final class Names implements Scope {
        @Override
        public int rows() {
            return 1;
        }

        @Override
        public List<String> names() {
            List<String> names = new ArrayList<>(known.keySet());
            if (last.isPresent() && !known.containsKey(IT)) {
                names.add(IT);
            }
            return names;
        }

        @Override
        public Vector column(String name) {
            return known.containsKey(name) ? known.get(name) : last.orElseThrow();
        }

        @Override
        public boolean hasLists() {
            return true;
        }
    }
}
