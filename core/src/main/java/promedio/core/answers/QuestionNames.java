package promedio.core.answers;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Interpretation;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.Task;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;

/**
 * What a heading or a cell means by a question of an assignment: its number or text among the questions that were posed, the key,
 * the name or the symbol of a measure, with the name of a sample before it or without.
 */
public final class QuestionNames {
    private static final Pattern NUMBER = Pattern.compile("(?:q|question|no|nr|number|#)?[.\\s]*([0-9]{1,3})[.):]?");

    private final Assignment assignment;
    private final Map<String, Catalogue> catalogues = new LinkedHashMap<>();
    private final Map<String, String> sheetsByName = new HashMap<>();

    /** The names of an assignment. */
    public QuestionNames(Assignment assignment) {
        this.assignment = assignment;
        for (SampleSheet sheet : assignment.sheets()) {
            catalogues.put(
                    sheet.id(),
                    Catalogue.of(Interpretation.of(sheet, assignment.card()).sample()));
            sheetsByName.putIfAbsent(plain(sheet.name()), sheet.id());
        }
    }

    private static String plain(String text) {
        return text.strip().replaceAll("\\s+", " ").toLowerCase(Locale.ROOT);
    }

    /**
     * The question that is meant; empty where none is.
     *
     * @param sample the name of the sample, where it is told apart; else empty
     * @param usual the sample that is meant where nothing says otherwise
     */
    public Optional<Assignment.Question> find(String sample, String name, String usual) {
        if (!sample.isBlank()) {
            return sheet(sample).flatMap(sheet -> measure(sheet, name));
        }
        return posed(name).or(() -> withSample(name)).or(() -> anywhere(name, usual));
    }

    private Optional<String> sheet(String name) {
        return Optional.ofNullable(sheetsByName.get(plain(name)))
                .or(() -> catalogues.containsKey(name.strip()) ? Optional.of(name.strip()) : Optional.empty());
    }

    private Optional<Assignment.Question> posed(String name) {
        List<Task> tasks = assignment.tasks().all();
        Matcher number = NUMBER.matcher(plain(name));
        if (number.matches()) {
            int index = Integer.parseInt(number.group(1)) - 1;
            return index >= 0 && index < tasks.size()
                    ? Optional.of(tasks.get(index).question())
                    : Optional.empty();
        }
        return tasks.stream()
                .filter(task -> !task.text().isEmpty() && plain(task.text()).equals(plain(name)))
                .map(Task::question)
                .findFirst();
    }

    /** “Visitors: mean”. */
    private Optional<Assignment.Question> withSample(String name) {
        for (int at = name.indexOf(':'); at > 0; at = name.indexOf(':', at + 1)) {
            Optional<String> sheet = sheet(name.substring(0, at));
            if (sheet.isPresent()) {
                return measure(sheet.get(), name.substring(at + 1));
            }
        }
        return Optional.empty();
    }

    /** Of the one sample about which it was asked, else of the usual one. */
    private Optional<Assignment.Question> anywhere(String name, String usual) {
        List<Assignment.Question> asked = assignment.tasks().all().stream()
                .map(Task::question)
                .filter(question -> measure(question.sheetId(), name)
                        .filter(question::equals)
                        .isPresent())
                .toList();
        return asked.size() == 1 ? Optional.of(asked.get(0)) : measure(usual, name);
    }

    private Optional<Assignment.Question> measure(String sheetId, String name) {
        Catalogue catalogue = catalogues.get(sheetId);
        if (catalogue == null) {
            return Optional.empty();
        }
        String asked = name.strip();
        return catalogue
                .find(asked, assignment.card())
                .or(() -> catalogue.page(assignment.card()).stream()
                        .filter(measure -> isCalled(measure, asked))
                        .findFirst())
                .map(measure -> new Assignment.Question(sheetId, measure.question()));
    }

    private boolean isCalled(Measure measure, String name) {
        String letters = assignment.card().letters().of(measure.symbol()).text();
        return plain(measure.label().toString()).equals(plain(name))
                || measure.question().replace('-', ' ').equals(plain(name))
                || letters.equals(name);
    }

    /** How a question is called: the name of the measure, with its sample where there are several. */
    public String called(Assignment.Question question) {
        return catalogues.size() > 1 ? sample(question) + ": " + measure(question) : measure(question);
    }

    /** The name of the measure that is asked. */
    public String measure(Assignment.Question question) {
        return Optional.ofNullable(catalogues.get(question.sheetId()))
                .flatMap(catalogue -> catalogue.find(question.measure(), assignment.card()))
                .map(found -> found.label().toString())
                .orElse(question.measure());
    }

    /** The name of the sample that is asked about. */
    public String sample(Assignment.Question question) {
        return assignment.sheet(question.sheetId()).map(SampleSheet::name).orElse("");
    }
}
