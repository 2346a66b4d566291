package promedio.core.assignment;

import java.util.ArrayList;
import java.util.List;
import promedio.core.jotter.Jotting;

/** Edits of what was asked in the jotter. */
public sealed interface JotEdit extends Edit {
    /** So many lines are kept; the oldest make room. */
    int MOST = 500;

    /** A line asked; its parts are those of a {@link Jotting}. */
    @Edit.Written("jot")
    record Jot(String asked, String result, String exact, boolean approximate) implements JotEdit {
        /** A line as it is kept. */
        public Jot(Jotting line) {
            this(line.asked(), line.result(), line.exact(), line.approximate());
        }

        @Override
        public Assignment apply(Assignment before) {
            List<Jotting> lines = new ArrayList<>(before.jotter());
            lines.add(new Jotting(asked, result, exact, approximate));
            return before.with(all -> all.jotter(lines.subList(Math.max(0, lines.size() - MOST), lines.size())));
        }

        @Override
        public String undoKey() {
            return "jot";
        }
    }

    /** A line taken out of the jotter, by its place from 0; every line for −1. */
    @Edit.Written("unjot")
    record Unjot(int row) implements JotEdit {
        @Override
        public Assignment apply(Assignment before) {
            List<Jotting> lines = new ArrayList<>(row < 0 ? List.of() : before.jotter());
            if (row >= 0 && row < lines.size()) {
                lines.remove(row);
            }
            return before.with(all -> all.jotter(lines));
        }

        @Override
        public String undoKey() {
            return row < 0 ? "unjot-all" : "unjot";
        }
    }
}
