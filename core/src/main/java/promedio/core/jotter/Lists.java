package promedio.core.jotter;

import java.util.List;
import promedio.core.vector.Vector;

/** Lists that have names. */
public interface Lists {
    /** There are none. */
    Lists NONE = new Lists() {
        @Override
        public List<String> names() {
            return List.of();
        }

        @Override
        public Vector list(String name) {
            throw new IllegalArgumentException("There is no list “" + name + "”.");
        }
    };

    /** Their names. */
    List<String> names();

    /** The list with one of these names. */
    Vector list(String name);
}
