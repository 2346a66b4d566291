package promedio.core.measure;

import promedio.core.measure.Measure.Dimension;

/**
 * The units of a sample's values.
 *
 * @param unit that of the values, of pairs that of x; empty where they have none
 * @param second that of y of pairs; empty where it has none, or there is no y
 */
public record MeasuredIn(String unit, String second) {
    /** No unit. */
    public static final MeasuredIn NOTHING = of("");

    private static final int LONG = 3;

    /** Of a sample that is not of pairs. */
    public static MeasuredIn of(String unit) {
        return new MeasuredIn(unit, "");
    }

    /** What a quantity is counted in here: where both units are the same, kg·kg is kg², and kg/kg a pure number. */
    public Dimension here(Dimension dimension) {
        boolean same = !unit.isEmpty() && unit.equals(second);
        return switch (dimension) {
            case PRODUCT -> same ? Dimension.SQUARED : dimension;
            case PER_FIRST, PER_SECOND -> same ? Dimension.NONE : dimension;
            default -> dimension;
        };
    }

    /** The unit of a quantity as it is written; empty where it has none. */
    public String written(Dimension of) {
        Dimension dimension = here(of);
        return switch (dimension) {
            case PERCENT -> "%";
            case SQUARED, SECOND_SQUARED -> squared(base(dimension));
            default -> base(dimension);
        };
    }

    /** The same before it is squared; empty for percent, and for a pure number. */
    public String base(Dimension dimension) {
        return switch (here(dimension)) {
            case UNIT, SQUARED -> unit;
            case SECOND, SECOND_SQUARED -> second;
            case PRODUCT -> unit.isEmpty() || second.isEmpty() ? "" : unit + "·" + second;
            case PER_FIRST -> quotient(second, unit);
            case PER_SECOND -> quotient(unit, second);
            case PERCENT, NONE -> "";
        };
    }

    private static String squared(String of) {
        return of.isEmpty() ? "" : of.length() > LONG && of.contains(" ") ? "(" + of + ")²" : of + "²";
    }

    private static String quotient(String above, String below) {
        return above.isEmpty() || below.isEmpty() ? "" : above + "/" + below;
    }
}
