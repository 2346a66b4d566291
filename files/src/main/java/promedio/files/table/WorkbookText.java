package promedio.files.table;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.Locale;

/** Cells of workbooks as text: numbers to the digits that they were meant to have, dates in ISO 8601. */
final class WorkbookText {
    /** Workbooks hold binary numbers, which keep 15 digits: 4.1 typed stands there as 4.0999999999999996. */
    private static final MathContext KEPT = new MathContext(15, RoundingMode.HALF_EVEN);

    /** What is longer is no number. */
    static final int LONG = 400;

    private static final int SECONDS = 86_400;
    /** Workbooks count a 29 February 1900 that never was. */
    private static final int FALSE_DAY = 60;

    private static final int LATEST = 2_958_466;

    private WorkbookText() {}

    static String number(String raw) {
        if (raw.length() > LONG) {
            return raw;
        }
        try {
            BigDecimal value = new BigDecimal(raw.strip());
            if (value.precision() > KEPT.getPrecision()) {
                value = value.round(KEPT).stripTrailingZeros();
            }
            boolean plain = value.scale() > -16 && value.scale() < 40;
            return plain ? value.toPlainString() : value.toString();
        } catch (NumberFormatException none) {
            return raw;
        }
    }

    /** Days since the beginning of a workbook's time as a date, with the time of day where there is one. */
    static String date(String raw, boolean from1904, boolean timeOnly) {
        BigDecimal serial;
        if (raw.length() > LONG) {
            return raw;
        }
        try {
            serial = new BigDecimal(raw.strip());
        } catch (NumberFormatException none) {
            return raw;
        }
        if (serial.signum() < 0 || serial.compareTo(BigDecimal.valueOf(LATEST)) >= 0) {
            return number(raw);
        }
        int days = serial.intValue();
        long seconds = serial.subtract(BigDecimal.valueOf(days))
                .multiply(BigDecimal.valueOf(SECONDS))
                .setScale(0, RoundingMode.HALF_UP)
                .longValue();
        if (timeOnly && days == 0) {
            return LocalTime.MIDNIGHT
                    .plusSeconds(Math.min(seconds, SECONDS - 1))
                    .format(java.time.format.DateTimeFormatter.ISO_LOCAL_TIME);
        }
        LocalDate first = from1904 ? LocalDate.of(1904, 1, 1) : LocalDate.of(1899, 12, days < FALSE_DAY ? 31 : 30);
        LocalDateTime at = first.atStartOfDay().plus(days, ChronoUnit.DAYS).plusSeconds(seconds);
        return iso(at);
    }

    static String iso(LocalDateTime at) {
        return at.toLocalTime().equals(LocalTime.MIDNIGHT)
                ? at.toLocalDate().toString()
                : at.format(java.time.format.DateTimeFormatter.ISO_LOCAL_DATE_TIME);
    }

    /** Whether a number format shows dates or times. */
    static boolean isDate(Integer id, String format) {
        if (id != null && (id >= 14 && id <= 22 || id >= 45 && id <= 47)) {
            return true;
        }
        return bare(format).matches(".*[ymdhs].*") && !bare(format).contains("general");
    }

    /** Whether a number format shows a time of day and no date. */
    static boolean isTime(Integer id, String format) {
        if (id != null && (id >= 18 && id <= 21 || id >= 45 && id <= 47)) {
            return true;
        }
        return bare(format).matches(".*[hs].*") && !bare(format).matches(".*[yd].*");
    }

    static boolean isPercent(Integer id, String format) {
        return id != null && (id == 9 || id == 10) || bare(format).contains("%");
    }

    /** A number format without what is only shown as it stands. */
    private static String bare(String format) {
        return format == null
                ? ""
                : format.replaceAll("\"[^\"]*\"|\\\\.|\\[[^\\]]*]|_.|\\*.", "").toLowerCase(Locale.ROOT);
    }
}
