package promedio.files.answers;

import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import promedio.core.data.Column;
import promedio.core.sentence.Sentence;
import promedio.files.InputProblem;
import promedio.files.table.ReadingOptions;
import promedio.files.table.TableFile;
import promedio.files.table.TableFiles;
import promedio.files.table.Watch;

/**
 * A table of answers from any file that can be read. Either an answer a row, under headings for the measure and the answer, and if
 * wanted who, sample and places; or a student a row, the first column saying who, with a question over each other column.
 */
public final class AnswerRows {
    private static final Set<String> WHO = Set.of("who", "student", "name", "candidate", "participant", "id");
    private static final Set<String> MEASURE = Set.of("measure", "question");
    private static final Set<String> ANSWER = Set.of("answer", "figure", "result");

    private final TableFile file;
    private final List<Row> rows = new ArrayList<>();
    private final Set<String> students = new HashSet<>();
    private final List<String> heading;
    private int who;
    private int sample;
    private int measure;
    private int answer;
    private int places;

    private AnswerRows(TableFile file) {
        this.file = file;
        this.heading = file.table().columns().stream().map(Column::name).toList();
    }

    /**
     * One answer as it stands in the file.
     *
     * @param line the line or row it stands in, from 1
     * @param who the student; empty where it is not said
     * @param sample the sample that is meant; empty where it is not said
     * @param measure what is answered, as it is called there
     * @param answer the answer, never empty
     * @param places the decimal places asked
     */
    public record Row(long line, String who, String sample, String measure, String answer, Optional<Integer> places) {}

    /** Reads a file, or standard input for {@code -}. @throws InputProblem when there are no such columns in it */
    public static List<Row> read(String source, InputStream standardInput, ReadingOptions options) throws InputProblem {
        TableFile file = TableFiles.read(source, standardInput, options.withHeading(Optional.of(true)), Watch.NOBODY);
        AnswerRows answers = new AnswerRows(file);
        if (!answers.hasHeads()) {
            if (!file.preamble().isEmpty() && options.skip().isEmpty() && !source.equals("-")) {
                // A heading that is shorter than most rows was left out before the table: read from it on, they are
                // told apart.
                return read(source, standardInput, options.withSkip(OptionalInt.of(0)));
            }
            throw new InputProblem(Sentence.of("input.answers", source));
        }
        for (int row = 0; row < file.table().rows(); row++) {
            if (answers.measure >= 0) {
                answers.add(row);
            } else {
                answers.addAll(row);
            }
        }
        return answers.rows;
    }

    /** Looks for the columns; false where they are not those of answers. */
    private boolean hasHeads() {
        measure = find(MEASURE);
        answer = find(ANSWER);
        who = find(WHO);
        sample = find(Set.of("sample"));
        places = find(Set.of("places"));
        boolean oneEach = measure >= 0 && answer >= 0;
        boolean table = measure < 0 && answer < 0 && who == 0 && heading.size() > 1;
        return oneEach || table;
    }

    private int find(Set<String> names) {
        for (int i = 0; i < heading.size(); i++) {
            if (names.contains(heading.get(i).toLowerCase(Locale.ROOT))) {
                return i;
            }
        }
        return -1;
    }

    private String cell(int row, int column) {
        return column < 0
                ? ""
                : file.table().columns().get(column).entries().text(row).strip();
    }

    private void add(int row) throws InputProblem {
        String asked = cell(row, places);
        long line = file.lines().of(row);
        if (!asked.matches("[0-9]{0,2}")) {
            throw new InputProblem(Sentence.of("input.places", file.source(), Long.toString(line), asked));
        }
        rows.add(new Row(
                line,
                cell(row, who),
                cell(row, sample),
                cell(row, measure),
                cell(row, answer),
                asked.isEmpty() ? Optional.empty() : Optional.of(Integer.parseInt(asked))));
    }

    /** A student’s row; what is left empty was not answered. Of two with one name the second is told apart by its line. */
    private void addAll(int row) {
        String name = cell(row, 0);
        long line = file.lines().of(row);
        String student = !name.isEmpty() && students.add(name) ? name : (name + " (" + line + ")").strip();
        for (int i = 1; i < heading.size(); i++) {
            if (!heading.get(i).equals("column " + (i + 1)) && !cell(row, i).isEmpty()) {
                rows.add(new Row(line, student, "", heading.get(i), cell(row, i), Optional.empty()));
            }
        }
    }
}
