package promedio.core.ownwork;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import promedio.core.course.CourseCard;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sample.Sample;
import promedio.core.tabulate.ClassLabel;
import promedio.core.tabulate.ClassReading;

/**
 * A student who works a table by hand, column for column from their own cells, with plain decimals; who may write one cell wrong and go on
 * from it. Nothing here knows how tables are marked.
 */
final class ByHand {
    private static final MathContext DIGITS = new MathContext(40, RoundingMode.HALF_UP);

    /** What is given of each row, by the id of a column. */
    private final List<Map<String, BigDecimal>> given = new ArrayList<>();

    private final List<String> labels = new ArrayList<>();
    private final int places;
    private final String wrongColumn;
    private final int wrongRow;
    private final BigDecimal wrong;
    private final Map<String, BigDecimal[]> cells = new LinkedHashMap<>();
    private final Map<String, BigDecimal> totals = new LinkedHashMap<>();

    ByHand(int places, String wrongColumn, int wrongRow, BigDecimal wrong) {
        this.places = places;
        this.wrongColumn = wrongColumn;
        this.wrongRow = wrongRow;
        this.wrong = wrong;
    }

    /** Whole numbers or tenths, each once; enough of them differ that rows can be told apart. */
    static List<BigDecimal> values(Random random) {
        List<BigDecimal> values = new ArrayList<>();
        int many = 4 + random.nextInt(7);
        BigDecimal value = BigDecimal.valueOf(10 + random.nextInt(300), 1);
        for (int i = 0; i < many; i++) {
            values.add(value);
            value = value.add(BigDecimal.valueOf(11 + random.nextInt(60), 1));
        }
        return values;
    }

    static List<BigDecimal> frequencies(Random random, int many) {
        List<BigDecimal> frequencies = new ArrayList<>();
        for (int i = 0; i < many; i++) {
            frequencies.add(BigDecimal.valueOf(2 + random.nextInt(20)));
        }
        return frequencies;
    }

    /** A list or a frequency table. */
    Sample values(List<BigDecimal> values, Optional<List<BigDecimal>> frequencies) {
        for (int i = 0; i < values.size(); i++) {
            Map<String, BigDecimal> row = new HashMap<>();
            row.put("x", values.get(i));
            row.put(
                    "f",
                    frequencies.isEmpty() ? BigDecimal.ONE : frequencies.get().get(i));
            given.add(row);
        }
        return frequencies
                .map(f -> Sample.frequencies(Decimals.from(values), Decimals.from(f), false))
                .orElseGet(() -> Sample.list(Decimals.from(values)));
    }

    /** A table of classes of one width. */
    Sample classes(int from, int width, List<BigDecimal> frequencies) {
        List<ClassReading.Row> rows = new ArrayList<>();
        for (int i = 0; i < frequencies.size(); i++) {
            int lower = from + i * width;
            String label = lower + "-" + (lower + width);
            labels.add(label);
            Map<String, BigDecimal> row = new HashMap<>();
            row.put("lower", BigDecimal.valueOf(lower));
            row.put("upper", BigDecimal.valueOf(lower + width));
            row.put("f", frequencies.get(i));
            given.add(row);
            rows.add(new ClassReading.Row(
                    i, label, ClassLabel.parse(label, Numerals.POINT).orElseThrow(), Exact.from(frequencies.get(i))));
        }
        return Sample.classes(ClassReading.of(rows, CourseCard.STANDARD).table().orElseThrow());
    }

    /** Works the columns out in their order, each cell rounded as it is written. */
    void work(List<String> columns, BigDecimal origin, BigDecimal step) {
        for (String column : columns) {
            BigDecimal[] written = new BigDecimal[given.size()];
            cells.put(column, written);
            for (int row = 0; row < written.length; row++) {
                BigDecimal figure = worked(column, row, origin, step);
                boolean data = given.get(row).containsKey(column);
                written[row] = data ? figure : round(figure);
                if (column.equals(wrongColumn) && row == wrongRow) {
                    written[row] = written[row].add(wrong);
                }
            }
            BigDecimal sum = BigDecimal.ZERO;
            for (BigDecimal cell : written) {
                sum = sum.add(cell);
            }
            totals.put(column, sum);
        }
    }

