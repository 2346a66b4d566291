package promedio.core.data;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Function;

/** Remembers what was found out about texts, since the same ones stand in many cells. */
final class Memo<T> {
    private static final int MOST = 10_000;

    private final Map<String, T> known = new HashMap<>();
    private final Function<String, T> find;

    Memo(Function<String, T> find) {
        this.find = find;
    }

    T of(String text) {
        T found = known.get(text);
        if (found == null) {
            found = find.apply(text);
            if (known.size() < MOST) {
                known.put(text, found);
            }
        }
        return found;
    }
}
