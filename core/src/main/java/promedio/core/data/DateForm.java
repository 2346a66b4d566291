package promedio.core.data;

import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How the parts of a date are written; a time of day may stand behind any of them. */
public enum DateForm {
    /** The year first, as in ISO 8601: {@code 2031-04-05}, {@code 2031-04-05T18:30}; {@code 2031/4/5} too. */
    ISO(
            "y-m-d",
            "(?<y>[0-9]{4})-(?<m>[0-9]{1,2})-(?<d>[0-9]{1,2})",
            "(?<y>[0-9]{4})/(?<m>[0-9]{1,2})/(?<d>[0-9]{1,2})"),
    /** {@code 5.4.2031}. */
    POINTS("d.m.y", "(?<d>[0-9]{1,2})\\.(?<m>[0-9]{1,2})\\.(?<y>[0-9]{4}|[0-9]{2})"),
    /** {@code 5/4/2031}, the fifth of April. */
    DAY_FIRST("d/m/y", "(?<d>[0-9]{1,2})/(?<m>[0-9]{1,2})/(?<y>[0-9]{4}|[0-9]{2})"),
    /** {@code 5/4/2031}, the fourth of May. */
    MONTH_FIRST("m/d/y", "(?<m>[0-9]{1,2})/(?<d>[0-9]{1,2})/(?<y>[0-9]{4}|[0-9]{2})"),
    /** The month by its English name: {@code 5 April 2031}, {@code Apr 5, 2031}, {@code Sat 05-Apr-31}. */
    NAMED(
            "d-mon-y",
            Parts.WEEKDAY + "(?<d>[0-9]{1,2})(?:st|nd|rd|th)?\\.?[\\s/-]*" + Parts.MONTH
                    + "[\\s./-]*,?\\s*(?<y>[0-9]{4}|[0-9]{2})",
            Parts.WEEKDAY + Parts.MONTH + "\\.?\\s+(?<d>[0-9]{1,2})(?:st|nd|rd|th)?,?\\s+(?<y>[0-9]{4})");

    private static final class Parts {
        private static final String WEEKDAY =
                "(?:(?:mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?|sun)(?:day)?\\.?,?\\s+)?";
        private static final String MONTH =
                "(?<m>jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?"
                        + "|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)";
        private static final String DAYS = "montuewedthufrisatsun";
        private static final String NAMES = "janfebmaraprmayjunjulaugsepoctnovdec";
    }

    private static final String TIME =
            "(?:(?:T|,? )(?<hour>[0-9]{1,2}):(?<minute>[0-9]{2})(?::(?<second>[0-9]{2})(?:\\.[0-9]{1,9})?)?"
                    + "(?: ?(?<half>[ap])\\.?m\\.?)?(?: ?(?:Z|UTC|[+-][0-9]{2}:?[0-9]{2}))?)?";
    private static final int SHORTEST = 6;
    private static final int LONGEST = 40;
    private static final int HALF_DAY = 12;
    private static final String PLAIN = "0000-00-00T00:00:00";
    private static final int DAY = 10;
    private static final int TO_MINUTES = 16;
    private static final int TO_SECONDS = 19;
    private static final int MONTH_LETTERS = 3;
    /** Before the month stand a day and signs between. */
    private static final int FURTHEST = 12;

    private static final String ORDINALS = "st nd rd th ST ND RD TH";
    /** Years of two digits: 69 to 99 are of the 1900s, 00 to 68 of the 2000s, as POSIX has it. */
    private static final int FIRST_OF_1900S = 69;

    private final String id;
    private final List<Pattern> patterns;

    DateForm(String id, String... dates) {
        this.id = id;
        this.patterns = Arrays.stream(dates)
                .map(date -> Pattern.compile(date + TIME, Pattern.CASE_INSENSITIVE))
                .toList();
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
        if (text.length() < SHORTEST || text.length() > LONGEST || !canBe(text)) {
            return Optional.empty();
        }
        int places = this == ISO ? digitsOf(text) : 0;
        if (places > 0) {
            return plain(text, places);
        }
        for (Pattern pattern : patterns) {
            Matcher matcher = pattern.matcher(text);
            if (matcher.matches()) {
                return date(matcher);
            }
        }
        return Optional.empty();
    }

