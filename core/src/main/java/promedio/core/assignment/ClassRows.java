package promedio.core.assignment;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
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
    private static final Pattern TOTAL = Pattern.compile("(?i)\\s*+(?:totals?|sum|all|altogether|n|Σf?)\\s*+:?\\s*+");
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
            statuses[index] = Status.BAD_FREQUENCY;
            // A class whose frequency is open still stands between the others.
            return Optional.of(typed)
                    .filter(OpenFrequency::is)
                    .flatMap(open -> ClassLabel.parse(text, numerals))
                    .map(label -> new ClassReading.Row(index, text, label, Exact.ZERO));
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

    /** Rows that do not fit are left out, those that fail in one respect together, until the rest is a table. */
    private Optional<ClassReading> read(List<ClassReading.Row> rows) {
        List<ClassReading.Row> left = rows;
        ClassReading read = ClassReading.of(left, card);
        while (!read.problems().isEmpty()) {
            Set<Integer> out = new HashSet<>();
            for (ClassProblem problem : read.problems()) {
                statuses[problem.row()] = Status.BAD_CLASS;
                remarks.putIfAbsent(problem.row(), problem.sentence());
                out.add(problem.row());
            }
            if (left.size() <= 1) {
                break;
            }
            left = left.stream().filter(row -> !out.contains(row.entry())).toList();
            read = ClassReading.of(left, card);
        }
        return Optional.of(read);
    }
}
