package promedio.core.pasted;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.number.Exact;

/** A column of a table looked at as a whole: what its cells are, and how it goes with others. */
final class PastedColumn {
    /** So many cells show what the others are. */
    private static final int ENOUGH = 20_000;

    private static final Pattern LAST_WORD = Pattern.compile("(.*[0-9+])\\s*([\\p{L}][\\p{L}.]*)");

    private final String heading;
    private final String word;
    private final List<String> texts;
    private final List<String> looked;
    private final PastedCells cells;
    private final List<Optional<Exact>> values = new ArrayList<>();
    private int numbers;
    private int classes;
    private int begins;
    private int open;
    private int blank;
    private int words;

    PastedColumn(String heading, List<String> written, PastedCells cells) {
        this.heading = heading;
        this.word = commonWord(written, cells);
        this.texts = word.isEmpty()
                ? written
                : written.stream()
                        .map(text -> text.strip()
                                .substring(0, text.strip().length() - word.length())
                                .strip())
                        .toList();
        this.cells = cells;
        this.looked = texts.subList(0, Math.min(texts.size(), ENOUGH));
        for (String text : looked) {
            Optional<Exact> value = cells.number(text).map(PastedCells.Quantity::value);
            values.add(value);
            if (value.isPresent()) {
                numbers++;
            } else if (text.isBlank()) {
                blank++;
            } else if (cells.isClass(text)) {
                classes++;
            } else if (cells.begins(text).isPresent()) {
                begins++;
            } else if (cells.isOpen(text)) {
                open++;
            } else {
                words++;
            }
        }
    }

    /** The word that stands behind every class; empty text where there is none. */
    private static String commonWord(List<String> written, PastedCells cells) {
        Matcher first =
                written.isEmpty() ? null : LAST_WORD.matcher(written.get(0).strip());
        if (first == null || !first.matches() || cells.isClass(written.get(0)) || cells.isNumber(written.get(0))) {
            return "";
        }
        String word = first.group(2);
        boolean all = written.size() > 1
                && written.stream()
                        .map(String::strip)
                        .allMatch(text ->
                                text.endsWith(word) && cells.isClass(text.substring(0, text.length() - word.length())));
        return all ? word : "";
    }

    /** The unit that its heading or its classes say. */
    String unit() {
        String headed = Role.unit(heading);
        return !headed.isEmpty() ? headed : !word.isEmpty() ? word : cells.commonUnit(looked);
    }

    String heading() {
        return heading;
    }

    List<String> texts() {
        return texts;
    }

    Optional<Role> role() {
        return Role.of(heading);
    }

    boolean is(Role role) {
        return role().filter(role::equals).isPresent();
    }

    private int filled() {
        return looked.size() - blank;
    }

    /** Whether it holds classes; single numbers among them are classes too where these are half of it, or the numbers rise. */
    boolean isClasses() {
        int all = classes + begins;
        List<String> singles = looked.stream().filter(cells::isNumber).toList();
        boolean mostly = all * 2 >= filled() || singles.size() < 2 || TableForm.rises(singles, cells);
        return all >= 1 && all + numbers >= filled() - 1 && mostly && words <= 1;
    }

    /** Whether its classes are written by their beginnings only. */
    boolean isBegins() {
        return begins >= 2 && classes <= 1;
    }

    /** Whether it holds numbers, a letter or two for an unknown one among them. */
    boolean isNumbers() {
        return numbers >= 1 && numbers * 2 >= filled() && classes + begins == 0;
    }

    boolean isWords() {
        return filled() > 0 && numbers + classes + begins == 0;
    }

    boolean isBlank() {
        return filled() == 0;
    }

    boolean isTally() {
        return is(Role.TALLY)
                || numbers == 0
                        && filled() > 0
                        && looked.stream().allMatch(text -> text.isBlank() || cells.isTally(text));
    }

    /** Whether it could be one of frequencies: whole, not negative, with letters for unknown ones. */
    boolean canBeFrequencies() {
        return isNumbers()
                && words * 5 <= filled()
                && open <= 2
                && values.stream().flatMap(Optional::stream).allMatch(value -> value.isWhole() && value.signum() >= 0);
    }

