package promedio.core.language;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiPredicate;
import java.util.function.IntPredicate;
import promedio.core.data.DateForm;
import promedio.core.language.Expression.Operator;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.HalfRule;
import promedio.core.number.Numerals;
import promedio.core.vector.Dates;
import promedio.core.vector.Numbers;
import promedio.core.vector.Register;
import promedio.core.vector.Texts;
import promedio.core.vector.Truths;
import promedio.core.vector.Vector;

/** What is worked out row by row: arithmetic, comparisons, and functions. Constant columns are worked out once. */
final class Rowwise {
    /** Whole exponents up to here are exact. */
    private static final int MOST_EXPONENT = 1000;

    private static final int LARGEST_PLACES = 400;
    private static final long SECONDS_A_DAY = 86_400;
    /** After so many rows it is asked whether to go on. */
    private static final int PIECE = 1 << 13;

    private final Runnable pause;
    private final Conventions conventions;
    private final Loss lost;

    /** Who is told that a row was given up to a missing cell. */
    interface Loss {
        /** In a row something came about; of a constant column in all rows. */
        void tell(String key, int row, boolean everywhere);
    }

    Rowwise(Runnable pause, Conventions conventions, Loss lost) {
        this.pause = pause;
        this.conventions = conventions;
        this.lost = lost;
    }

    /** What is done with the numbers of a row; the outcome is left in the first. */
    private interface Work {
        void on(Register[] numbers, int row, boolean everywhere);
    }

    private Vector numbers(int size, Work work, Numbers... operands) {
        boolean constant = true;
        for (Numbers operand : operands) {
            constant &= operand.isConstant();
        }
        int rows = constant ? 1 : size;
        Register[] registers = new Register[operands.length];
        for (int i = 0; i < registers.length; i++) {
            registers[i] = new Register();
        }
        Numbers.Builder builder = new Numbers.Builder(rows);
        for (int row = 0; row < rows; row++) {
            piece(row);
            for (int i = 0; i < registers.length; i++) {
                operands[i].get(row, registers[i]);
                if (!constant) {
                    registers[i].settle(operands[i].isConstant() ? size : 0);
                }
            }
            work.on(registers, row, constant);
            if (constant) {
                return Numbers.constant(registers[0], size);
            }
            builder.add(registers[0]);
        }
        return builder.build();
    }

    private void piece(int row) {
        if (row % PIECE == 0) {
            pause.run();
        }
    }

    Vector negated(Numbers of) {
        return numbers(of.size(), (numbers, row, everywhere) -> numbers[0].negate(), of);
    }

