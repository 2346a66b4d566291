package promedio.core.formula;

import java.util.List;
import promedio.core.number.Exact;

/** The rows that a total runs over. */
public sealed interface Rows {
    /** Every row. */
    record All() implements Rows {}

    /** The values from one rank in order of size to another, both included. */
    record Ranks(Exact from, Exact to) implements Rows {}

    /** The rows that pass a test; those of one group are the rows whose group is that one. */
    record Where(Formula left, Order order, Formula right) implements Rows {
        @Override
        public List<Formula> parts() {
            return List.of(left, right);
        }

        @Override
        public Rows with(List<Formula> parts) {
            return new Where(parts.get(0), order, parts.get(1));
        }
    }

    /** How the two sides of a test compare. */
    enum Order {
        /** Less than. */
        BELOW("<", "<", "below"),
        /** Less than or equal to. */
        UP_TO("≤", "\\le ", "up to"),
        /** Equal to. */
        EQUAL("=", "=", "equal to"),
        /** Greater than or equal to. */
        FROM("≥", "\\ge ", "from"),
        /** Greater than. */
        ABOVE(">", ">", "above");

        private final Notation.Sign sign;

        Order(String text, String latex, String spoken) {
            this.sign = new Notation.Sign(text, latex, spoken, true);
        }

        Notation.Sign sign() {
            return sign;
        }

        /** Whether it holds of two sides that compare as a comparator tells: below 0, 0 or above. */
        boolean holds(int compared) {
            return switch (this) {
                case BELOW -> compared < 0;
                case UP_TO -> compared <= 0;
                case EQUAL -> compared == 0;
                case FROM -> compared >= 0;
                case ABOVE -> compared > 0;
            };
        }
    }

    /** The formulas that say which rows; none of those that need none. */
    default List<Formula> parts() {
        return List.of();
    }

    /** The same with other formulas. */
    default Rows with(List<Formula> parts) {
        return this;
    }
}
