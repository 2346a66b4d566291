package promedio.core.data;

import java.util.Optional;

/**
 * What is said about the cells of a table; what is not said is told by the cells themselves.
 *
 * @param decimalMark {@code '.'} or {@code ','}
 * @param thousands what stands between groups of three digits
 * @param dates the order of the parts of dates
 * @param missing the cells that mean missing
 */
public record CellRules(
        Optional<Character> decimalMark,
        Optional<ThousandsMark> thousands,
        Optional<DateForm> dates,
        MissingCodes missing) {
    /** Nothing is said. */
    public static final CellRules GUESSED =
            new CellRules(Optional.empty(), Optional.empty(), Optional.empty(), MissingCodes.NONE);
}
