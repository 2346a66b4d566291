package promedio.core.data;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import promedio.core.number.Numerals;

/**
 * Cells that mean “missing” besides empty ones.
 *
 * @param everywhere in every column
 * @param byColumn more of them by the name of a column
 */
public record MissingCodes(Set<String> everywhere, Map<String, Set<String>> byColumn) {
    /** Only empty cells are missing. */
    public static final MissingCodes NONE = new MissingCodes(Set.of(), Map.of());

    /** Copies them. */
    public MissingCodes {
        everywhere = Set.copyOf(everywhere);
        byColumn = Map.copyOf(byColumn);
    }

    /** The codes of one column, each with the number that it is, if it is one. */
    Map<String, Optional<Numerals.Numeral>> of(String column, Numerals numerals) {
        Map<String, Optional<Numerals.Numeral>> codes = new HashMap<>();
        everywhere.forEach(code -> codes.put(code.strip(), numerals.read(code)));
        byColumn.getOrDefault(column, Set.of()).forEach(code -> codes.put(code.strip(), numerals.read(code)));
        return codes;
    }
}
