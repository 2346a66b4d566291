package promedio.core.data;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Names of columns and the units in them. */
final class Names {
    private static final Pattern BRACKETED = Pattern.compile(".*\\S\\s*[(\\[]([^()\\[\\]]{1,24})[)\\]]");
    private static final Pattern BEHIND_COMMA = Pattern.compile(".*\\S\\s*,\\s*(\\S{1,12})");

    private Names() {}

    /** Names for so many columns: headings as written, made up where there are none, told apart where they repeat. */
    static List<String> of(List<String> headings, int columns) {
        List<String> names = new ArrayList<>();
        Set<String> taken = new HashSet<>();
        for (int i = 0; i < columns; i++) {
            String heading = i < headings.size() ? headings.get(i).strip() : "";
            String name = heading.isEmpty() ? "column " + (i + 1) : heading;
            String told = name;
            for (int again = 2; !taken.add(told); again++) {
                told = name + " (" + again + ")";
            }
            names.add(told);
        }
        return names;
    }

    /** The unit that a heading over numbers says: {@code Mass (kg)}, {@code Mass [kg]}, {@code Mass, kg}. */
    static String unit(String heading) {
        Matcher bracketed = BRACKETED.matcher(heading.strip());
        if (bracketed.matches()) {
            String unit = bracketed.group(1).strip();
            boolean number = unit.isEmpty() || Character.isDigit(unit.charAt(0)) || unit.matches("[fxn]");
            return number ? "" : unit;
        }
        Matcher behind = BEHIND_COMMA.matcher(heading.strip());
        return behind.matches() && !Character.isDigit(behind.group(1).charAt(0)) ? behind.group(1) : "";
    }

    /** A heading without its unit. */
    static String label(String heading, String unit) {
        int at = unit.isEmpty() ? -1 : heading.lastIndexOf(unit);
        String bare = at <= 0 ? heading : heading.substring(0, at).strip().replaceFirst("\\s*[,(\\[]$", "");
        return bare.isEmpty() ? heading : bare;
    }

    /** Whether a heading repeats one before it. */
    static boolean repeats(List<String> headings, int index) {
        String heading = headings.get(index).strip();
        return !heading.isEmpty()
                && headings.subList(0, index).stream().map(String::strip).anyMatch(heading::equals);
    }
}