    /** How long a text is that is written as most are, {@code 2031-04-05} or with {@code T18:30} or {@code T18:30:15}; 0 for others. */
    private static int digitsOf(String text) {
        int length = text.length();
        if (length != DAY && length != TO_MINUTES && length != TO_SECONDS) {
            return 0;
        }
        for (int i = 0; i < length; i++) {
            char sign = text.charAt(i);
            char form = PLAIN.charAt(i);
            boolean fits = form == '0' ? sign >= '0' && sign <= '9' : sign == form || form == 'T' && sign == ' ';
            if (!fits) {
                return 0;
            }
        }
        return length;
    }

    private static Optional<LocalDateTime> plain(String text, int length) {
        try {
            return Optional.of(LocalDateTime.of(
                    digits(text, 0, 4),
                    digits(text, 5, 7),
                    digits(text, 8, DAY),
                    length > DAY ? digits(text, 11, 13) : 0,
                    length > DAY ? digits(text, 14, TO_MINUTES) : 0,
                    length > TO_MINUTES ? digits(text, 17, TO_SECONDS) : 0));
        } catch (DateTimeException none) {
            return Optional.empty();
        }
    }

    private static int digits(String text, int from, int to) {
        int number = 0;
        for (int i = from; i < to; i++) {
            number = 10 * number + text.charAt(i) - '0';
        }
        return number;
    }

    /** Most texts are no dates, which is seen at once: where they do not begin with a digit, or the first letters begin no month or day. */
    private boolean canBe(String text) {
        char first = text.charAt(0);
        boolean digit = first >= '0' && first <= '9';
        if (this != NAMED) {
            int digits = 0;
            while (digits < text.length() && text.charAt(digits) >= '0' && text.charAt(digits) <= '9') {
                digits++;
            }
            char sign = digits < text.length() ? text.charAt(digits) : 0;
            return switch (this) {
                case ISO -> digits == 4 && (sign == '-' || sign == '/');
                case POINTS -> digits > 0 && digits < MONTH_LETTERS && sign == '.';
                default -> digits > 0 && digits < MONTH_LETTERS && sign == '/';
            };
        }
        int letter = firstLetter(text, 0);
        if (letter > 0 && letter + 2 < text.length() && ORDINALS.contains(text.substring(letter, letter + 2))) {
            letter = firstLetter(text, letter + 2);
        }
        if (letter + MONTH_LETTERS > Math.min(FURTHEST, text.length()) || letter > 0 && !digit) {
            return false;
        }
        String begins = text.substring(letter, letter + MONTH_LETTERS).toLowerCase(Locale.ROOT);
        return Parts.NAMES.contains(begins) || letter == 0 && Parts.DAYS.contains(begins);
    }

    private static int firstLetter(String text, int from) {
        int letter = from;
        while (letter < text.length() && !Character.isLetter(text.charAt(letter))) {
            letter++;
        }
        return letter;
    }

    private static Optional<LocalDateTime> date(Matcher matcher) {
        int written = Integer.parseInt(matcher.group("y"));
        boolean two = matcher.group("y").length() == 2;
        int full = !two ? written : written + (written >= FIRST_OF_1900S ? 1900 : 2000);
        try {
            return Optional.of(LocalDateTime.of(
                    full,
                    month(matcher.group("m")),
                    Integer.parseInt(matcher.group("d")),
                    hour(number(matcher, "hour"), Optional.ofNullable(matcher.group("half"))),
                    number(matcher, "minute"),
                    number(matcher, "second")));
        } catch (DateTimeException none) {
            return Optional.empty();
        }
    }

    private static int month(String written) {
        return Character.isDigit(written.charAt(0))
                ? Integer.parseInt(written)
                : Parts.NAMES.indexOf(written.substring(0, MONTH_LETTERS).toLowerCase(Locale.ROOT)) / MONTH_LETTERS + 1;
    }

    /** The hour of the day; 0 and 13 are no hours of a half day. */
    private static int hour(int written, Optional<String> half) {
        if (half.isEmpty()) {
            return written;
        }
        boolean fits = written >= 1 && written <= HALF_DAY;
        boolean after = half.get().equalsIgnoreCase("p");
        return fits ? written % HALF_DAY + (after ? HALF_DAY : 0) : -1;
    }

    private static int number(Matcher matcher, String group) {
        return matcher.group(group) == null ? 0 : Integer.parseInt(matcher.group(group));
    }

    /** Whether a time of day stands behind a date. */
    public static boolean hasTime(String text) {
        return text.indexOf(':') > 0;
    }
}
