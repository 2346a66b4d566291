package promedio.core.data;

import java.math.BigDecimal;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import promedio.core.number.Numerals;

/** Reads the cells of one column as numbers, and tells which of them are missing. */
final class CellReader {
    private final Numerals numerals;
    private final ThousandsMark thousands;
    private final Map<String, Optional<Numerals.Numeral>> codes;

    CellReader(char decimalMark, ThousandsMark thousands, Map<String, Optional<Numerals.Numeral>> codes) {
        this.numerals = new Numerals(decimalMark, thousands.sign());
        this.thousands = thousands;
        this.codes = codes;
    }

    Numerals numerals() {
        return numerals;
    }

    ThousandsMark thousands() {
        return thousands;
    }

    Set<String> codes() {
        return Set.copyOf(codes.keySet());
    }

    /** Whether a cell is a plain decimal that is no code: its unit and places are those of the entry. */
    boolean isPlain(Entries entries, int row) {
        return codes.isEmpty() && entries.isDecimal(row, numerals.decimalMark());
    }

    boolean hasCodes() {
        return !codes.isEmpty();
    }

    /** Whether all cells are plain decimals, and none a code. */
    boolean isPlain(Entries entries) {
        return codes.isEmpty() && entries.plainPlaces(numerals.decimalMark()) != 0;
    }

    boolean isMissing(Entries entries, int row) {
        if (entries.isBlank(row)) {
            return true;
        }
        return !isPlain(entries, row) && isMissing(entries.text(row).strip());
    }

    boolean isMissing(String text) {
        if (text.isEmpty()) {
            return true;
        }
        if (codes.isEmpty()) {
            return false;
        }
        if (codes.containsKey(text)) {
            return true;
        }
        return codes.values().stream().anyMatch(Optional::isPresent)
                && number(text).filter(this::isCode).isPresent();
    }

    private boolean isCode(BigDecimal number) {
        return codes.values().stream()
                .flatMap(Optional::stream)
                .anyMatch(code -> code.value().compareTo(number) == 0);
    }

    /** A cell as a number; empty for what is none. */
    Optional<BigDecimal> number(String text) {
        if (text.isEmpty() || !canBegin(text.charAt(0))) {
            return Optional.empty();
        }
        return numerals.read(thousands.plain(text)).map(Numerals.Numeral::value);
    }

    private static boolean canBegin(char first) {
        return first >= '0' && first <= '9'
                || "+-\u2212.,".indexOf(first) >= 0
                || Character.isWhitespace(first)
                || first == '\u00a0';
    }
}
