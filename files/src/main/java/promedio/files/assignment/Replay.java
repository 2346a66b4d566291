package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.Map;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.DataTable;
import promedio.core.assignment.Edit;
import promedio.core.assignment.Following;
import promedio.core.assignment.History;
import promedio.core.assignment.SampleSheet;
import promedio.files.trail.Walks;

/** Work that is done again as a journal tells it. What cannot be done again has its place among what is undone and redone. */
final class Replay {
    private final Deque<Boolean> past = new ArrayDeque<>();
    private final Deque<Boolean> future = new ArrayDeque<>();
    private final Walks walks = new Walks();
    private History history;
    private int edits;

    Replay(Assignment base) {
        history = new History(base);
    }

    History history() {
        return history;
    }

    /** How many edits, undos and redos there were. */
    int edits() {
        return edits;
    }

    /** Goes on from an assignment as it stands. */
    void begin(Assignment state) {
        edits++;
        history = new History(state);
        past.clear();
        future.clear();
    }

    void make(Edit edit) {
        did(history.make(edit));
    }

    /** An edit that cannot be made. */
    void pass() {
        did(false);
    }

    private void did(boolean something) {
        edits++;
        past.push(something);
        future.clear();
    }

    void undo() {
        edits++;
        if (past.isEmpty()) {
            return;
        }
        boolean something = past.pop();
        future.push(something);
        if (something) {
            history.undo();
        }
    }

    void redo() {
        edits++;
        if (future.isEmpty()) {
            return;
        }
        boolean something = future.pop();
        past.push(something);
        if (something) {
            history.redo();
        }
    }

    /** Gives samples the entries that the steps of their tables had given them. */
    void settle(JsonNode samples) {
        Map<String, SampleSheet> given = new LinkedHashMap<>();
        for (JsonNode sample : samples) {
            SampleSheet sheet = WholeJson.readSheet(sample);
            given.put(sheet.id(), sheet);
        }
        history.settle(Following.given(history.present(), given));
    }

    /** The same where the journal does not say what they were given: the steps are walked again. */
    void walk() {
        for (DataTable table : history.present().tables()) {
            Assignment now = history.present();
            if (Following.isFollowed(now, table)) {
                history.settle(Following.settled(now, table, walks.of(table, now.card(), () -> {}))
                        .assignment());
            }
        }
    }
}
