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
