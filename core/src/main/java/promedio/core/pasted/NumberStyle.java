package promedio.core.pasted;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import promedio.core.number.Numerals;
import promedio.core.sentence.Sentence;

/**
 * How a text writes its numbers, judged by all of them together: a comma in a number is a decimal mark only where the text
 * gives reason to think so, and one between thousands only where every number agrees with it.
 *
 * @param numerals how its numbers are read
 * @param commasPart whether a comma without a blank parts two numbers
 * @param told what is to be said of it
 */
record NumberStyle(Numerals numerals, boolean commasPart, Optional<Sentence> told) {
    private static final Pattern CHUNK = Pattern.compile("(?<![\\p{L}0-9.,])[0-9][0-9.,]*");
    private static final Pattern THOUSANDS = Pattern.compile("[0-9]{1,3}(,[0-9]{3})+\\.[0-9]+");
    private static final Pattern POINT_THOUSANDS = Pattern.compile("[0-9]{1,3}(\\.[0-9]{3})+,[0-9]+");
    private static final Pattern GROUPS = Pattern.compile("[0-9]{1,3}(?:,[0-9]{3}){2,}");
    private static final Pattern GROUP = Pattern.compile("[0-9]{1,3},[0-9]{3}");
    private static final Pattern DECIMAL = Pattern.compile("[0-9]+,[0-9]+");
    private static final Pattern POINT = Pattern.compile("[0-9]*\\.[0-9]+");
    private static final Pattern POINT_GROUPS = Pattern.compile("[0-9]{1,3}(?:\\.[0-9]{3}){2,}");
    private static final Pattern SPACED = Pattern.compile("[0-9],\\s[0-9]");
    private static final Pattern PAIR_LINES = Pattern.compile("\\s*[0-9]+,[0-9]+\\s*");
    private static final Numerals COMMA_THOUSANDS = new Numerals('.', ',');
    private static final Numerals POINT_AS_THOUSANDS = new Numerals(',', '.');
    /** So many characters show how the rest is written. */
    private static final int ENOUGH = 200_000;

    /** The styles that a text may be written in, the likeliest first. */
    static List<NumberStyle> of(List<String> lines, Numerals card) {
        return new Evidence(lines, card).styles();
    }

    private static NumberStyle parting(Numerals numerals) {
        return new NumberStyle(numerals, true, Optional.empty());
    }

    private static NumberStyle decimal(Numerals numerals, Numerals card) {
        boolean known = numerals.equals(card);
        return new NumberStyle(numerals, false, known ? Optional.empty() : Optional.of(Sentence.of("pasted.comma")));
    }

    private static NumberStyle thousands() {
        return new NumberStyle(COMMA_THOUSANDS, false, Optional.of(Sentence.of("pasted.thousands")));
    }

    /** What the numbers of a text say of its commas. */
    private static final class Evidence {
        private final List<String> lines;
        private final Numerals card;
        private final List<String> chunks = new ArrayList<>();

        Evidence(List<String> lines, Numerals card) {
            this.card = card;
            int length = 0;
            int enough = 0;
            while (enough < lines.size() && length < ENOUGH) {
                length += lines.get(enough++).length();
            }
            this.lines = lines.subList(0, enough);
            for (String line : this.lines) {
                if (line.indexOf(',') >= 0 || line.indexOf('.') >= 0) {
                    CHUNK.matcher(line)
                            .results()
                            .map(MatchResult::group)
                            .map(chunk -> chunk.replaceFirst("[.,]+$", ""))
                            .forEach(chunks::add);
                } else {
                    CHUNK.matcher(line).results().map(MatchResult::group).forEach(chunks::add);
                }
            }
        }

        private long count(Pattern pattern) {
            return chunks.stream()
                    .filter(chunk -> pattern.matcher(chunk).matches())
                    .count();
        }

