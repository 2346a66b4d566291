package promedio.core.assignment;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.course.CourseCard;
import promedio.core.jotter.Jotting;
import promedio.core.picture.Wishes;
import promedio.core.sentence.Visible;

/**
 * The document: data tables and samples on the shelf, the course card, and the student's answers. Immutable; an {@link Edit} makes the
 * next one.
 *
 * @param title what the assignment is called; may be empty
 * @param sheets the samples in the order of the shelf
 * @param card the conventions of the course
 * @param answers the answers, by sample and question
 * @param attempts whether figures are covered until they are answered, and what came of it
 * @param foreign what its file holds that this version does not know
 * @param tables the data tables in the order of the shelf, above the samples
 * @param tasks what a tutor has set
 * @param pictures what is said of pictures, by sample or table
 * @param jotter what was asked in the jotter, the last at the end
 */
public record Assignment(
        String title,
        List<SampleSheet> sheets,
        CourseCard card,
        Map<Question, String> answers,
        Attempts attempts,
        Foreign foreign,
        List<DataTable> tables,
        Tasks tasks,
        Map<String, Wishes> pictures,
        List<Jotting> jotter) {
    /** An empty assignment under the standard card. */
    public static final Assignment EMPTY = new Assignment("", List.of(), CourseCard.STANDARD, Map.of(), Attempts.OPEN);

    /** An assignment whose figures lie open. */
    public Assignment(String title, List<SampleSheet> sheets, CourseCard card, Map<Question, String> answers) {
        this(title, sheets, card, answers, Attempts.OPEN);
    }

    /** An assignment of which everything is known. */
    public Assignment(
            String title, List<SampleSheet> sheets, CourseCard card, Map<Question, String> answers, Attempts attempts) {
        this(title, sheets, card, answers, attempts, Foreign.NOTHING, List.of(), Tasks.NONE, Map.of(), List.of());
    }

    /** A question: a measure of a sample, without convention. */
    public record Question(String sheetId, String measure) {}

    /** Copies lists and maps. */
    public Assignment {
        title = Visible.encodable(title);
        sheets = List.copyOf(sheets);
        tables = List.copyOf(tables);
        pictures = Map.copyOf(pictures);
        jotter = List.copyOf(jotter);
        answers = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(answers));
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

    /** The answer to a question. */
    public Optional<String> answer(String sheetId, String measure) {
        return Optional.ofNullable(answers.get(new Question(sheetId, measure)));
    }

    /** Whether a question's figure is covered: attempts come first, and there is neither an answer nor a lifted cover. */
    public boolean covers(String sheetId, String measure) {
        Question question = new Question(sheetId, measure);
        return attempts.first() && !answers.containsKey(question) && !attempts.seen(question);
    }

    Assignment withAttempts(Attempts other) {
        return new Assignment(title, sheets, card, answers, other, foreign, tables, tasks, pictures, jotter);
    }

    /** An id that no sheet has yet. */
    public String freshId() {
        int next = sheets.size() + 1;
        while (isTaken("s" + next)) {
            next++;
        }
        return "s" + next;
    }

    /** An id that no table has yet. */
    public String freshTableId() {
        int next = tables.size() + 1;
        while (isTaken("t" + next)) {
            next++;
        }
        return "t" + next;
    }

    private boolean isTaken(String id) {
        return has(id)
                || foreign.samples().stream().anyMatch(sample -> sample.id().equals(id));
    }

    /** The same with what its file holds that this version does not know. */
    public Assignment withForeign(Foreign parts) {
        return new Assignment(title, sheets, card, answers, attempts, parts, tables, tasks, pictures, jotter);
    }

    /** With what a tutor has set. */
    public Assignment withTasks(Tasks other) {
        return new Assignment(title, sheets, card, answers, attempts, foreign, tables, other, pictures, jotter);
    }

    /** The card under which the answers to a question are marked. */
    public CourseCard cardFor(Question question) {
        return tasks.of(question).map(task -> task.card(card)).orElse(card);
    }

    Assignment withTitle(String newTitle) {
        return new Assignment(newTitle, sheets, card, answers, attempts, foreign, tables, tasks, pictures, jotter);
    }

    Assignment withCard(CourseCard newCard) {
        return new Assignment(
                title,
                sheets,
                newCard,
                answers,
                attempts,
                foreign.after(card, newCard),
                tables,
                tasks,
                pictures,
                jotter);
    }

    Assignment withSheet(SampleSheet changed) {
        List<SampleSheet> all = new ArrayList<>(sheets);
        all.replaceAll(sheet -> sheet.id().equals(changed.id()) ? changed : sheet);
        return new Assignment(title, all, card, answers, attempts, foreign, tables, tasks, pictures, jotter);
    }

    Assignment withNewSheet(int at, SampleSheet sheet) {
        List<SampleSheet> all = new ArrayList<>(sheets);
        all.add(Math.min(at, all.size()), sheet);
        return new Assignment(title, all, card, answers, attempts, foreign, tables, tasks, pictures, jotter);
    }

    /** With other data tables. */
    public Assignment withTables(List<DataTable> other) {
        Map<String, Wishes> left = new LinkedHashMap<>(pictures);
        tables.stream()
                .map(DataTable::id)
                .filter(id -> other.stream().noneMatch(table -> table.id().equals(id)))
                .forEach(left::remove);
        return new Assignment(title, sheets, card, answers, attempts, foreign, other, tasks, left, jotter);
    }

    Assignment withTable(DataTable changed) {
        List<DataTable> all = new ArrayList<>(tables);
        all.replaceAll(table -> table.id().equals(changed.id()) ? changed : table);
        return withTables(all);
    }

    Assignment withSheets(List<SampleSheet> other) {
        return new Assignment(title, other, card, answers, attempts, foreign, tables, tasks, pictures, jotter);
    }

    Assignment withoutSheet(String id) {
        Map<Question, String> left = new LinkedHashMap<>(answers);
        left.keySet().removeIf(question -> question.sheetId().equals(id));
        return new Assignment(
                title,
                sheets.stream().filter(sheet -> !sheet.id().equals(id)).toList(),
                card,
                left,
                attempts,
                foreign,
                tables,
                tasks.withoutSheet(id),
                left(id),
                jotter);
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
        return new Assignment(title, sheets, card, answers, attempts, foreign, tables, tasks, changed, jotter);
    }

    /** With other lines in the jotter. */
    public Assignment withJotter(List<Jotting> other) {
        return new Assignment(title, sheets, card, answers, attempts, foreign, tables, tasks, pictures, other);
    }

    private Map<String, Wishes> left(String gone) {
        Map<String, Wishes> left = new LinkedHashMap<>(pictures);
        left.remove(gone);
        return left;
    }

    Assignment withAnswer(Question question, String text) {
        Map<Question, String> changed = new LinkedHashMap<>(answers);
        if (text.isBlank()) {
            changed.remove(question);
        } else {
            changed.put(question, Visible.encodable(text.strip()));
        }
        return new Assignment(
                title,
                sheets,
                card,
                changed,
                attempts.answered(question, text.strip()),
                foreign,
                tables,
                tasks,
                pictures,
                jotter);
    }
}
