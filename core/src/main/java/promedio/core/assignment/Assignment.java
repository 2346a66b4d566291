package promedio.core.assignment;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
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
 * @param used the ids that were given to samples and tables, those of such as are gone, too
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
        List<Jotting> jotter,
        UsedIds used) {
    /** An empty assignment under the standard card. */
    public static final Assignment EMPTY = new Assignment("", List.of(), CourseCard.STANDARD, Map.of(), Attempts.OPEN);

    /** An assignment whose figures lie open. */
    public Assignment(String title, List<SampleSheet> sheets, CourseCard card, Map<Question, String> answers) {
        this(title, sheets, card, answers, Attempts.OPEN);
    }

    /** An assignment of which everything is known. */
    public Assignment(
            String title, List<SampleSheet> sheets, CourseCard card, Map<Question, String> answers, Attempts attempts) {
        this(
                title,
                sheets,
                card,
                answers,
                attempts,
                Foreign.NOTHING,
                List.of(),
                Tasks.NONE,
                Map.of(),
                List.of(),
                UsedIds.NONE);
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
        used = used.with(sheets, tables);
    }

    /** The same assignment, some of what makes it to be changed. */
    private final class Other {
        private String newTitle = title;
        private List<SampleSheet> newSheets = sheets;
        private CourseCard newCard = card;
        private Map<Question, String> newAnswers = answers;
        private Attempts newAttempts = attempts;
        private Foreign newForeign = foreign;
        private List<DataTable> newTables = tables;
        private Tasks newTasks = tasks;
        private Map<String, Wishes> newPictures = pictures;
        private List<Jotting> newJotter = jotter;

        Assignment made() {
            return new Assignment(
                    newTitle,
                    newSheets,
                    newCard,
                    newAnswers,
                    newAttempts,
                    newForeign,
                    newTables,
                    newTasks,
                    newPictures,
                    newJotter,
                    used);
        }
    }

    private Assignment other(Consumer<Other> change) {
        Other other = new Other();
        change.accept(other);
        return other.made();
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
        return other(one -> one.newAttempts = other);
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

    /** The same with what its file holds that this version does not know. */
    public Assignment withForeign(Foreign parts) {
        return other(one -> one.newForeign = parts);
    }

    /** With what a tutor has set. */
    public Assignment withTasks(Tasks other) {
        return other(one -> one.newTasks = other);
    }

    /** The card under which the answers to a question are marked. */
    public CourseCard cardFor(Question question) {
        return tasks.of(question).map(task -> task.card(card)).orElse(card);
    }

    Assignment withTitle(String newTitle) {
        return other(one -> one.newTitle = newTitle);
    }

    Assignment withCard(CourseCard newCard) {
        return other(one -> {
            one.newCard = newCard;
            one.newForeign = foreign.after(card, newCard);
        });
    }

    Assignment withSheet(SampleSheet changed) {
        List<SampleSheet> all = new ArrayList<>(sheets);
        all.replaceAll(sheet -> sheet.id().equals(changed.id()) ? changed : sheet);
        return other(one -> one.newSheets = all);
    }

    Assignment withNewSheet(int at, SampleSheet sheet) {
        List<SampleSheet> all = new ArrayList<>(sheets);
        all.add(Math.min(at, all.size()), sheet);
        return other(one -> one.newSheets = all);
    }

    /** With other data tables. */
    public Assignment withTables(List<DataTable> other) {
        Map<String, Wishes> left = new LinkedHashMap<>(pictures);
        tables.stream()
                .map(DataTable::id)
                .filter(id -> other.stream().noneMatch(table -> table.id().equals(id)))
                .forEach(left::remove);
        return other(one -> {
            one.newTables = other;
            one.newPictures = left;
        });
    }

    Assignment withTable(DataTable changed) {
        List<DataTable> all = new ArrayList<>(tables);
        all.replaceAll(table -> table.id().equals(changed.id()) ? changed : table);
        return withTables(all);
    }

    Assignment withSheets(List<SampleSheet> other) {
        return other(one -> one.newSheets = other);
    }

    Assignment withoutSheet(String id) {
        Map<Question, String> left = new LinkedHashMap<>(answers);
        left.keySet().removeIf(question -> question.sheetId().equals(id));
        return other(one -> {
            one.newSheets =
                    sheets.stream().filter(sheet -> !sheet.id().equals(id)).toList();
            one.newAnswers = left;
            one.newTasks = tasks.withoutSheet(id);
            one.newPictures = left(id);
        });
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
        return other(one -> one.newPictures = changed);
    }

    /** With other lines in the jotter. */
    public Assignment withJotter(List<Jotting> other) {
        return other(one -> one.newJotter = other);
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
        return other(one -> {
            one.newAnswers = changed;
            one.newAttempts = attempts.answered(question, text.strip());
        });
    }
}
