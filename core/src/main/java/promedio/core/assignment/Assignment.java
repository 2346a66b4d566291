package promedio.core.assignment;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import promedio.core.course.CourseCard;
import promedio.core.jotter.Jotting;
import promedio.core.ownwork.OwnSheet;
import promedio.core.picture.Wishes;
import promedio.core.sentence.Visible;

/**
 * The document: data tables and samples on the shelf, the course card, and what the student did with its questions. Immutable; an {@link Edit} makes the
 * next one.
 *
 * @param title what the assignment is called; may be empty
 * @param sheets the samples in the order of the shelf
 * @param card the conventions of the course
 * @param attempts what a student did with each question, in the order in which they turned to them
 * @param asking whether figures are covered until they are answered, and how marks are given
 * @param foreign what its file holds that this version does not know
 * @param tables the data tables in the order of the shelf, above the samples
 * @param tasks what a tutor has set
 * @param pictures what is said of pictures, by sample or table
 * @param jotter what was asked in the jotter, the last at the end
 * @param workings what a student worked by hand, by sample
 * @param used the ids that were given to samples and tables, those of such as are gone, too
 */
public record Assignment(
        String title,
        List<SampleSheet> sheets,
        CourseCard card,
        Map<Question, Attempt> attempts,
        Asking asking,
        Foreign foreign,
        List<DataTable> tables,
        Tasks tasks,
        Map<String, Wishes> pictures,
        List<Jotting> jotter,
        Map<String, OwnSheet> workings,
        UsedIds used) {
    /** An empty assignment under the standard card. */
    public static final Assignment EMPTY = new Assignment(
            "",
            List.of(),
            CourseCard.STANDARD,
            Map.of(),
            Asking.OPEN,
            Foreign.NOTHING,
            List.of(),
            Tasks.NONE,
            Map.of(),
            List.of(),
            Map.of(),
            UsedIds.NONE);

    /** A question: a measure of a sample, without convention. */
    public record Question(String sheetId, String measure) {}

    /** Copies lists and maps. Assignments are put together by a {@link Builder}, part by part and by name. */
    public Assignment {
        title = Visible.encodable(title);
        sheets = List.copyOf(sheets);
        tables = List.copyOf(tables);
        pictures = Map.copyOf(pictures);
        jotter = List.copyOf(jotter);
        workings = Map.copyOf(workings);
        Map<Question, Attempt> made = new LinkedHashMap<>(attempts);
        made.values().removeIf(Attempt.NONE::equals);
        attempts = Collections.unmodifiableMap(made);
        used = used.with(sheets, tables);
    }

    /** An assignment of some samples under the standard card. */
    public static Assignment of(String title, SampleSheet... sheets) {
        return EMPTY.with(all -> all.title(title).sheets(List.of(sheets)));
    }

    /** The same with other parts. */
    public Assignment with(UnaryOperator<Builder> change) {
        return change.apply(new Builder(this)).made();
    }

    /**
     * As it is handed out to students: what a tutor has set and what it is about. What the tutor tried, jotted or could not read stays
     * behind, and so does whatever is not named here.
     */
    public Assignment handedOut() {
        return EMPTY.with(all -> all.title(title)
                .sheets(sheets)
                .card(card)
                .asking(asking)
                .foreign(foreign.withoutPieces())
                .tables(tables)
                .tasks(tasks)
                .pictures(pictures)
                .used(used));
    }

    /** Puts an assignment together, or changes parts of one. */
    public static final class Builder {
        private String title;
        private List<SampleSheet> sheets;
        private CourseCard card;
        private Map<Question, Attempt> attempts;
        private Asking asking;
        private Foreign foreign;
        private List<DataTable> tables;
        private Tasks tasks;
        private Map<String, Wishes> pictures;
        private List<Jotting> jotter;
        private Map<String, OwnSheet> workings;
        private UsedIds used;

        private Builder(Assignment from) {
            title = from.title;
            sheets = from.sheets;
            card = from.card;
            attempts = from.attempts;
            asking = from.asking;
            foreign = from.foreign;
            tables = from.tables;
            tasks = from.tasks;
            pictures = from.pictures;
            jotter = from.jotter;
            workings = from.workings;
            used = from.used;
        }

        private Assignment made() {
            return new Assignment(
                    title, sheets, card, attempts, asking, foreign, tables, tasks, pictures, jotter, workings, used);
        }

        /** What it is called. */
        public Builder title(String other) {
            title = other;
            return this;
        }

        /** The samples in the order of the shelf. */
        public Builder sheets(List<SampleSheet> other) {
            sheets = other;
            return this;
        }

        /** The conventions of the course. */
        public Builder card(CourseCard other) {
            card = other;
            return this;
        }

        /** What a student did with each question. */
        public Builder attempts(Map<Question, Attempt> other) {
            attempts = other;
            return this;
        }

        /** How it asks. */
        public Builder asking(Asking other) {
            asking = other;
            return this;
        }

        /** What its file holds that this version does not know. */
        public Builder foreign(Foreign other) {
            foreign = other;
            return this;
        }

        /** The data tables in the order of the shelf. */
        public Builder tables(List<DataTable> other) {
            tables = other;
            return this;
        }

        /** What a tutor has set. */
        public Builder tasks(Tasks other) {
            tasks = other;
            return this;
        }

        /** What is said of pictures, by sample or table. */
        public Builder pictures(Map<String, Wishes> other) {
            pictures = other;
            return this;
        }

        /** What was asked in the jotter. */
        public Builder jotter(List<Jotting> other) {
            jotter = other;
            return this;
        }

        /** What was worked by hand, by sample. */
        public Builder workings(Map<String, OwnSheet> other) {
            workings = other;
            return this;
        }

        /** The ids that were given. */
        public Builder used(UsedIds other) {
            used = other;
            return this;
        }
    }

    /** The sheet with an id. */
    public Optional<SampleSheet> sheet(String id) {
        return sheets.stream().filter(sheet -> sheet.id().equals(id)).findFirst();
    }

    /** The data table with an id. */
    public Optional<DataTable> table(String id) {
        return tables.stream().filter(table -> table.id().equals(id)).findFirst();
    }

    /** Whether a sample or a table has an id. */
    public boolean has(String id) {
        return sheet(id).isPresent() || table(id).isPresent();
    }

    /** What a student did with a question. */
    public Attempt attempt(Question question) {
        return attempts.getOrDefault(question, Attempt.NONE);
    }

    /** What a student did with a question about a sample. */
    public Attempt attempt(String sheetId, String measure) {
        return attempt(new Question(sheetId, measure));
    }

    /** The answers that stand, by question. */
    public Map<Question, String> answers() {
        Map<Question, String> answers = new LinkedHashMap<>();
        attempts.forEach((question, attempt) -> {
            if (attempt.isAnswered()) {
                answers.put(question, attempt.answer());
            }
        });
        return answers;
    }

    /** Whether a question's figure is covered: attempts come first, and there is neither an answer nor a lifted cover. */
    public boolean covers(String sheetId, String measure) {
        return asking.covered() && !attempt(sheetId, measure).isSeen();
    }

    /** With what a student did with one question, made of what they did before. */
    Assignment attempting(Question question, UnaryOperator<Attempt> doing) {
        Map<Question, Attempt> changed = new LinkedHashMap<>(attempts);
        changed.put(question, doing.apply(attempt(question)));
        return with(all -> all.attempts(changed));
    }

    /** An id that no sheet has or had. */
    public String freshId() {
        return used.freshSample(this::isTaken);
    }

    /** An id that no table has or had. */
    public String freshTableId() {
        return used.freshTable(this::isTaken);
    }

    private boolean isTaken(String id) {
        return has(id)
                || foreign.samples().stream().anyMatch(sample -> sample.id().equals(id));
    }

    /** The card under which the answers to a question are marked. */
    public CourseCard cardFor(Question question) {
        return tasks.of(question).map(task -> task.card(card)).orElse(card);
    }

    Assignment withCard(CourseCard newCard) {
        return with(all -> all.card(newCard).foreign(foreign.after(card, newCard)));
    }

    Assignment withSheet(SampleSheet changed) {
        List<SampleSheet> all = new ArrayList<>(sheets);
        all.replaceAll(sheet -> sheet.id().equals(changed.id()) ? changed : sheet);
        return with(one -> one.sheets(all));
    }

    Assignment withNewSheet(int at, SampleSheet sheet) {
        List<SampleSheet> all = new ArrayList<>(sheets);
        all.add(Math.min(at, all.size()), sheet);
        return with(one -> one.sheets(all));
    }

    /** With other data tables. */
    public Assignment withTables(List<DataTable> other) {
        Map<String, Wishes> left = new LinkedHashMap<>(pictures);
        tables.stream()
                .map(DataTable::id)
                .filter(id -> other.stream().noneMatch(table -> table.id().equals(id)))
                .forEach(left::remove);
        return with(all -> all.tables(other).pictures(left));
    }

    Assignment withTable(DataTable changed) {
        List<DataTable> all = new ArrayList<>(tables);
        all.replaceAll(table -> table.id().equals(changed.id()) ? changed : table);
        return withTables(all);
    }

    Assignment withSheets(List<SampleSheet> other) {
        return with(all -> all.sheets(other));
    }

    /** Without a sample, and without what belongs to it. */
    Assignment withoutSheet(String id) {
        Map<Question, Attempt> left = new LinkedHashMap<>(attempts);
        left.keySet().removeIf(question -> question.sheetId().equals(id));
        return with(all -> all.sheets(
                        sheets.stream().filter(sheet -> !sheet.id().equals(id)).toList())
                .attempts(left)
                .tasks(tasks.withoutSheet(id))
                .pictures(left(id))
                .workings(workingsWithout(id)));
    }

    /** What a student worked of a sample by hand; empty where there is nothing. */
    public Optional<OwnSheet> working(String sheetId) {
        return Optional.ofNullable(workings.get(sheetId));
    }

    Assignment withWorking(String sheetId, OwnSheet working) {
        Map<String, OwnSheet> changed = new LinkedHashMap<>(workings);
        changed.put(sheetId, working);
        return with(all -> all.workings(changed));
    }

    Assignment withoutWorking(String sheetId) {
        return with(all -> all.workings(workingsWithout(sheetId)));
    }

    private Map<String, OwnSheet> workingsWithout(String sheetId) {
        Map<String, OwnSheet> left = new LinkedHashMap<>(workings);
        left.remove(sheetId);
        return left;
    }

    /** What is said of the pictures of a sample or table. */
    public Wishes pictures(String id) {
        return pictures.getOrDefault(id, Wishes.NONE);
    }

    /** With something else said of the pictures of a sample or table. */
    public Assignment withPictures(String id, Wishes wishes) {
        Map<String, Wishes> changed = left(id);
        if (!wishes.said().isEmpty()) {
            changed.put(id, wishes);
        }
        return with(all -> all.pictures(changed));
    }

    private Map<String, Wishes> left(String gone) {
        Map<String, Wishes> left = new LinkedHashMap<>(pictures);
        left.remove(gone);
        return left;
    }
}
