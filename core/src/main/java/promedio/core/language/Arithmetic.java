package promedio.core.language;

import java.util.List;
import promedio.core.language.Expression.Operator;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.vector.Numbers;
import promedio.core.vector.Register;
import promedio.core.vector.Vector;

/** Arithmetic and functions of numbers, row by row: exact as long as they can be. */
final class Arithmetic {
    /** Whole exponents up to here are exact. */
    private static final int MOST_EXPONENT = 1000;

    private static final int LARGEST_PLACES = 400;

    private final Rowwise rows;
    private final Conventions conventions;

    Arithmetic(Rowwise rows, Conventions conventions) {
        this.rows = rows;
        this.conventions = conventions;
    }

    Vector negated(Numbers of) {
        return rows.numbers(of.size(), (numbers, row, everywhere) -> numbers[0].negate(), of);
    }

    Vector of(Operator operator, Numbers left, Numbers right, int size) {
        Register helper = new Register();
        return rows.numbers(
                size,
                (numbers, row, everywhere) -> {
                    boolean known = !numbers[0].isMissing() && !numbers[1].isMissing();
                    switch (operator) {
                        case PLUS -> numbers[0].plus(numbers[1]);
                        case MINUS -> {
                            numbers[1].negate();
                            numbers[0].plus(numbers[1]);
                        }
                        case TIMES -> numbers[0].times(numbers[1]);
                        case OVER -> {
                            boolean zero = known && numbers[1].signum() == 0;
                            numbers[0].over(numbers[1]);
                            rows.lose(zero, "told.division.", row, everywhere);
                        }
                        default -> power(numbers[0], numbers[1], helper, row, everywhere);
                    }
                    boolean exact = known && !numbers[0].isOutgrown();
                    boolean gone =
                            exact && numbers[0].isMissing() && operator != Operator.OVER && operator != Operator.POWER;
                    rows.lose(gone, "told.too-large.", row, everywhere);
                },
                left,
                right);
    }

    private void power(Register base, Register exponent, Register helper, int row, boolean everywhere) {
        if (base.isMissing() || exponent.isMissing()) {
            base.clear();
            return;
        }
        boolean whole = exponent.state() == Register.State.RATIO
                && exponent.figure() instanceof Exact exact
                && exact.isWhole()
                && Math.abs(exponent.toDouble()) <= MOST_EXPONENT;
        if (whole && base.state() != Register.State.DOUBLE) {
            int times = (int) exponent.toDouble();
            if (times < 0 && base.signum() == 0) {
                base.clear();
                rows.lose(true, "told.division.", row, everywhere);
            } else {
                base.power(times);
            }
            return;
        }
        helper.approximate(Math.pow(base.toDouble(), exponent.toDouble()));
        boolean zero = base.signum() == 0 && exponent.signum() < 0;
        boolean none = helper.isMissing();
        base.copy(helper);
        rows.lose(none, zero ? "told.division." : "told.power.", row, everywhere);
    }

    /** A function of one number and maybe others. */
    Vector call(Function function, List<Vector> arguments, int size) {
        Numbers[] operands = arguments.stream().map(one -> (Numbers) one).toArray(Numbers[]::new);
        return rows.numbers(
                size,
                (numbers, row, everywhere) -> {
                    Register of = numbers[0];
                    boolean missing = false;
                    for (Register number : numbers) {
                        missing |= number.isMissing();
                    }
                    if (missing) {
                        of.clear();
                        return;
                    }
                    switch (function) {
                        case ABSOLUTE -> {
                            if (of.signum() < 0) {
                                of.negate();
                            }
                        }
                        case ROOT -> root(of, row, everywhere);
                        case LN, LOG10 -> logarithm(function, of, row, everywhere);
                        case EXP -> {
                            of.approximate(Math.exp(of.toDouble()));
                            rows.lose(of.isMissing(), "told.too-large.", row, everywhere);
                        }
                        case DOWN -> of.figure(Exact.of(floor(of)));
                        case UP -> {
                            of.negate();
                            of.figure(Exact.of(floor(of)).negated());
                        }
                        case ROUNDED -> round(of, numbers[1], row, everywhere);
                        default -> remainder(of, numbers[1], row, everywhere);
                    }
                },
                operands);
    }

    private void root(Register of, int row, boolean everywhere) {
        if (of.signum() < 0) {
            of.clear();
            rows.lose(true, "told.root.", row, everywhere);
        } else if (of.state() == Register.State.DOUBLE) {
            of.approximate(Math.sqrt(of.toDouble()));
        } else if (!of.rootOfRatio()) {
            if (everywhere) {
                of.figure(of.figure().root());
            } else {
                of.approximate(Math.sqrt(of.toDouble()));
            }
        }
    }

    private void logarithm(Function function, Register of, int row, boolean everywhere) {
        if (of.signum() <= 0) {
            of.clear();
            rows.lose(true, "told.logarithm.", row, everywhere);
        } else {
            of.approximate(function == Function.LN ? Math.log(of.toDouble()) : Math.log10(of.toDouble()));
        }
    }

    private static java.math.BigInteger floor(Register of) {
        Figure figure = of.figure();
        return figure instanceof Exact exact
                ? exact.floor()
                : new java.math.BigDecimal(Math.floor(figure.toDouble())).toBigInteger();
    }

    private void round(Register of, Register places, int row, boolean everywhere) {
        boolean whole = places.state() == Register.State.RATIO
                && places.figure() instanceof Exact exact
                && exact.isWhole()
                && Math.abs(places.toDouble()) <= LARGEST_PLACES;
        if (!whole) {
            of.clear();
            rows.lose(true, "told.places.", row, everywhere);
            return;
        }
        boolean approximate = of.state() == Register.State.DOUBLE;
        Exact rounded = Exact.from(of.figure().toPlaces((int) places.toDouble(), conventions.halves()));
        if (approximate) {
            of.approximate(rounded.toDouble());
        } else {
            of.figure(rounded);
        }
    }

    private void remainder(Register of, Register by, int row, boolean everywhere) {
        if (by.signum() == 0) {
            of.clear();
            rows.lose(true, "told.division.", row, everywhere);
            return;
        }
        boolean approximate = of.isApproximate() || by.isApproximate();
        Figure whole = of.figure();
        Figure part = by.figure();
        Figure quotient = whole.over(part);
        Exact times = quotient instanceof Exact exact
                ? Exact.of(exact.floor())
                : Exact.from(java.math.BigDecimal.valueOf(Math.floor(quotient.toDouble())));
        Figure rest = whole.minus(part.times(times));
        if (approximate) {
            of.approximate(rest.toDouble());
        } else {
            of.figure(rest);
        }
    }
}
