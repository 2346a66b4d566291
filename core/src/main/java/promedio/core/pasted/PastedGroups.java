package promedio.core.pasted;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import promedio.core.sentence.Sentence;

/** Several lists, each behind its name or below it: {@code Group A: 12, 15} above {@code Group B: 14, 16}. */
final class PastedGroups {
    private static final Pattern NO_NAME = Pattern.compile("(?i)and|&|n/a|na|-|–|—|\\?|\\.");
    private static final int MOST_NAMED = 8;

    private final PastedCells cells;
    private final Lexer lexer;
    private final Map<String, List<String>> groups = new LinkedHashMap<>();
    private String current = "";

    private PastedGroups(PastedCells cells) {
        this.cells = cells;
        this.lexer = cells.lexer();
    }

    static Optional<Reading> read(List<String> lines, PastedCells cells) {
        List<String> parts = lines.size() == 1 ? Arrays.asList(lines.get(0).split(";", -1)) : lines;
        boolean inline = lines.size() == 1;
        if (inline && (parts.size() < 2 || !parts.stream().allMatch(PastedGroups::isNamed))) {
            return Optional.empty();
        }
        PastedGroups groups = new PastedGroups(cells);
        boolean all = groups.withoutHeadings(parts).stream()
                .filter(line -> !line.isBlank())
                .allMatch(groups::take);
        return all ? groups.reading() : Optional.empty();
    }

    /** Without a first line that heads the names and the lists. */
    private List<String> withoutHeadings(List<String> lines) {
        List<Item> first = lexer.items(lines.get(0));
        boolean headings = first.size() > 1 && first.stream().allMatch(item -> item.is(Item.Kind.WORDS));
        return headings ? lines.subList(1, lines.size()) : lines;
    }

    /** Whether a part of a line begins with a name and a colon. */
    private static boolean isNamed(String part) {
        int colon = Math.max(part.indexOf(':'), part.indexOf('='));
        return colon > 0 && part.substring(0, colon).chars().anyMatch(Character::isLetter);
    }

    /** Takes a line in: a name, numbers, or both; false where it is something else. */
    private boolean take(String line) {
        List<Item> items = lexer.items(line);
        boolean named = !items.isEmpty() && isName(items.get(0));
        int from = named ? 1 : 0;
        if (named) {
            // "Group 1: 12, 15": the number belongs to the name.
            boolean numbered = items.size() > 1
                    && !items.get(0).label()
                    && items.get(1).is(Item.Kind.NUMBER)
                    && items.get(1).label();
            from = numbered ? 2 : 1;
            current = PastedCells.bare(
                    numbered
                            ? items.get(0).text() + " " + items.get(1).text()
                            : items.get(0).text());
            groups.putIfAbsent(current, new ArrayList<>());
        }
        for (Item item : items.subList(from, items.size())) {
            boolean and = item.is(Item.Kind.WORDS) && item.text().matches("(?i)and|&");
            if (current.isEmpty() || !item.is(Item.Kind.NUMBER) && !and) {
                return false;
            }
            if (!and) {
                groups.get(current).add(item.text());
            }
        }
        return true;
    }

    private boolean isName(Item item) {
        String text = item.text();
        return item.is(Item.Kind.WORDS)
                && Character.isLetter(text.charAt(0))
                && !NO_NAME.matcher(text).matches()
                && !CellLines.isCode(text)
                && !cells.isTally(text);
    }

    private Optional<Reading> reading() {
        boolean lists = groups.size() >= 2
                && groups.values().stream().noneMatch(List::isEmpty)
                && groups.values().stream().anyMatch(values -> values.size() >= 2);
        if (!lists) {
            return Optional.empty();
        }
        Set<String> units = new LinkedHashSet<>();
        groups.forEach((name, values) -> units.add(unit(name, values)));
        units.remove("");
        // "A: 12, 15; B: 14, 16 min": the unit behind the last is that of all.
        String unit = units.size() == 1 ? units.iterator().next() : "";
        List<Found> found = groups.entrySet().stream()
                .map(group -> Found.list(
                        group.getKey(),
                        units.size() > 1 ? unit(group.getKey(), group.getValue()) : unit,
                        cells.values(group.getValue())))
                .toList();
        String listed = groups.keySet().stream().limit(MOST_NAMED).collect(Collectors.joining(", "));
        Sentence what = Sentence.of("pasted.what.groups", found.size(), listed);
        return Optional.of(Reading.of(what, Layout.STANDING, found, List.of()));
    }

    private String unit(String name, List<String> values) {
        String headed = Role.unit(name);
        return headed.isEmpty() ? cells.commonUnit(values) : headed;
    }
}
