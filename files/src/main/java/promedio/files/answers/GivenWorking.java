package promedio.files.answers;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import promedio.core.ownwork.OwnSheet;

/**
 * What a student worked by hand and handed in.
 *
 * @param who the student
 * @param sheetId the sample that is worked, in the tutor's assignment
 * @param sheet the table, and which lines stand below it
 * @param lines the answers of these lines, by question
 */
public record GivenWorking(String who, String sheetId, OwnSheet sheet, Map<String, String> lines) {
    /** Copies the lines, in their order. */
    public GivenWorking {
        lines = Collections.unmodifiableMap(new LinkedHashMap<>(lines));
    }
}
