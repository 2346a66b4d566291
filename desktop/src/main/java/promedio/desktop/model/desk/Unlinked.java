package promedio.desktop.model.desk;

import java.util.Optional;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.SampleSheet;
import promedio.desktop.text.Words;

/** Says so when a sample does not follow its column any more: nothing is let go silently. */
final class Unlinked {
    private Unlinked() {}

    static Optional<String> by(Assignment before, Assignment now) {
        return before.sheets().stream()
                .filter(sheet -> sheet.link().isPresent())
                .flatMap(sheet -> now.sheet(sheet.id()).stream())
                .filter(sheet -> sheet.link().isEmpty())
                .map(SampleSheet::name)
                .reduce((some, one) -> some + ", " + one)
                .map(names -> Words.of("message.unlinked", names));
    }
}
