package promedio.core.data;

import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The order in which the parts of a date are written; a time of day may stand behind any of them. */
public enum DateForm {
    /** ISO 8601: {@code 2031-04-05}, {@code 2031-04-05T18:30}. */
    ISO("y-m-d", "([0-9]{4})-([0-9]{2})-([0-9]{2})", 1, 2, 3),
    /** {@code 5.4.2031}. */
    POINTS("d.m.y", "([0-9]{1,2})\\.([0-9]{1,2})\\.([0-9]{4}|[0-9]{2})", 3, 2, 1),
    /** {@code 5/4/2031}, the fifth of April. */
    DAY_FIRST("d/m/y", "([0-9]{1,2})/([0-9]{1,2})/([0-9]{4}|[0-9]{2})", 3, 2, 1),
    /** {@code 5/4/2031}, the fourth of May. */
    MONTH_FIRST("m/d/y", "([0-9]{1,2})/([0-9]{1,2})/([0-9]{4}|[0-9]{2})", 3, 1, 2);

    private static final String TIME =
            "(?:[T ]([0-9]{1,2}):([0-9]{2})(?::([0-9]{2})(?:\\.[0-9]{1,9})?)?(?:Z|[+-][0-9]{2}:?[0-9]{2})?)?";
    private static final int SHORTEST = 6;
    private static final int LONGEST = 40;
    /** Years of two digits: 69 to 99 are of the 1900s, 00 to 68 of the 2000s, as POSIX has it. */
    private static final int FIRST_OF_1900S = 69;

    private final String id;
    private final Pattern pattern;
    private final int year;
    private final int month;
    private final int day;

    DateForm(String id, String date, int year, int month, int day) {
        this.id = id;
        this.pattern = Pattern.compile(date + TIME);
        this.year = year;
        this.month = month;
        this.day = day;
    }

    /** The stable id, on the command line and in files. */
    public String id() {
        return id;
    }

    /** The form with an id; empty where there is none. */
    public static Optional<DateForm> find(String id) {
        return Arrays.stream(values()).filter(form -> form.id.equals(id)).findFirst();
    }

    /** Reads a date, with midnight where no time stands behind it; empty for what is none, or no day of the calendar. */
    public Optional<LocalDateTime> read(String text) {
        if (text.length() < SHORTEST || text.length() > LONGEST || text.charAt(0) < '0' || text.charAt(0) > '9') {
            return Optional.empty();
        }
        Matcher matcher = pattern.matcher(text);
        if (!matcher.matches()) {
            return Optional.empty();
        }
        int written = number(matcher, year);
        boolean two = matcher.group(year).length() == 2;
        int full = !two ? written : written + (written >= FIRST_OF_1900S ? 1900 : 2000);
        try {
            return Optional.of(LocalDateTime.of(
                    full,
                    number(matcher, month),
                    number(matcher, day),
                    number(matcher, 4),
                    number(matcher, 5),
                    number(matcher, 6)));
        } catch (DateTimeException none) {
            return Optional.empty();
        }
    }

    private static int number(Matcher matcher, int group) {
        return matcher.group(group) == null ? 0 : Integer.parseInt(matcher.group(group));
    }

    /** Whether a time of day stands behind a date. */
    public static boolean hasTime(String text) {
        return text.indexOf(':') > 0;
    }
}