    private BigDecimal round(BigDecimal figure) {
        return figure.setScale(
                Math.min(places, Math.max(0, figure.stripTrailingZeros().scale())), RoundingMode.HALF_UP);
    }

    private BigDecimal own(String column, int row) {
        return cells.containsKey(column) && cells.get(column)[row] != null
                ? cells.get(column)[row]
                : given.get(row).get(column);
    }

    private BigDecimal x(int row) {
        if (cells.containsKey("midpoint")) {
            return own("midpoint", row);
        }
        return given.get(row).containsKey("x")
                ? own("x", row)
                : given.get(row).get("lower").add(given.get(row).get("upper")).divide(BigDecimal.valueOf(2));
    }

    private BigDecimal mean() {
        boolean weighted = totals.containsKey("fx");
        BigDecimal sum = totals.get(weighted ? "fx" : "x");
        BigDecimal count = totals.containsKey("f") ? totals.get("f") : BigDecimal.valueOf(given.size());
        return sum.divide(count, DIGITS).setScale(2, RoundingMode.HALF_UP);
    }

    private BigDecimal worked(String column, int row, BigDecimal origin, BigDecimal step) {
        BigDecimal f = own("f", row);
        return switch (column) {
            case "x", "f", "lower", "upper" -> given.get(row).get(column);
            case "midpoint" -> own("lower", row).add(own("upper", row)).divide(BigDecimal.valueOf(2));
            case "cf" -> (row == 0 ? BigDecimal.ZERO : cells.get("cf")[row - 1]).add(f);
            case "fx" -> f.multiply(x(row));
            case "x2" -> x(row).multiply(x(row));
            case "fx2" -> f.multiply(own("x2", row));
            case "d" -> x(row).subtract(origin);
            case "fd" -> f.multiply(own("d", row));
            case "d2" -> own("d", row).pow(2);
            case "fd2" -> own("fd", row).multiply(own("d", row));
            case "u" -> x(row).subtract(origin).divide(step, DIGITS);
            case "fu" -> f.multiply(own("u", row));
            case "u2" -> own("u", row).pow(2);
            case "fu2" -> own("fu", row).multiply(own("u", row));
            case "relative" -> f.divide(totals.get("f"), DIGITS);
            case "percent" -> f.multiply(BigDecimal.valueOf(100)).divide(totals.get("f"), DIGITS);
            case "deviation" -> x(row).subtract(mean());
            case "abs-deviation" -> own("deviation", row).abs();
            case "f-abs-deviation" -> f.multiply(own("abs-deviation", row));
            case "deviation2" -> own("deviation", row).pow(2);
            case "f-deviation2" -> f.multiply(own("deviation2", row));
            default -> throw new IllegalArgumentException(column);
        };
    }

    /** The table as it is written, its rows in some order. */
    OwnTable written(List<String> headings, List<Integer> order) {
        List<List<String>> all = new ArrayList<>();
        List<String> heads = new ArrayList<>(headings);
        if (!labels.isEmpty()) {
            heads.add(0, "Class");
        }
        all.add(heads);
        for (int row : order) {
            List<String> line = new ArrayList<>();
            if (!labels.isEmpty()) {
                line.add(labels.get(row));
            }
            cells.values().forEach(column -> line.add(column[row].toPlainString()));
            all.add(line);
        }
        List<String> sums = new ArrayList<>();
        if (!labels.isEmpty()) {
            sums.add("Total");
        }
        boolean[] first = {labels.isEmpty()};
        totals.forEach((column, sum) -> {
            String text = List.of("cf", "lower", "upper").contains(column) ? "" : sum.toPlainString();
            sums.add(first[0] ? "Σ = " + text : text);
            first[0] = false;
        });
        all.add(sums);
        return OwnTable.of(all);
    }

    int rows() {
        return given.size();
    }

    List<String> columns() {
        return List.copyOf(cells.keySet());
    }
}
