package promedio.core.assignment;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.assignment.Interpretation.Status;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.Frequencies;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sentence.Sentence;
import promedio.core.tabulate.ClassLabel;
import promedio.core.tabulate.ClassProblem;
import promedio.core.tabulate.ClassReading;

/** The rows of a class table as typed: classes, totals, frequencies with a word behind them; and which of them fit. */
final class ClassRows {
    private static final Pattern TOTAL =
            Pattern.compile("(?i)\\s*(?:total|totals|sum|all|altogether|n|Σ|Σf)\\s*:?\\s*");
    private static final Pattern WORDED = Pattern.compile("\\s*([0-9.,]+)\\s*(?:%|\\p{L}[\\p{L}\\s.]*)");

    private final SampleSheet sheet;
    private final CourseCard card;
    private final Numerals numerals;
    private final Status[] statuses;
    private final Map<Integer, Sentence> remarks = new HashMap<>();
    private final Optional<ClassReading> reading;
    private Exact missing = Exact.ZERO;

    ClassRows(SampleSheet sheet, CourseCard card) {
        this.sheet = sheet;
        this.card = card;
        this.numerals = card.numerals();
        this.statuses = new Status[sheet.size()];
        List<ClassReading.Row> rows = new ArrayList<>();
        for (int i = 0; i < sheet.size(); i++) {
            row(i).ifPresent(rows::add);
        }
        this.reading = read(rows);
    }

    /** Whether a row's first cell says that it holds totals. */
    static boolean isTotal(String text) {
        return TOTAL.matcher(text).matches();
    }

    Status[] statuses() {
        return statuses;
    }

    Map<Integer, Sentence> remarks() {
        return remarks;
    }

    Optional<ClassReading> reading() {
        return reading;
    }

    /** The total frequency of rows without a class. */
    Exact missing() {
        return missing;
    }

    private Optional<ClassReading.Row> row(int index) {
        String text = sheet.values().text(index);
        String typed = sheet.frequencies().orElseThrow().text(index);
        if (sheet.off().contains(index)) {
            return left(index, Status.OFF);
        }
        if (isTotal(text)) {
            return left(index, Status.TOTAL);
        }
        Optional<Exact> frequency = frequency(typed);
        if (frequency.isEmpty()) {
            return left(index, Status.BAD_FREQUENCY);
        }
        if (text.isBlank() || sheet.missingCodes().contains(text.strip())) {
            missing = missing.plus(frequency.get());
            return left(index, Status.MISSING);
        }
        Optional<ClassLabel> label = ClassLabel.parse(text, numerals);
        if (label.isEmpty()) {
            remarks.put(index, Sentence.of("entry.not-a-class", text));
            return left(index, Status.NOT_A_NUMBER);
        }
        statuses[index] = Status.NUMBER;
        return Optional.of(new ClassReading.Row(index, text, label.get(), frequency.get()));
    }

    private Optional<ClassReading.Row> left(int index, Status status) {
        statuses[index] = status;
        return Optional.empty();
    }

    /** A frequency as typed: 12, 12 students, or 12 % where frequencies are proportions. */
    private Optional<Exact> frequency(String typed) {
        Matcher worded = WORDED.matcher(typed);
        boolean relative = card.get(CardKey.FREQUENCIES) == Frequencies.RELATIVE;
        return numerals.read(worded.matches() ? worded.group(1) : typed)
                .map(Numerals.Numeral::exact)
                .filter(value -> value.signum() >= 0 && (relative || value.isWhole()));
    }

    private Optional<ClassReading> read(List<ClassReading.Row> rows) {
        List<ClassReading.Row> left = new ArrayList<>(rows);
        ClassReading read = ClassReading.of(left, card);
        while (!read.problems().isEmpty() && left.size() > 1) {
            ClassProblem problem = read.problems().get(0);
            statuses[problem.row()] = Status.BAD_CLASS;
            remarks.put(problem.row(), problem.sentence());
            left.removeIf(row -> row.entry() == problem.row());
            read = ClassReading.of(left, card);
        }
        for (ClassProblem problem : read.problems()) {
            statuses[problem.row()] = Status.BAD_CLASS;
            remarks.put(problem.row(), problem.sentence());
        }
        return Optional.of(read);
    }
}
