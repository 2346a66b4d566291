package promedio.core.language;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import promedio.core.data.DateForm;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.vector.Dates;
import promedio.core.vector.Numbers;
import promedio.core.vector.Register;
import promedio.core.vector.Texts;
import promedio.core.vector.Vector;

/** Functions of texts and of dates, row by row. */
final class Wording {
    private static final long SECONDS_A_DAY = 86_400;

    private final Rowwise walk;

    Wording(Rowwise walk) {
        this.walk = walk;
    }

    /** Texts taken apart, counted and changed. */
    Vector ofText(Function function, List<Vector> arguments, int size) {
        Texts text = (Texts) arguments.get(0);
        return switch (function) {
            case LENGTH ->
                walk.numbered(
                        arguments,
                        size,
                        (row, everywhere, into) -> into.whole(
                                text.get(row).codePointCount(0, text.get(row).length())));
            case LOWER ->
                walk.made(arguments, size, row -> Optional.of(text.get(row).toLowerCase(Locale.ROOT)));
            case UPPER ->
                walk.made(arguments, size, row -> Optional.of(text.get(row).toUpperCase(Locale.ROOT)));
            case TRIMMED ->
                walk.made(arguments, size, row -> Optional.of(text.get(row).strip()));
            case PART ->
                walk.made(
                        arguments,
                        size,
                        row -> Optional.of(
                                part(text.get(row), (Numbers) arguments.get(1), (Numbers) arguments.get(2), row)));
            default ->
                walk.numbered(arguments, size, (row, everywhere, into) -> {
                    Optional<Numerals.Numeral> number =
                            Numerals.POINT.read(text.get(row).strip());
                    number.ifPresent(read -> into.figure(read.exact()));
                    walk.lose(number.isEmpty(), "told.unreadable-number.", row, everywhere);
                });
        };
    }

    private static String part(String text, Numbers from, Numbers to, int row) {
        Register register = new Register();
        from.get(row, register);
        double first = Math.max(1, Math.ceil(register.toDouble()));
        to.get(row, register);
        int length = text.codePointCount(0, text.length());
        double last = Math.min(length, Math.floor(register.toDouble()));
        return first > last
                ? ""
                : text.substring(text.offsetByCodePoints(0, (int) first - 1), text.offsetByCodePoints(0, (int) last));
    }

    /** Parts of dates. */
    Vector ofDate(Function function, Dates dates) {
        return walk.numbered(List.of(dates), dates.size(), (row, everywhere, into) -> {
            LocalDateTime date = dates.get(row);
            boolean none = (function == Function.HOUR || function == Function.MINUTE) && !dates.hasTime(row);
            if (!none) {
                into.whole(
                        switch (function) {
                            case YEAR -> date.getYear();
                            case MONTH -> date.getMonthValue();
                            case DAY -> date.getDayOfMonth();
                            case WEEKDAY -> date.getDayOfWeek().getValue();
                            case HOUR -> date.getHour();
                            default -> date.getMinute();
                        });
            }
            walk.lose(none, "told.no-time.", row, everywhere);
        });
    }

    /** Days from one date to another, with a fraction where times are given. */
    Vector days(Dates from, Dates to, int size) {
        return walk.numbered(
                List.of(from, to),
                size,
                (row, everywhere, into) ->
                        into.figure(Exact.ratio(to.seconds(row) - from.seconds(row), SECONDS_A_DAY)));
    }

    /** A date as it is said to be written; one that can be read in one way only is read so all the same. */
    private static Optional<LocalDateTime> read(String text, DateForm form) {
        return form.read(text).or(() -> DateForm.NAMED.read(text)).or(() -> DateForm.ISO.read(text));
    }

    /** Texts read as dates. */
    Vector dates(Texts texts, DateForm form, int size) {
        int rows = texts.isConstant() ? 1 : size;
        Dates.Builder builder = new Dates.Builder(rows);
        for (int row = 0; row < rows; row++) {
            walk.piece(row);
            String text = texts.get(row).strip();
            Optional<LocalDateTime> date = texts.isMissing(row) ? Optional.empty() : read(text, form);
            walk.lose(date.isEmpty() && !texts.isMissing(row), "told.unreadable-date.", row, texts.isConstant());
            builder.add(date, DateForm.hasTime(text));
        }
        Dates made = builder.build();
        return texts.isConstant() ? made.stretched(size) : made;
    }
}
