package promedio.core.data;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.number.Numerals;

/** What the cells of a column tell about decimal marks and thousands, before anything is read as a number. */
final class MarkTally {
    private static final Pattern GROUPED = Pattern.compile(
            "[+\\-\u2212]?[0-9]{1,3}(?:([ .,'\u2019\u00a0\u2009\u202f])[0-9]{3})+?(?:\\1[0-9]{3})*(?:([.,])[0-9]+)?(?:\\s*%)?");
    private static final Pattern DECIMAL =
            Pattern.compile("[+\\-\u2212]?([0-9]*)([.,])([0-9]*)(?:[eE][+\\-\u2212]?[0-9]+)?(?:\\s*%)?");
    private static final Pattern WHOLE = Pattern.compile("[+\\-\u2212]?([0-9]+)(?:\\s*%)?");
    private static final int LONGEST = 60;
    private static final int GROUP = 3;

    private boolean comma;
    private boolean point;
    private boolean ungrouped;
    private final Set<ThousandsMark> seen = EnumSet.noneOf(ThousandsMark.class);
    private final Set<ThousandsMark> sure = EnumSet.noneOf(ThousandsMark.class);

    static MarkTally of(Entries column) {
        MarkTally tally = new MarkTally();
        long places = column.plainPlaces('.');
        if (places != 0) {
            // Nothing is grouped here; numbers with one or two places, or more than three, need a point.
            tally.point = (places & ~(1L | 1L << GROUP)) != 0;
            return tally;
        }
        Memo<Boolean> looked = new Memo<>(text -> {
            tally.look(text.strip());
            return true;
        });
        boolean commas = column.hasDecimalCommas();
        column.walk('.', new Entries.Walk() {
            @Override
            public void plain(int row, long unit, int places) {
                tally.plain(unit, places, false);
            }

            @Override
            public void other(int row, String text) {
                if (commas && column.isDecimal(row, ',')) {
                    tally.plain(column.unit(row), column.places(row), true);
                } else {
                    looked.of(text);
                }
            }
        });
        return tally;
    }

    private void plain(long unit, int places, boolean hasComma) {
        if (places == 0) {
            ungrouped |= Math.abs(unit) >= 1_000;
        } else {
            long size = Math.abs(unit);
            boolean lone = places == GROUP && size >= 1_000 && size < 1_000_000;
            decimal(hasComma ? ',' : '.', lone, size >= 1_000 * Math.pow(10, places));
        }
    }

    /** A decimal mark stands in a number; alone it could also part thousands. */
    private void decimal(char mark, boolean lone, boolean longBefore) {
        if (lone) {
            seen.add(mark == ',' ? ThousandsMark.COMMA : ThousandsMark.POINT);
            return;
        }
        comma |= mark == ',';
        point |= mark == '.';
        ungrouped |= longBefore;
    }

    private void look(String text) {
        boolean word = text.isEmpty() || text.length() > LONGEST || Character.isLetter(text.charAt(0));
        if (word || Numerals.isOtherwise(text)) {
            return;
        }
        Matcher whole = WHOLE.matcher(text);
        if (whole.matches()) {
            ungrouped |= whole.group(1).length() > GROUP;
            return;
        }
        Matcher decimal = DECIMAL.matcher(text);
        if (decimal.matches()) {
            String before = decimal.group(1);
            String behind = decimal.group(GROUP);
            boolean lone = behind.length() == GROUP
                    && !before.isEmpty()
                    && before.length() <= GROUP
                    && !before.startsWith("0");
            if (!before.isEmpty() || !behind.isEmpty()) {
                decimal(decimal.group(2).charAt(0), lone, before.length() > GROUP);
            }
            return;
        }
        grouped(text);
    }

    private void grouped(String text) {
        Matcher grouped = GROUPED.matcher(text);
        if (!grouped.matches()) {
            return;
        }
        String sign = grouped.group(1);
        String behind = grouped.group(2);
        if (sign.equals(behind)) {
            return;
        }
        ThousandsMark mark = ThousandsMark.of(sign.charAt(0)).orElseThrow();
        seen.add(mark);
        boolean twice = text.indexOf(sign) != text.lastIndexOf(sign);
        if (twice || behind != null) {
            sure.add(mark);
        }
        comma |= ",".equals(behind) || twice && mark == ThousandsMark.POINT;
        point |= ".".equals(behind) || twice && mark == ThousandsMark.COMMA;
    }

    /** Whether its numbers can only be read with a comma as the decimal mark. */
    boolean needsComma() {
        return comma && !point;
    }

    /** Whether its numbers can only be read with a point as the decimal mark. */
    boolean needsPoint() {
        return point && !comma;
    }

    /** What surely parts thousands under a decimal mark: every long number is grouped by it, one of them beyond doubt. */
    ThousandsMark thousands(char decimalMark) {
        Optional<ThousandsMark> only =
                seen.stream().filter(mark -> mark.sign() != decimalMark).findFirst();
        boolean one = seen.stream().filter(mark -> mark.sign() != decimalMark).count() == 1;
        return one && !ungrouped && sure.contains(only.orElseThrow()) ? only.orElseThrow() : ThousandsMark.NONE;
    }
}
