package promedio.core.answers;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Task;
import promedio.core.assignment.Tasks;
import promedio.core.marking.Told;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;

/** The marked answers of many students: by student and question, by what went wrong, by how hard a question was. */
public final class MarkedSet {
    private final Tasks tasks;
    private final List<MarkedAnswer> all;
    private final Map<String, Map<Assignment.Question, MarkedAnswer>> byStudent = new LinkedHashMap<>();
    private final Set<Assignment.Question> questions = new LinkedHashSet<>();

    /** A set under the questions of an assignment; of several answers of one student to one question the last counts. */
    public MarkedSet(Tasks tasks, List<MarkedAnswer> all) {
        this.tasks = tasks;
        this.all = List.copyOf(all);
        Set<Assignment.Question> answered = new LinkedHashSet<>();
        for (MarkedAnswer one : all) {
            byStudent
                    .computeIfAbsent(one.given().who(), who -> new LinkedHashMap<>())
                    .put(one.given().question(), one);
            answered.add(one.given().question());
        }
        tasks.all().stream().map(Task::question).forEach(questions::add);
        questions.addAll(answered);
    }

    /** All answers, in the order in which they were given. */
    public List<MarkedAnswer> all() {
        return all;
    }

    /** The students, in the order of the file. */
    public List<String> students() {
        return List.copyOf(byStudent.keySet());
    }

    /** The questions: those that were posed in their order, then the others as they come. */
    public List<Assignment.Question> questions() {
        return List.copyOf(questions);
    }

    /** The answer of a student to a question. */
    public Optional<MarkedAnswer> at(String who, Assignment.Question question) {
        return Optional.ofNullable(byStudent.getOrDefault(who, Map.of()).get(question));
    }

    /**
     * What went wrong in answers of several students.
     *
     * @param slip its id
     * @param who the students, each once
     * @param answers how many answers
     */
    public record Misconception(String slip, List<String> who, int answers) {
        /** What it is, in a few words. */
        public Sentence name() {
            return Sentence.of("slip-name." + slip);
        }
    }

    /** What went wrong, the commonest first; of several explanations of one answer the likeliest counts. */
    public List<Misconception> misconceptions() {
        Map<String, List<String>> by = new LinkedHashMap<>();
        byStudent.forEach((who, answers) -> answers.values().forEach(one -> {
            if (!one.isCredited()) {
                Told.of(one.verdict()).explanations().stream().limit(1).forEach(reason -> {
                    by.computeIfAbsent(reason.slip(), slip -> new ArrayList<>()).add(who);
                    reason.also().ifPresent(also -> by.computeIfAbsent(also, slip -> new ArrayList<>())
                            .add(who));
                });
            }
        }));
        return by.entrySet().stream()
                .map(one -> new Misconception(
                        one.getKey(),
                        one.getValue().stream().distinct().toList(),
                        one.getValue().size()))
                .sorted(Comparator.comparing((Misconception one) -> one.who().size())
                        .thenComparing(Misconception::answers)
                        .reversed())
                .toList();
    }

    /**
     * How hard a question was.
     *
     * @param question the question
     * @param right how many answers to it are right
     * @param answered how many there are
     */
    public record Difficulty(Assignment.Question question, int right, int answered) {
        double share() {
            return answered == 0 ? 0 : (double) right / answered;
        }
    }

    /** The questions, that with the smallest share of right answers first. */
    public List<Difficulty> difficulties() {
        return questions.stream()
                .map(question -> {
                    List<MarkedAnswer> answers = byStudent.values().stream()
                            .flatMap(one -> Optional.ofNullable(one.get(question)).stream())
                            .toList();
                    int right = (int)
                            answers.stream().filter(MarkedAnswer::isCredited).count();
                    return new Difficulty(question, right, answers.size());
                })
                .filter(one -> one.answered() > 0)
                .sorted(Comparator.comparing(Difficulty::share))
                .toList();
    }

    /** What a question is worth: its points, or 1 where none of the questions has points. */
    public BigDecimal worth(Assignment.Question question) {
        boolean some = tasks.all().stream().anyMatch(task -> task.points().isPresent());
        return tasks.of(question).flatMap(Task::points).orElse(some ? BigDecimal.ZERO : BigDecimal.ONE);
    }

    /** The points of a student. */
    public BigDecimal points(String who) {
        return byStudent.getOrDefault(who, Map.of()).values().stream()
                .filter(MarkedAnswer::isCredited)
                .map(one -> worth(one.given().question()))
                .reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    /** The points of all questions. */
    public BigDecimal allPoints() {
        return questions.stream().map(this::worth).reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    /** A note to a student: each question with the answer, the mark, and what may have happened. */
    public String note(String who, QuestionNames names) {
        StringBuilder note = new StringBuilder(Visible.line(who))
                .append('\n')
                .append(Sentence.of("marked.points", Task.plain(points(who)), Task.plain(allPoints())))
                .append("\n\n");
        for (Assignment.Question question : questions) {
            String asked = tasks.of(question)
                    .filter(task -> !task.text().isEmpty())
                    .map(task -> task.told(tasks.number(task)).toString())
                    .orElseGet(() -> names.called(question));
            note.append(Visible.line(asked)).append('\n');
            Optional<MarkedAnswer> answer = at(who, question);
            note.append("  ")
                    .append(answer.map(one -> Sentence.of(
                                    "marked.answer",
                                    one.given().answer(),
                                    one.mark().word()))
                            .orElseGet(() -> Sentence.of("marked.none")))
                    .append('\n');
            answer.ifPresent(one -> {
                one.mark()
                        .details()
                        .forEach(detail -> note.append("  ").append(detail).append('\n'));
                one.given()
                        .remarks()
                        .forEach(remark -> note.append("  ").append(remark).append('\n'));
            });
        }
        return note.toString();
    }
}
