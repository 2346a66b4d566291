package promedio.core.language;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import promedio.core.number.Exact;
import promedio.core.vector.Dates;
import promedio.core.vector.Numbers;
import promedio.core.vector.Register;
import promedio.core.vector.Texts;
import promedio.core.vector.Vector;

/** A small table of any cells, as a formula sees it and as plain objects: {@link Fraction}, texts, dates, null for a missing cell. */
final class Sheet implements Scope {
    static final List<String> NUMBERS = List.of("a", "b", "'c d'");
    static final List<String> TEXTS = List.of("t", "u");
    static final List<String> GROUPS = List.of("g", "h");
    private static final List<String> SOME_TEXTS =
            List.of("12", " 3.5 ", "oak", "", "Elm a", "é", "a\"b", "4/5/2031", "31/2/2031", "OAK");
    private static final List<String> SOME_GROUPS = List.of("x", "y", "z z");

    private final int rows;
    private final Map<String, List<Object>> cells = new LinkedHashMap<>();
    private final Map<String, Vector> vectors = new LinkedHashMap<>();

    private Sheet(int rows) {
        this.rows = rows;
    }

    static Sheet any(Random random) {
        Sheet sheet = new Sheet(random.nextInt(8));
        for (String name : List.of("a", "b", "c d")) {
            sheet.numbers(name, random);
        }
        for (String name : TEXTS) {
            sheet.texts(name, SOME_TEXTS, random);
        }
        for (String name : GROUPS) {
            sheet.texts(name, SOME_GROUPS, random);
        }
        sheet.texts("done", List.of("yes", "no"), random);
        sheet.dates(random);
        return sheet;
    }

    private static boolean misses(Random random) {
        return random.nextInt(6) == 0;
    }

    private void numbers(String name, Random random) {
        List<Object> column = new ArrayList<>();
        Numbers.Builder builder = new Numbers.Builder(rows);
        Register register = new Register();
        int spread = random.nextBoolean() ? 4 : 5_000;
        int scale = random.nextInt(3);
        for (int row = 0; row < rows; row++) {
            BigDecimal cell =
                    misses(random) ? null : BigDecimal.valueOf(random.nextInt(2 * spread + 1) - (long) spread, scale);
            column.add(cell == null ? null : Fraction.of(cell));
            register.clear();
            if (cell != null) {
                register.figure(Exact.from(cell));
            }
            builder.add(register);
        }
        cells.put(name, column);
        vectors.put(name, builder.build());
    }

    private void texts(String name, List<String> of, Random random) {
        List<Object> column = new ArrayList<>();
        Texts.Builder builder = new Texts.Builder(rows);
        for (int row = 0; row < rows; row++) {
            String cell = misses(random) ? null : of.get(random.nextInt(of.size()));
            column.add(cell);
            if (cell == null) {
                builder.missing();
            } else {
                builder.add(cell);
            }
        }
        cells.put(name, column);
        vectors.put(name, builder.build());
    }

    private void dates(Random random) {
        List<Object> column = new ArrayList<>();
        Dates.Builder builder = new Dates.Builder(rows);
        for (int row = 0; row < rows; row++) {
            LocalDateTime cell = misses(random)
                    ? null
                    : LocalDate.of(2031, 1, 1).plusDays(random.nextInt(400)).atStartOfDay();
            column.add(cell);
            builder.add(Optional.ofNullable(cell), false);
        }
        cells.put("w", column);
        vectors.put("w", builder.build());
    }

    /** A cell of a column, as it is written in a formula. */
    Object cell(String written, int row) {
        return cells.get(written.replace("'", "")).get(row);
    }

    @Override
    public int rows() {
        return rows;
    }

    @Override
    public List<String> names() {
        return List.copyOf(cells.keySet());
    }

    @Override
    public Vector column(String name) {
        return vectors.get(name);
    }
}
