package promedio.core.picture;

import java.util.Optional;
import java.util.regex.Pattern;
import promedio.core.sample.Sample;
import promedio.core.tabulate.Tabulation;

/**
 * A sample with what it is called.
 *
 * @param name its name; may be empty
 * @param unit the unit of its values; may be empty
 * @param sample the values, a frequency table or a class table
 * @param classes the classes that a list was put into, where it was
 */
public record Named(String name, String unit, Sample sample, Optional<Tabulation> classes) {
    /** What its numbers are: the name with the unit, unless the name says it. */
    public String title() {
        return title(name, unit);
    }

    /** A name with its unit, unless it is said there. */
    public static String title(String name, String unit) {
        boolean said = unit.isEmpty() || name.matches("(?s).*[\\s(\\[]" + Pattern.quote(unit) + "[)\\]]?");
        return said ? name : name.isEmpty() ? unit : name + ", " + unit;
    }

    /** Whether the values themselves are there, and not only how many lie in a class. */
    public boolean isList() {
        return sample.classes().isEmpty();
    }
}
