package promedio.core.measure;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;
import promedio.core.formula.Formula;
import promedio.core.sample.Shape;

/**
 * Formulas that many measures use, one object for each shape, so that an evaluation computes each once: the quartiles of a
 * rule stand in seven measures.
 */
final class Shared {
    private static final int MOST = 2_000;
    private static final Map<Key, Formula.Named> KNOWN = new LinkedHashMap<>(64, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, Formula.Named> eldest) {
            return size() > MOST;
        }
    };

    private Shared() {}

    private record Key(String measure, Shape shape) {}

    /** The formula of a measure, by its key, for a shape; made when first asked for. */
    static Formula.Named formula(String measure, Shape shape, Supplier<Formula.Named> making) {
        Key key = new Key(measure, shape);
        synchronized (KNOWN) {
            Formula.Named known = KNOWN.get(key);
            if (known != null) {
                return known;
            }
        }
        Formula.Named made = making.get();
        synchronized (KNOWN) {
            return KNOWN.computeIfAbsent(key, absent -> made);
        }
    }
}
