package promedio.files.assignment;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** What of a journal cannot be had, since originals are gone or changed; everything else of it can. */
final class LostTables {
    private final Set<String> names = new LinkedHashSet<>();

    /** A table cannot be had. */
    static final class Lost extends IllegalArgumentException {
        private static final long serialVersionUID = 1L;

        private final String name;

        Lost(String name, Throwable cause) {
            super(cause.getMessage(), cause);
            this.name = name;
        }

        /** What it was called. */
        String name() {
            return name;
        }
    }

    void add(String name) {
        names.add(name);
    }

    /** The names of what is lost. */
    List<String> names() {
        return new ArrayList<>(names);
    }
}