        List<NumberStyle> styles() {
            long inner =
                    chunks.stream().filter(chunk -> chunk.indexOf(',') >= 0).count();
            long points = count(POINT);
            if (inner == 0) {
                return withoutCommas(points);
            }
            long groups = count(GROUPS);
            long group = count(GROUP);
            long decimals = count(DECIMAL) - group;
            long mixed = count(THOUSANDS);
            long pointMixed = count(POINT_THOUSANDS);
            if (mixed > 0 && mixed + groups + group == inner && pointMixed == 0) {
                return List.of(thousands());
            }
            if (pointMixed > 0 && pointMixed + decimals == inner && mixed == 0) {
                return List.of(decimal(POINT_AS_THOUSANDS, card));
            }
            boolean alone = chunks.size() == 1;
            boolean several = groups + group + decimals < inner; // 12,15,15 or 12.5,13.7
            if (several || isDelimited(inner)) {
                return List.of(parting(points > 0 || mixedPoints() ? Numerals.POINT : card));
            }
            if (alone) {
                NumberStyle parting = parting(card);
                NumberStyle decimal = decimal(Numerals.COMMA, card);
                return card.decimalMark() == ','
                        ? List.of(decimal, parting)
                        : group + groups > 0 ? List.of(parting, thousands(), decimal) : List.of(parting, decimal);
            }
            return decimals == 0 ? grouped(groups, points) : decimals(inner, points);
        }

        private boolean mixedPoints() {
            return chunks.stream().anyMatch(chunk -> chunk.indexOf('.') >= 0);
        }

        private List<NumberStyle> withoutCommas(long points) {
            if (card.decimalMark() == ',' && points > 0 && count(POINT_GROUPS) == 0) {
                Sentence told = Sentence.of("pasted.point");
                return List.of(new NumberStyle(Numerals.POINT, true, Optional.of(told)));
            }
            return List.of(parting(card));
        }

        /** All numbers with a comma have exactly three digits behind it. */
        private List<NumberStyle> grouped(long groups, long points) {
            boolean ungrouped = chunks.stream().anyMatch(chunk -> chunk.matches("[0-9]{4,}(\\.[0-9]+)?"));
            NumberStyle decimal = decimal(Numerals.COMMA, card);
            if (ungrouped) {
                // Neither fits all of them: they stay as they are, are no numbers, and are seen as such.
                return List.of(new NumberStyle(card, false, Optional.empty()), parting(card));
            }
            if (groups > 0 || points > 0) {
                return List.of(thousands());
            }
            NumberStyle unsure =
                    new NumberStyle(COMMA_THOUSANDS, false, Optional.of(Sentence.of("pasted.thousands-unsure")));
            return card.decimalMark() == ',' ? List.of(decimal, unsure) : List.of(unsure, decimal, parting(card));
        }

        private List<NumberStyle> decimals(long inner, long points) {
            if (points > 0) {
                return List.of(new NumberStyle(Numerals.POINT, false, Optional.empty()));
            }
            NumberStyle decimal = decimal(Numerals.COMMA, card);
            NumberStyle parting = parting(card);
            boolean spaced =
                    lines.stream().anyMatch(line -> SPACED.matcher(line).find());
            boolean few = spaced && inner * 3 < chunks.size() * 2L;
            return few || pairsOfRisingValues() ? List.of(parting, decimal) : List.of(decimal, parting);
        }

        /** Lines of two whole numbers of which the first counts up: columns rather than decimals. */
        private boolean pairsOfRisingValues() {
            if (lines.size() < 3
                    || !lines.stream().allMatch(line -> PAIR_LINES.matcher(line).matches())) {
                return false;
            }
            long before = Long.MIN_VALUE;
            for (String line : lines) {
                String first = line.strip().substring(0, line.strip().indexOf(','));
                if (first.length() > 9 || before != Long.MIN_VALUE && Long.parseLong(first) != before + 1) {
                    return false;
                }
                before = Long.parseLong(first);
            }
            return true;
        }

        /** Whether the commas stand between cells: every line has as many, also a heading, or a word or class before it. */
        private boolean isDelimited(long inner) {
            List<String> filled = lines.stream().filter(line -> !line.isBlank()).toList();
            if (filled.size() < 2 || card.decimalMark() == ',' && inner > 0 && hasOther(filled)) {
                return false;
            }
            long commas = commas(filled.get(0));
            boolean same = commas > 0 && filled.stream().allMatch(line -> commas(line) == commas);
            String head = filled.get(0);
            boolean headed = head.chars().noneMatch(Character::isDigit);
            boolean worded =
                    filled.stream().skip(1).allMatch(line -> line.matches("\\s*+(?:[^0-9\\s]|[^,]*[^0-9,.\\s]).*"));
            return same && (headed || worded);
        }

        private static boolean hasOther(List<String> filled) {
            return filled.stream().anyMatch(line -> line.indexOf(';') >= 0 || line.indexOf('\t') >= 0);
        }

        private static long commas(String line) {
            return line.chars().filter(c -> c == ',').count();
        }
    }
}
