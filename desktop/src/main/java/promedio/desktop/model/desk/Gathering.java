package promedio.desktop.model.desk;

import java.util.List;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;
import promedio.desktop.text.Words;

/** Samples kept together as groups, under a name that is free. */
public final class Gathering {
    private Gathering() {}

    /** The edit that keeps samples together under a name, another one where that is taken. */
    public static Edit of(Assignment now, List<String> ids, String name) {
        String free = name;
        for (int i = 2; isTaken(now, free); i++) {
            free = Words.of("together.again", name, i);
        }
        return new Edit.Gather(ids, free);
    }

    private static boolean isTaken(Assignment now, String name) {
        return now.sheets().stream().anyMatch(sheet -> sheet.groups().equals(name));
    }
}
