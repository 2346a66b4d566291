package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.UsedIds;

/** Ids of samples and tables as a file has them, and as they are here: each is one, and that of one thing only. */
final class FileIds {
    private static final Pattern ID = Pattern.compile("[A-Za-z0-9_][A-Za-z0-9_.-]{0,63}");

    private final Map<String, String> here = new HashMap<>();
    private final Set<String> taken = new HashSet<>();
    private final UsedIds used;

    FileIds(JsonNode document) {
        // Nothing that was said of a sample that is not there may come to belong to another.
        used = WholeJson.readUsed(document).with(document.findValuesAsText("sample").stream());
        for (String items : new String[] {AssignmentJson.TABLES, AssignmentJson.SAMPLES}) {
            document.path(items).forEach(item -> taken.add(item.path("id").asText()));
        }
    }

    /** The ids that were ever given in the file. */
    UsedIds used() {
        return used;
    }

    /** Whether the next sample or table can have an id: answers that go by the id of an earlier one stay its own. */
    boolean isFree(String asWritten) {
        return ID.matcher(asWritten).matches() && !here.containsKey(asWritten);
    }

    /** The id of the next sample. */
    String sample(String asWritten) {
        return take(asWritten, isFree(asWritten) ? asWritten : used.freshSample(taken::contains));
    }

    /** The id of the next table. */
    String table(String asWritten) {
        return take(asWritten, isFree(asWritten) ? asWritten : used.freshTable(taken::contains));
    }

    private String take(String asWritten, String id) {
        taken.add(id);
        here.putIfAbsent(asWritten, id);
        return id;
    }

    /** An id as it is here. */
    String here(String asWritten) {
        return here.getOrDefault(asWritten, asWritten);
    }

    /** A question as it is here. */
    Assignment.Question here(Assignment.Question asked) {
        return new Assignment.Question(here(asked.sheetId()), asked.measure());
    }
}
