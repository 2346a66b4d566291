package promedio.core.data;

import java.math.BigDecimal;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import promedio.core.number.Decimals;
import promedio.core.number.Numerals;

/**
 * A column of a data table: its name, its cells as written, and what they are. Immutable; the cells lie there once, and numbers
 * are read from them when they are asked for.
 */
public sealed interface Column {
    /** The name, as written over the column or made up for it. */
    String name();

    /** Its name without the unit that may stand in it. */
    default String label() {
        return name();
    }

    /** The unit of its numbers; empty where there is none. */
    default String unit() {
        return "";
    }

    /** The cells as written. */
    Entries entries();

    /** What its cells are. */
    ColumnKind kind();

    /** How many cells are of that kind. */
    int count();

    /** How many are empty, or a code for missing. */
    int missing();

    /** Whether a cell is missing. */
    boolean isMissing(int row);

    /** The texts that mean missing besides an empty cell. */
    Set<String> missingCodes();

    /** The same cells under another name, and numbers with another unit. */
    Column renamed(String newName, String newUnit);

    /** The unit that a heading says, as in {@code Mass (kg)}; empty where it says none. */
    static String unitIn(String heading) {
        return Names.unit(heading);
    }

    /** How many cells there are. */
    default int size() {
        return entries().size();
    }

    /** How many are neither missing nor of its kind. */
    default int others() {
        return size() - count() - missing();
    }

    /** No cell but missing ones. */
    record Empty(String name, Entries entries, Codes codes) implements Column {
        @Override
        public ColumnKind kind() {
            return ColumnKind.EMPTY;
        }

        @Override
        public int count() {
            return 0;
        }

        @Override
        public int missing() {
            return entries.size();
        }

        @Override
        public boolean isMissing(int row) {
            return true;
        }

        @Override
        public Set<String> missingCodes() {
            return codes.texts();
        }

        @Override
        public Column renamed(String newName, String newUnit) {
            return new Empty(newName, entries, codes);
        }
    }

    /** Numbers, and maybe cells that are none. */
    final class OfNumbers implements Column {
        private static final Pattern CODE = Pattern.compile("0+[0-9]+|[0-9]+[eE][0-9]+");

        private final String name;
        private final String unit;
        private final Entries entries;
        private final CellReader reader;
        private final int count;
        private final int missing;
        private final boolean whole;
        private final boolean approximate;

        OfNumbers(String name, String unit, Entries entries, CellReader reader, int count, int missing, boolean whole) {
            this.name = name;
            this.unit = unit;
            this.entries = entries;
            this.reader = reader;
            this.count = count;
            this.missing = missing;
            this.whole = whole;
            this.approximate = false;
        }

        private OfNumbers(OfNumbers exact, boolean approximate) {
            this.name = exact.name;
            this.unit = exact.unit;
            this.entries = exact.entries;
            this.reader = exact.reader;
            this.count = exact.count;
            this.missing = exact.missing;
            this.whole = exact.whole;
            this.approximate = approximate;
        }

        /** The same numbers, known to be rounded where they stand: roots, logarithms and what comes of them. */
        OfNumbers roundedOnes() {
            return new OfNumbers(this, true);
        }

        /** Whether its numbers are only approximate, so that measures of them are. */
        public boolean isApproximate() {
            return approximate;
        }

        /** Numbers as this program writes them, with a decimal point. */
        static OfNumbers plain(String name, String unit, Entries entries) {
            return new OfNumbers(name, unit, entries, new CellReader('.', ThousandsMark.NONE, Map.of()), 0, 0, true)
                    .of(entries);
        }

        /** The same column with other cells, which are written as its own are. */
        OfNumbers of(Entries cells) {
            int numbers = 0;
            int gone = 0;
            boolean all = true;
            for (int row = 0; row < cells.size(); row++) {
                if (reader.isMissing(cells, row)) {
                    gone++;
                } else {
                    Optional<BigDecimal> number = number(cells, row);
                    numbers += number.isPresent() ? 1 : 0;
                    all &= number.isEmpty() || number.get().stripTrailingZeros().scale() <= 0;
                }
            }
            return new OfNumbers(new OfNumbers(name, unit, cells, reader, numbers, gone, all), approximate);
        }

        @Override
        public String name() {
            return name;
        }

        @Override
        public String unit() {
            return unit;
        }

        @Override
        public Entries entries() {
            return entries;
        }

        @Override
        public ColumnKind kind() {
            return ColumnKind.NUMBER;
        }

        @Override
        public int count() {
            return count;
        }

        @Override
        public int missing() {
            return missing;
        }

        @Override
        public boolean isMissing(int row) {
            return reader.isMissing(entries, row);
        }

        @Override
        public String label() {
            return Names.label(name, unit);
        }

        @Override
        public Set<String> missingCodes() {
            return reader.codes();
        }

        @Override
        public Column renamed(String newName, String newUnit) {
            return new OfNumbers(new OfNumbers(newName, newUnit, entries, reader, count, missing, whole), approximate);
        }

        /** Whether its numbers are 1, 2, 3 … down the rows. */
        public boolean isNumbering() {
            for (int row = 0; row < size() && whole; row++) {
                int number = row + 1;
                if (number(row)
                        .filter(value -> value.compareTo(BigDecimal.valueOf(number)) != 0)
                        .isPresent()) {
                    return false;
                }
            }
            return whole && count > 1;
        }

