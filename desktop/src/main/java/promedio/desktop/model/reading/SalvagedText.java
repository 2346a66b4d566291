package promedio.desktop.model.reading;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import promedio.desktop.text.Words;
import promedio.files.assignment.AssignmentFile;

/** What to say of what was got out of a damaged file: what is whole, what to check, what is gone, and what to do. */
final class SalvagedText {
    private static final int MOST_NAMED = 6;

    private SalvagedText() {}

    static String of(AssignmentFile.Salvaged left, Path file) {
        List<String> said = new ArrayList<>(List.of(Words.of("salvaged.damaged", file)));
        add(said, "salvaged.whole", left.whole());
        add(said, "salvaged.broken", left.broken());
        add(said, "salvaged.lost", left.lost());
        if (!left.described()) {
            said.add(Words.of("salvaged.undescribed"));
        }
        said.add(Words.of("salvaged.next"));
        return String.join(" ", said);
    }

    private static void add(List<String> said, String key, List<String> names) {
        if (!names.isEmpty()) {
            String named = String.join(", ", names.subList(0, Math.min(MOST_NAMED, names.size())));
            int more = names.size() - MOST_NAMED;
            said.add(Words.of(key, more > 0 ? Words.of("salvaged.more", named, more) : named));
        }
    }
}
