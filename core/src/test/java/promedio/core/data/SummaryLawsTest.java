package promedio.core.data;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import promedio.core.number.Exact;

/** A column in short is what a plain look at its cells, one after another, comes to. */
class SummaryLawsTest {
    private static final DateTimeFormatter MINUTES = DateTimeFormatter.ofPattern("uuuu-MM-dd HH:mm");

    private static Column column(List<String> cells) {
        CellRules rules = new CellRules(
                Optional.empty(), Optional.empty(), Optional.empty(), new MissingCodes(Set.of("NA"), Map.of()));
        return TableReading.of(List.of("c"), List.of(Entries.of(cells)), rules, false)
                .table()
                .columns()
                .get(0);
    }

    /** Many cells, some of which repeat, with empty ones and codes among them. */
    private static List<String> cells(Random random, int size, Function<Random, String> one) {
        List<String> cells = new ArrayList<>();
        for (int i = 0; i < size; i++) {
            String again = cells.isEmpty() ? "" : cells.get(random.nextInt(cells.size()));
            cells.add(
                    random.nextInt(20) == 0
                            ? "NA"
                            : random.nextInt(20) == 0 ? "" : random.nextInt(9) == 0 ? again : one.apply(random));
        }
        return cells;
    }

    private static List<String> present(List<String> cells) {
        return cells.stream()
                .filter(cell -> !cell.isEmpty() && !cell.equals("NA"))
                .toList();
    }

    @Property(tries = 40)
    void numbers(@ForAll long seed) {
        Random random = new Random(seed);
        int places = random.nextInt(6);
        long range = random.nextBoolean() ? 1_000 : Long.MAX_VALUE / 100;
        List<String> cells = cells(random, 1 + random.nextInt(3_000), any -> BigDecimal.valueOf(
                        any.nextLong() % range, any.nextInt(places + 1))
                .toPlainString());
        Summary summary = Summary.of(column(cells));
        TreeSet<BigDecimal> plain = new TreeSet<>();
        BigDecimal sum = BigDecimal.ZERO;
        for (String cell : present(cells)) {
            plain.add(new BigDecimal(cell));
            sum = sum.add(new BigDecimal(cell));
        }
        assertThat(summary.distinct()).isEqualTo(plain.size());
        if (!plain.isEmpty()) {
            assertThat(summary.least()).contains(Summary.Bound.of(Exact.from(plain.first())));
            assertThat(summary.largest()).contains(Summary.Bound.of(Exact.from(plain.last())));
            assertThat(summary.mean())
                    .contains(Exact.from(sum).over(Exact.of(present(cells).size())));
        }
    }

    /** Of thousands that never repeat as of few that do, before and after 1970. */
    @Property(tries = 20)
    void dates(@ForAll long seed) {
        Random random = new Random(seed);
        int days = random.nextBoolean() ? 50 : 400_000;
        List<String> cells = cells(random, 1 + random.nextInt(9_000), any -> LocalDateTime.of(1900, 1, 1, 0, 0)
                .plusMinutes(any.nextInt(days) * 157L)
                .format(MINUTES));
        List<String> plain = new ArrayList<>(new TreeSet<>(present(cells)));
        Summary summary = Summary.of(column(cells));
        assertThat(summary.distinct()).isEqualTo(plain.size());
        if (!plain.isEmpty()) {
            assertThat(summary.column().kind()).isEqualTo(ColumnKind.DATE);
            assertThat(summary.least()).contains(Summary.Bound.of(plain.get(0).replace(' ', 'T')));
            assertThat(summary.largest())
                    .contains(Summary.Bound.of(plain.get(plain.size() - 1).replace(' ', 'T')));
        }
    }

    /** What a column is does not hang on how early its cells show it: words that never repeat, then numbers, codes and times. */
    @Property(tries = 20)
    void texts(@ForAll long seed) {
        Random random = new Random(seed);
        List<String> cells = cells(random, 5_000 + random.nextInt(9_000), any -> switch (any.nextInt(8)) {
            case 0 -> Integer.toString(any.nextInt());
            case 1 -> "12:" + any.nextInt(60);
            case 2 -> "4e-" + any.nextInt(9);
            default -> "word " + any.nextInt(1_000_000);
        });
        Column column = column(cells);
        List<String> shuffled = IntStream.iterate(cells.size() - 1, i -> i >= 0, i -> i - 1)
                .mapToObj(cells::get)
                .toList();
        assertThat(column.kind())
                .isEqualTo(ColumnKind.TEXT)
                .isEqualTo(column(shuffled).kind());
        assertThat(column.missing()).isEqualTo(cells.size() - present(cells).size());
        assertThat(Summary.of(column).distinct()).isEqualTo(new TreeSet<>(present(cells)).size());
    }
}