    Vector arithmetic(Operator operator, Numbers left, Numbers right, int size) {
        Register helper = new Register();
        return numbers(
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
                            lose(zero, "told.division.", row, everywhere);
                        }
                        default -> power(numbers[0], numbers[1], helper, row, everywhere);
                    }
                    boolean gone =
                            known && numbers[0].isMissing() && operator != Operator.OVER && operator != Operator.POWER;
                    lose(gone, "told.too-large.", row, everywhere);
                },
                left,
                right);
    }

    private void lose(boolean lose, String key, int row, boolean everywhere) {
        if (lose) {
            lost.tell(key, row, everywhere);
        }
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
                lose(true, "told.division.", row, everywhere);
            } else {
                base.figure(base.figure().power(times));
            }
            return;
        }
        helper.approximate(Math.pow(base.toDouble(), exponent.toDouble()));
        boolean zero = base.signum() == 0 && exponent.signum() < 0;
        boolean none = helper.isMissing();
        base.copy(helper);
        lose(none, zero ? "told.division." : "told.power.", row, everywhere);
    }

    /** A function of one number and maybe others. */
    Vector call(Function function, List<Vector> arguments, int size) {
        Numbers[] operands = arguments.stream().map(one -> (Numbers) one).toArray(Numbers[]::new);
        return numbers(
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
                            lose(of.isMissing(), "told.too-large.", row, everywhere);
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
            lose(true, "told.root.", row, everywhere);
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
            lose(true, "told.logarithm.", row, everywhere);
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
            lose(true, "told.places.", row, everywhere);
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
            lose(true, "told.division.", row, everywhere);
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

    /** Whether two columns of one kind stand so in each row. */
    Truths compared(Operator operator, Vector left, Vector right, int size) {
        if (left instanceof Texts one && right instanceof Texts two) {
            return texts(
                    one,
                    two,
                    size,
                    (a, b) -> holds(
                            operator,
                            operator == Operator.EQUAL || operator == Operator.UNEQUAL
                                    ? (a.equals(b) ? 0 : 1)
                                    : Texts.inUnicode(a, b)));
        }
        boolean constant = left.isConstant() && right.isConstant();
        int rows = constant ? 1 : size;
        byte[] cells = new byte[rows];
        Register one = new Register();
        Register two = new Register();
        for (int row = 0; row < rows; row++) {
            piece(row);
            if (left.isMissing(row) || right.isMissing(row)) {
                cells[row] = Truths.MISSING;
                continue;
            }
            int compared;
            if (left instanceof Numbers first && right instanceof Numbers second) {
                first.get(row, one);
                second.get(row, two);
                compared = one.compare(two);
            } else if (left instanceof Dates first && right instanceof Dates second) {
                compared = Long.compare(first.seconds(row), second.seconds(row));
            } else {
                compared = Byte.compare(((Truths) left).get(row), ((Truths) right).get(row));
            }
            cells[row] = holds(operator, compared) ? Truths.YES : Truths.NO;
        }
        return constant ? Truths.constant(cells[0], size) : Truths.of(cells);
    }

    private static boolean holds(Operator operator, int compared) {
        return switch (operator) {
            case EQUAL -> compared == 0;
            case UNEQUAL -> compared != 0;
            case LESS -> compared < 0;
            case AT_MOST -> compared <= 0;
            case MORE -> compared > 0;
            default -> compared >= 0;
        };
    }

    /** Whether something holds of two texts in each row; where one is the same everywhere it is asked once for each different text. */
    Truths texts(Texts left, Texts right, int size, BiPredicate<String, String> test) {
        boolean constant = left.isConstant() && right.isConstant();
        int rows = constant ? 1 : size;
        byte[] cells = new byte[rows];
        byte[] known = new byte[Math.max(left.pool().size(), right.pool().size()) + 1];
        boolean once = left.isConstant() || right.isConstant();
        for (int row = 0; row < rows; row++) {
            piece(row);
            if (left.isMissing(row) || right.isMissing(row)) {
                cells[row] = Truths.MISSING;
                continue;
            }
            int code = left.isConstant() ? right.code(row) : left.code(row);
            if (!once || known[code] == 0) {
                known[once ? code : 0] = (byte) (1 + (test.test(left.get(row), right.get(row)) ? 1 : 0));
            }
            cells[row] = known[once ? code : 0] == 2 ? Truths.YES : Truths.NO;
        }
        return constant ? Truths.constant(cells[0], size) : Truths.of(cells);
    }

    /** And, or, in three values. */
    Truths joined(boolean and, Truths left, Truths right, int size) {
        boolean constant = left.isConstant() && right.isConstant();
        int rows = constant ? 1 : size;
        byte[] cells = new byte[rows];
        byte strong = and ? Truths.NO : Truths.YES;
        byte weak = and ? Truths.YES : Truths.NO;
        for (int row = 0; row < rows; row++) {
            byte one = left.get(row);
            byte two = right.get(row);
            cells[row] = one == strong || two == strong
                    ? strong
                    : one == Truths.MISSING || two == Truths.MISSING ? Truths.MISSING : weak;
        }
        return constant ? Truths.constant(cells[0], size) : Truths.of(cells);
    }

    Truths not(Truths of) {
        int rows = of.isConstant() ? 1 : of.size();
        byte[] cells = new byte[rows];
        for (int row = 0; row < rows; row++) {
            byte cell = of.get(row);
            cells[row] = cell == Truths.MISSING ? cell : (byte) (1 - cell);
        }
        return of.isConstant() ? Truths.constant(cells[0], of.size()) : Truths.of(cells);
    }

    /** Yes where a row passes a test. */
    static Truths test(Vector of, IntPredicate test) {
        int rows = of.isConstant() ? 1 : of.size();
        byte[] cells = new byte[rows];
        for (int row = 0; row < rows; row++) {
            cells[row] = test.test(row) ? Truths.YES : Truths.NO;
        }
        return of.isConstant() ? Truths.constant(cells[0], of.size()) : Truths.of(cells);
    }

    /** A text of each row, made of texts and whole numbers. */
    Vector made(List<Vector> arguments, int size, java.util.function.IntFunction<Optional<String>> make) {
        boolean constant = arguments.stream().allMatch(Vector::isConstant);
        int rows = constant ? 1 : size;
        Texts.Builder builder = new Texts.Builder(rows);
        for (int row = 0; row < rows; row++) {
            piece(row);
            int at = row;
            boolean missing = arguments.stream().anyMatch(one -> one.isMissing(at));
            Optional<String> text = missing ? Optional.empty() : make.apply(row);
            if (constant) {
                return Texts.constant(text, size);
            }
            text.ifPresentOrElse(builder::add, builder::missing);
        }
        return builder.build();
    }

    /** What is done with a row to get a number; nothing where there is none. */
    interface Number1 {
        void of(int row, boolean everywhere, Register into);
    }

    /** A number of each row in which nothing is missing. */
    Vector numbered(List<Vector> arguments, int size, Number1 make) {
        boolean constant = arguments.stream().allMatch(Vector::isConstant);
        int rows = constant ? 1 : size;
        Numbers.Builder builder = new Numbers.Builder(rows);
        Register register = new Register();
        for (int row = 0; row < rows; row++) {
            piece(row);
            int at = row;
            register.clear();
            if (arguments.stream().noneMatch(one -> one.isMissing(at))) {
                make.of(row, constant, register);
            }
            if (constant) {
                return Numbers.constant(register, size);
            }
            builder.add(register);
        }
        return builder.build();
    }

    /** Texts taken apart, counted and changed. */
    Vector ofText(Function function, List<Vector> arguments, int size) {
        Texts text = (Texts) arguments.get(0);
        return switch (function) {
            case LENGTH ->
                numbered(
                        arguments,
                        size,
                        (row, everywhere, into) -> into.whole(
                                text.get(row).codePointCount(0, text.get(row).length())));
            case LOWER -> made(arguments, size, row -> Optional.of(text.get(row).toLowerCase(Locale.ROOT)));
            case UPPER -> made(arguments, size, row -> Optional.of(text.get(row).toUpperCase(Locale.ROOT)));
            case TRIMMED ->
                made(arguments, size, row -> Optional.of(text.get(row).strip()));
            case PART ->
                made(
                        arguments,
                        size,
                        row -> Optional.of(
                                part(text.get(row), (Numbers) arguments.get(1), (Numbers) arguments.get(2), row)));
            default ->
                numbered(arguments, size, (row, everywhere, into) -> {
                    Optional<Numerals.Numeral> number =
                            Numerals.POINT.read(text.get(row).strip());
                    number.ifPresent(read -> into.figure(read.exact()));
                    lose(number.isEmpty(), "told.unreadable-number.", row, everywhere);
                });
        };
    }

    private static String part(String text, Numbers from, Numbers to, int row) {
        Register register = new Register();
        from.get(row, register);
        double first = Math.max(1, Math.ceil(register.toDouble()));
        to.get(row, register);
        int length = text.codePointCount(0, text.length());
        double last = Math.min(length, Math.floor(register.toDouble()));
        return first > last
                ? ""
                : text.substring(text.offsetByCodePoints(0, (int) first - 1), text.offsetByCodePoints(0, (int) last));
    }

    /** Parts of dates. */
    Vector ofDate(Function function, Dates dates) {
        return numbered(List.of(dates), dates.size(), (row, everywhere, into) -> {
            LocalDateTime date = dates.get(row);
            boolean none = (function == Function.HOUR || function == Function.MINUTE) && !dates.hasTime(row);
            if (!none) {
                into.whole(
                        switch (function) {
                            case YEAR -> date.getYear();
                            case MONTH -> date.getMonthValue();
                            case DAY -> date.getDayOfMonth();
                            case WEEKDAY -> date.getDayOfWeek().getValue();
                            case HOUR -> date.getHour();
                            default -> date.getMinute();
                        });
            }
            lose(none, "told.no-time.", row, everywhere);
        });
    }

    /** Days from one date to another, with a fraction where times are given. */
    Vector days(Dates from, Dates to, int size) {
        return numbered(
                List.of(from, to),
                size,
                (row, everywhere, into) ->
                        into.figure(Exact.ratio(to.seconds(row) - from.seconds(row), SECONDS_A_DAY)));
    }

    /** Texts read as dates. */
    Vector dates(Texts texts, DateForm form, int size) {
        int rows = texts.isConstant() ? 1 : size;
        Dates.Builder builder = new Dates.Builder(rows);
        for (int row = 0; row < rows; row++) {
            piece(row);
            String text = texts.get(row).strip();
            Optional<LocalDateTime> date = texts.isMissing(row) ? Optional.empty() : form.read(text);
            lose(date.isEmpty() && !texts.isMissing(row), "told.unreadable-date.", row, texts.isConstant());
            builder.add(date, DateForm.hasTime(text));
        }
        Dates made = builder.build();
        return texts.isConstant() ? made.stretched(size) : made;
    }

    HalfRule halves() {
        return conventions.halves();
    }
}
