package promedio.core.pasted;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.sentence.Sentence;

/** Stem-and-leaf displays: {@code 3 | 2 5 5} is 32, 35, 35 unless a key says 3.2; split stems, empty ones, back to back. */
final class Stems {
    private static final Pattern STEM = Pattern.compile(
            "\\s*+(?<sign>[-−]?)\\s*+(?<stem>[0-9]*+)\\s*+[*•·.]?\\s*+[|:](?<leaves>[0-9\\s,]*+)\\|?\\s*+");
    private static final Pattern BACK =
            Pattern.compile("\\s*\\|?(?<left>[0-9\\s,]*)\\|\\s*(?<stem>[0-9]+)\\s*\\|(?<right>[0-9\\s,]*)\\|?\\s*");
    private static final Pattern KEY = Pattern.compile(
            ".*?(?<stem>[0-9]+)\\s*[|]\\s*(?<leaf>[0-9]+)\\s*(?:=|:|means?|represents?|stands for|is|→)\\s*(?<value>[$£€]?[0-9.,]+)\\s*(?<unit>[\\p{L}°%][\\p{L}°/%²]*)?.*",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern HEADING = Pattern.compile("(?i).*(?:stem|leaf|leaves).*");

    private static final Pattern SPACED = Pattern.compile("[0-9][\\s,]++[0-9]");
    private static final int LONGEST_LINE = 2_000;

    private final PastedCells cells;
    private Optional<Matcher> key = Optional.empty();
    private String heading = "";
    private boolean headed;

    private Stems(PastedCells cells) {
        this.cells = cells;
    }

    /** What a display holds; empty where the lines are none. */
    static Optional<Reading> read(List<String> lines, PastedCells cells) {
        boolean bars = lines.stream().anyMatch(line -> line.indexOf('|') >= 0)
                && lines.stream().allMatch(line -> line.length() < LONGEST_LINE);
        return bars ? new Stems(cells).read(lines) : Optional.empty();
    }

    private Optional<Reading> read(List<String> lines) {
        List<String> stems = new ArrayList<>();
        for (String line : lines) {
            Matcher told = KEY.matcher(line);
            if (told.matches()) {
                key = Optional.of(told);
            } else if (!line.isBlank() && line.chars().noneMatch(Character::isDigit)) {
                if (stems.isEmpty()) {
                    headed |= HEADING.matcher(line).matches();
                    heading = heading.isEmpty() || HEADING.matcher(heading).matches() ? line.strip() : heading;
                } else if (line.indexOf('|') < 0) {
                    return Optional.empty();
                }
            } else if (!line.isBlank()) {
                stems.add(line);
            }
        }
        if (stems.isEmpty()) {
            return Optional.empty();
        }
        boolean back = stems.stream().allMatch(line -> BACK.matcher(line).matches());
        return back ? backToBack(stems) : oneSided(stems);
    }

    private Optional<Reading> oneSided(List<String> stems) {
        List<String> values = new ArrayList<>();
        String sign = "";
        String stem = "";
        long before = Long.MIN_VALUE;
        boolean rising = true;
        boolean spaced = false;
        boolean sorted = true;
        int most = 0;
        for (String line : stems) {
            Matcher row = STEM.matcher(line);
            if (!row.matches()
                    || row.group("stem").isEmpty() && stem.isEmpty()
                    || row.group("stem").length() > 9) {
                return Optional.empty();
            }
            if (!row.group("stem").isEmpty()) {
                sign = row.group("sign").isEmpty() ? "" : "-";
                stem = row.group("stem");
                long now = Long.parseLong(sign + stem);
                rising &= before == Long.MIN_VALUE || now >= before || !sign.isEmpty();
                before = now;
            }
            String leaves = row.group("leaves").strip();
            spaced |= SPACED.matcher(leaves).find();
            List<String> single = leaves(leaves);
            most = Math.max(most, single.size());
            for (int i = 1; i < single.size(); i++) {
                sorted &= single.get(i).compareTo(single.get(i - 1)) >= 0;
            }
            for (String leaf : single) {
                values.add(value(sign, stem, leaf));
            }
        }
        boolean sure = headed
                || key.isPresent()
                || spaced
                || stems.stream().anyMatch(line -> line.strip().endsWith("|"));
        boolean display = sure || rising && sorted && most >= 2 && values.size() >= 2 * stems.size();
        if (values.isEmpty() || !display) {
            return Optional.empty();
        }
        return Optional.of(reading(List.of(Found.list(name(0, 1), unit(), values)), stems.get(0), values.get(0)));
    }

    private Optional<Reading> backToBack(List<String> stems) {
        List<String> left = new ArrayList<>();
        List<String> right = new ArrayList<>();
        for (String line : stems) {
            Matcher row = BACK.matcher(line);
            row.matches();
            List<String> outward = leaves(row.group("left").strip());
            for (int i = outward.size() - 1; i >= 0; i--) {
                left.add(value("", row.group("stem"), outward.get(i)));
            }
            leaves(row.group("right").strip()).forEach(leaf -> right.add(value("", row.group("stem"), leaf)));
        }
        if (left.isEmpty() || right.isEmpty()) {
            return Optional.empty();
        }
        List<Found> found = List.of(Found.list(name(0, 2), unit(), left), Found.list(name(1, 2), unit(), right));
        Sentence what = Sentence.of("pasted.what.stems-two", left.size(), right.size());
        return Optional.of(Reading.of(what, Layout.STANDING, found, List.of()));
    }

    private Reading reading(List<Found> found, String line, String first) {
        Sentence what = Sentence.of("pasted.what.stems", found.get(0).size());
        Sentence told = Sentence.of(key.isPresent() ? "pasted.stems.key" : "pasted.stems", line.strip(), first);
        return Reading.of(what, Layout.STANDING, found, List.of(told));
    }

    private String name(int which, int of) {
        String[] parts = heading.split("\\|", -1);
        if (of == 2) {
            String[] filled = parts.length >= 2
                    ? new String[] {parts[0], parts[parts.length - 1]}
                    : heading.split("\\s{2,}|\\s+(?:Stem|stem)\\s+");
            return filled.length >= 2
                    ? filled[which == 0 ? 0 : filled.length - 1]
                            .replaceAll("(?i)\\b(?:leaf|leaves|stem)\\b", "")
                            .replaceAll("[()]", "")
                            .strip()
                    : "";
        }
        return HEADING.matcher(heading).matches() ? "" : PastedCells.bare(heading);
    }

    private String unit() {
        return key.map(told -> told.group("unit"))
                .map(unit -> unit.equals("and") ? "" : unit)
                .orElse("");
    }

    /** Leaves of one digit each, or, with blanks between all of them, of as many as they are written with. */
    private List<String> leaves(String text) {
        List<String> leaves = new ArrayList<>();
        if (text.isEmpty()) {
            return leaves;
        }
        int digits = key.map(told -> told.group("leaf").length()).orElse(0);
        String[] parts = text.split("[\\s,]+");
        boolean single = parts.length == 1 && digits <= 1;
        for (String part : parts) {
            int width = digits > 1 ? digits : single || part.length() == 1 ? 1 : commonWidth(parts);
            for (int i = 0; i < part.length(); i += width) {
                leaves.add(part.substring(i, Math.min(part.length(), i + width)));
            }
        }
        return leaves;
    }

    /** Two-digit leaves where all are such; else each digit is one. */
    private static int commonWidth(String[] parts) {
        int width = parts[0].length();
        for (String part : parts) {
            if (part.length() != width) {
                return 1;
            }
        }
        return width == 2 ? 2 : 1;
    }

    private String value(String sign, String stem, String leaf) {
        BigDecimal value = new BigDecimal(sign + stem + leaf);
        if (key.isPresent()) {
            BigDecimal whole =
                    new BigDecimal(key.get().group("stem") + key.get().group("leaf"));
            Optional<BigDecimal> stated = cells.number(key.get().group("value"))
                    .map(number -> number.numeral().value());
            if (stated.isPresent() && whole.signum() != 0) {
                for (int power = -6; power <= 6; power++) {
                    if (whole.scaleByPowerOfTen(power).compareTo(stated.get()) == 0) {
                        BigDecimal scaled = value.scaleByPowerOfTen(power);
                        return cells.card().write(power > 0 ? scaled.setScale(0) : scaled);
                    }
                }
            }
        }
        return cells.card().write(value);
    }
}
