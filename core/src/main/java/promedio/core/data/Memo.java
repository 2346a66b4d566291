package promedio.core.data;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Function;

/** Remembers what was found out about texts, since the same ones stand in many cells; not where they hardly ever repeat. */
final class Memo<T> {
    private static final int MOST = 10_000;
    /** With so many different ones among the first, the others are not worth looking up. */
    private static final int FIRST = 4_000;

    private final Map<String, T> known = new HashMap<>();
    private final Function<String, T> find;
    private int asked;
    private boolean unlike;

    Memo(Function<String, T> find) {
        this.find = find;
    }

    T of(String text) {
        if (unlike) {
            return find.apply(text);
        }
        T found = known.get(text);
        if (found == null) {
            found = find.apply(text);
            if (known.size() < MOST) {
                known.put(text, found);
            }
        }
        if (++asked == FIRST) {
            unlike = 2 * known.size() > FIRST;
        }
        return found;
    }
}
