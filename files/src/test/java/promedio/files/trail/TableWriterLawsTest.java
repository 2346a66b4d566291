package promedio.files.trail;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.Supplier;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import promedio.core.course.CourseCard;
import promedio.core.data.CellRules;
import promedio.core.data.Column;
import promedio.core.data.Entries;
import promedio.core.data.Table;
import promedio.core.data.TableReading;
import promedio.core.trail.Field;
import promedio.core.trail.Prepared;
import promedio.core.trail.Trail;
import promedio.core.trail.Walk;
import promedio.core.vector.Kind;
import promedio.files.InputProblem;
import promedio.files.table.ReadingOptions;
import promedio.files.table.TableFile;
import promedio.files.table.TableFiles;
import promedio.files.table.Watch;

/** A table that is written in any format and read again has the same cells, whatever stands in them. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class TableWriterLawsTest {
    private static final List<String> TEXTS = List.of(
            "oak",
            "a,b;c",
            "say \"hi\"",
            "two\nlines",
            "=1+1",
            "007x",
            "½ µm",
            "tab\there",
            "it's 'quoted'",
            "<b> & </b>",
            "n/a?",
            "-",
            "long ".repeat(60) + ".");
    private static final int ROWS = 8;

    private static List<String> cells(Random random, Supplier<String> made) {
        List<String> cells = new ArrayList<>();
        for (int row = 0; row < ROWS; row++) {
            cells.add(row > 3 && random.nextInt(5) == 0 ? "" : made.get());
        }
        return cells;
    }

    /** Numbers, words, dates, and a condition worked out of them. */
    private static Prepared table(Random random) {
        int scale = random.nextInt(7);
        long spread = random.nextBoolean() ? 100 : 1_000_000_000_000_000_000L;
        List<Entries> columns = List.of(
                // No row is empty: that would be passed over.
                Entries.of(java.util.stream.IntStream.rangeClosed(1, ROWS)
                        .mapToObj(Integer::toString)
                        .toList()),
                Entries.of(cells(random, () -> BigDecimal.valueOf(random.nextLong() % spread, scale)
                        .toPlainString())),
                Entries.of(cells(random, () -> TEXTS.get(random.nextInt(TEXTS.size())))),
                Entries.of(cells(random, () -> "2031-04-" + (10 + random.nextInt(20)))));
        Table typed = TableReading.of(
                        List.of("row", "number", "words, \"odd\"", "day"), columns, CellRules.GUESSED, true)
                .table();
        Walk walk = Walk.of(Prepared.of(typed), CourseCard.STANDARD)
                .along(
                        Trail.of("work out big = number > 20", "work out third = number / 3"),
                        CourseCard.STANDARD,
                        (file, key) -> {
                            throw new AssertionError("No other file is asked for.");
                        },
                        () -> {});
        assertThat(walk.fault()).isEmpty();
        return walk.last();
    }

    @Property(tries = 60)
    void any_cells_come_back(@ForAll long seed) throws IOException, InputProblem {
        Prepared table = table(new Random(seed));
        for (String ending : List.of(".csv", ".xlsx", ".ods", ".json")) {
            Path file = Files.createTempFile("table", ending);
            new TableWriter(table, 15, true).write(file);
            TableFile read = TableFiles.read(file, ReadingOptions.GUESSED.withHeading(Optional.of(true)), Watch.NOBODY);
            Files.delete(file);
            assertThat(read.table().columns())
                    .as(ending)
                    .extracting(Column::name)
                    .isEqualTo(table.names());
            assertThat(read.table().rows()).as(ending).isEqualTo(ROWS);
            for (int column = 0; column < table.names().size(); column++) {
                for (int row = 0; row < ROWS; row++) {
                    same(
                            ending,
                            table.fields().get(column),
                            row,
                            read.table().row(row).get(column));
                }
            }
        }
    }

    /** What a program may write into a cell, and what stands there when it is written out again: the same, with a decimal point. */
    private static final List<String> CODES =
            List.of("00501", "7", "007", "12E4", "120000", "+5", "-0", "1000000000000");

    private static final List<String> TIMES =
            List.of("2031-04-05T18:30:00.250Z", "2031-04-05", "2031-04-06T08:00+02:00", "2031-04-06 08:00:30.5");

    @Property(tries = 60)
    void what_no_step_computes_is_written_as_it_was_read(@ForAll long seed) throws IOException, InputProblem {
        Random random = new Random(seed);
        boolean comma = random.nextBoolean();
        List<List<String>> columns = new ArrayList<>();
        for (int column = 0; column < 4; column++) {
            List<String> from =
                    column == 0 ? CODES : column == 1 ? TIMES : column == 2 ? TEXTS : List.of("1.50", "2.0", "-3");
            columns.add(cells(random, () -> from.get(random.nextInt(from.size()))));
        }
        // No row is empty: that would be passed over.
        for (int row = 0; row < ROWS; row++) {
            columns.get(2).set(row, TEXTS.get(random.nextInt(TEXTS.size())));
        }
        StringBuilder text = new StringBuilder("code;time;words;mass\n");
        for (int row = 0; row < ROWS; row++) {
            for (int column = 0; column < 4; column++) {
                String cell = columns.get(column).get(row);
                text.append(column == 0 ? "\"" : ";\"")
                        .append((column == 3 && comma ? cell.replace('.', ',') : cell).replace("\"", "\"\""))
                        .append('"');
            }
            text.append('\n');
        }
        ReadingOptions options =
                ReadingOptions.GUESSED.withHeading(Optional.of(true)).withDecimalMark(Optional.of(comma ? ',' : '.'));
        Prepared before =
                Prepared.of(TableFiles.ofText("log", text.toString(), options).table());
        Walk walk = Walk.of(before, CourseCard.STANDARD)
                .along(
                        Trail.of("work out twice = 2 * mass", "put in order by twice", "keep rows where yes"),
                        CourseCard.STANDARD,
                        (file, key) -> {
                            throw new AssertionError("No other file is asked for.");
                        },
                        () -> {});
        assertThat(walk.fault()).isEmpty();
        List<List<String>> rows = new ArrayList<>();
        for (String ending : List.of(".csv", ".json")) {
            Path file = Files.createTempFile("table", ending);
            new TableWriter(walk.last(), 15, true).write(file);
            TableFile read = TableFiles.read(file, ReadingOptions.GUESSED.withHeading(Optional.of(true)), Watch.NOBODY);
            Files.delete(file);
            rows.clear();
            for (int row = 0; row < read.table().rows(); row++) {
                rows.add(read.table().row(row).subList(0, 4));
            }
            List<List<String>> expected = new ArrayList<>();
            for (int row = 0; row < ROWS; row++) {
                int at = row;
                expected.add(columns.stream().map(cells -> cells.get(at)).toList());
            }
            assertThat(rows).as(ending).containsExactlyInAnyOrderElementsOf(expected);
        }
    }

    private static void same(String ending, Field field, int row, String read) {
        String written = field.written(row);
        boolean number = field.kind() == Kind.NUMBER && !written.isEmpty();
        if (number) {
            assertThat(new BigDecimal(read))
                    .as("%s of %s in row %d", ending, field.name(), row)
                    .isEqualByComparingTo(new BigDecimal(written));
        } else {
            assertThat(read.strip())
                    .as("%s of %s in row %d", ending, field.name(), row)
                    .isEqualTo(written.strip());
        }
    }
}