        /**
         * Whether its numbers are written as codes are: with noughts before them, or whole ones with an exponent among others. They
         * are counted as they are written then.
         */
        public boolean areCodes() {
            boolean codes = false;
            for (int row = 0; row < size() && whole && !codes; row++) {
                String text = entries.text(row).strip();
                codes = CODE.matcher(text).matches() && number(row).isPresent();
            }
            return codes;
        }

        /** The text of one of its numbers with a decimal point, and without marks between thousands. */
        String withPoint(String text) {
            String plain = reader.thousands().plain(text);
            char thousands = reader.thousands().sign();
            return (thousands == 0 ? plain : plain.replace(String.valueOf(thousands), ""))
                    .replace(reader.numerals().decimalMark(), '.');
        }

        /** Whether all its numbers are whole. */
        public boolean isWhole() {
            return whole;
        }

        /** How its numbers are written. */
        public Numerals numerals() {
            return reader.numerals();
        }

        /** What parts thousands in it. */
        public ThousandsMark thousands() {
            return reader.thousands();
        }

        /** A cell as a number; empty where it is missing or none. */
        public Optional<BigDecimal> number(int row) {
            return number(entries, row);
        }

        private Optional<BigDecimal> number(Entries cells, int row) {
            if (reader.isPlain(cells, row)) {
                return Optional.of(BigDecimal.valueOf(cells.unit(row), cells.places(row)));
            }
            String text = cells.text(row).strip();
            return reader.isMissing(text) ? Optional.empty() : reader.number(text);
        }

        /** Whether a cell is neither a number nor missing. */
        public boolean isOther(int row) {
            return !isMissing(row) && number(row).isEmpty();
        }

        /** Its numbers in the order of the rows. */
        public Decimals numbers() {
            Decimals.Builder numbers = new Decimals.Builder(count);
            boolean codes = reader.hasCodes();
            entries.walk(reader.numerals().decimalMark(), new Entries.Walk() {
                @Override
                public void plain(int row, long unit, int places) {
                    if (codes) {
                        number(row).ifPresent(numbers::add);
                    } else {
                        numbers.add(unit, places);
                    }
                }

                @Override
                public void other(int row, String text) {
                    number(row).ifPresent(numbers::add);
                }
            });
            return numbers.build();
        }
    }

    /** A column without numbers: every cell that is not missing is of its kind, unless it says otherwise. */
    sealed interface WithoutNumbers extends Column {
        /** The codes for missing. */
        Codes codes();

        /** Goes through the cells that are not missing, without blanks at their ends. */
        default void walk(Consumer<String> walk) {
            entries().walk('.', new Entries.Walk() {
                @Override
                public void plain(int row, long unit, int places) {
                    other(row, entries().text(row));
                }

                @Override
                public void other(int row, String text) {
                    String stripped = text.strip();
                    if (!codes().isMissing(stripped)) {
                        walk.accept(stripped);
                    }
                }
            });
        }

        @Override
        default int count() {
            return size() - missing();
        }

        @Override
        default boolean isMissing(int row) {
            return codes().isMissing(entries(), row);
        }

        @Override
        default Set<String> missingCodes() {
            return codes().texts();
        }
    }

    /**
     * Dates, and maybe cells that are none.
     *
     * @param form the order of their parts
     */
    record OfDates(String name, Entries entries, Codes codes, DateForm form, int count, int missing)
            implements WithoutNumbers {
        @Override
        public ColumnKind kind() {
            return ColumnKind.DATE;
        }

        @Override
        public Column renamed(String newName, String newUnit) {
            return new OfDates(newName, entries, codes, form, count, missing);
        }

        /** A cell as a date; empty where it is missing or none. */
        public Optional<LocalDateTime> date(int row) {
            return isMissing(row)
                    ? Optional.empty()
                    : form.read(entries.text(row).strip());
        }

        /** Whether a time of day stands in some cell. */
        public boolean hasTimes() {
            for (int row = 0; row < size(); row++) {
                if (DateForm.hasTime(entries.text(row)) && !isMissing(row)) {
                    return true;
                }
            }
            return false;
        }
    }

    /**
     * A few different texts, in the order of their first appearance.
     *
     * @param counts how often each of them stands there
     */
    record OfCategories(String name, Entries entries, Codes codes, Map<String, Integer> counts, int missing)
            implements WithoutNumbers {
        /** Keeps the order. */
        public OfCategories {
            counts = Collections.unmodifiableMap(new LinkedHashMap<>(counts));
        }

        @Override
        public ColumnKind kind() {
            return ColumnKind.CATEGORY;
        }

        @Override
        public Column renamed(String newName, String newUnit) {
            return new OfCategories(newName, entries, codes, counts, missing);
        }

        /** The texts, the commonest first, and of equally common ones that which stands first in the column. */
        public List<Map.Entry<String, Integer>> commonest() {
            List<Map.Entry<String, Integer>> all = new ArrayList<>(counts.entrySet());
            all.sort(Map.Entry.<String, Integer>comparingByValue().reversed());
            return all;
        }
    }

    /**
     * Texts.
     *
     * @param missing how many cells are missing
     */
    record OfTexts(String name, Entries entries, Codes codes, int missing) implements WithoutNumbers {
        @Override
        public Column renamed(String newName, String newUnit) {
            return new OfTexts(newName, entries, codes, missing);
        }

        @Override
        public ColumnKind kind() {
            return ColumnKind.TEXT;
        }
    }

    /** The codes for missing of a column without numbers. */
    record Codes(Set<String> texts) {
        boolean isMissing(Entries entries, int row) {
            return entries.isBlank(row) || isMissing(entries.text(row).strip());
        }

        boolean isMissing(String text) {
            return text.isEmpty() || texts.contains(text);
        }
    }
}