    boolean canBeShares() {
        return isNumbers()
                && words == 0
                && values.stream().flatMap(Optional::stream).allMatch(value -> value.signum() >= 0);
    }

    boolean hasOpen() {
        return open > 0;
    }

    boolean hasFractions() {
        return values.stream().flatMap(Optional::stream).anyMatch(value -> !value.isWhole());
    }

    /** Whether it is 1, 2, 3 … */
    boolean isSerial() {
        for (int i = 0; i < values.size(); i++) {
            if (!values.get(i).equals(Optional.of(Exact.of(i + 1)))) {
                return false;
            }
        }
        return values.size() > 1;
    }

    boolean rises() {
        return TableForm.rises(looked, cells);
    }

    /** Whether texts repeat, as names of groups do. */
    boolean repeats() {
        return new HashSet<>(looked).size() * 2 <= looked.size()
                || new HashSet<>(looked).size() <= looked.size() - 2 && new HashSet<>(looked).size() <= 6;
    }

    List<Optional<Exact>> values() {
        return values;
    }

    /** Whether it is the running totals of another, from the top or from the bottom. */
    boolean isRunningTotalOf(PastedColumn other) {
        return numbers == looked.size() && other.numbers == looked.size() && (runs(other, false) || runs(other, true));
    }

    private boolean runs(PastedColumn other, boolean up) {
        Exact sum = Exact.ZERO;
        int last = looked.size() - 1;
        for (int i = 0; i <= last; i++) {
            int row = up ? last - i : i;
            sum = sum.plus(other.values.get(row).orElseThrow());
            if (!sum.equals(values.get(row).orElseThrow())) {
                return false;
            }
        }
        return true;
    }

    boolean isProductOf(PastedColumn one, PastedColumn other) {
        if (numbers != looked.size() || one.numbers != looked.size() || other.numbers != looked.size()) {
            return false;
        }
        for (int i = 0; i < values.size(); i++) {
            if (!one.values
                    .get(i)
                    .orElseThrow()
                    .times(other.values.get(i).orElseThrow())
                    .equals(values.get(i).orElseThrow())) {
                return false;
            }
        }
        return true;
    }

    /** Whether it goes with another in a straight line: midpoints, deviations, the middle of a class. */
    boolean isLinearIn(List<Exact> other) {
        if (numbers != looked.size() || other.size() != values.size() || values.size() < 3) {
            return false;
        }
        Exact y0 = values.get(0).orElseThrow();
        Exact x0 = other.get(0);
        Exact dy = values.get(1).orElseThrow().minus(y0);
        Exact dx = other.get(1).minus(x0);
        if (dx.signum() == 0 || dy.signum() == 0) {
            return false;
        }
        for (int i = 2; i < values.size(); i++) {
            if (!values.get(i)
                    .orElseThrow()
                    .minus(y0)
                    .times(dx)
                    .equals(other.get(i).minus(x0).times(dy))) {
                return false;
            }
        }
        return true;
    }

    /** Whether it is each frequency's part of the whole, as a proportion or in percent, to the places written. */
    boolean isShareOf(PastedColumn frequencies) {
        if (numbers != looked.size() || frequencies.numbers != looked.size()) {
            return false;
        }
        Exact total = frequencies.values.stream().map(Optional::orElseThrow).reduce(Exact.ZERO, Exact::plus);
        return total.signum() != 0 && (shares(frequencies, total, 1) || shares(frequencies, total, 100));
    }

    private boolean shares(PastedColumn frequencies, Exact total, int whole) {
        for (int i = 0; i < values.size(); i++) {
            Exact share = frequencies
                    .values
                    .get(i)
                    .orElseThrow()
                    .times(Exact.of(whole))
                    .over(total);
            Exact off = share.minus(values.get(i).orElseThrow()).abs();
            int places = values.get(i).orElseThrow().placesInFull().orElse(0);
            if (off.times(Exact.of(2)).compareTo(Exact.scaled(java.math.BigInteger.ONE, places)) > 0) {
                return false;
            }
        }
        return true;
    }
}
