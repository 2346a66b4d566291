package promedio.core.language;

import java.util.List;
import java.util.Optional;
import java.util.function.BiPredicate;
import java.util.function.IntPredicate;
import promedio.core.language.Expression.Operator;
import promedio.core.vector.Dates;
import promedio.core.vector.Numbers;
import promedio.core.vector.Register;
import promedio.core.vector.Texts;
import promedio.core.vector.Truths;
import promedio.core.vector.Vector;

/** What is worked out row by row: the way through the rows, and comparisons. Constant columns are worked out once. */
final class Rowwise {
    /** After so many rows it is asked whether to go on. */
    private static final int PIECE = 1 << 13;
    /** The same where numbers are long. */
    private static final int FEW = 64;

    private final Runnable pause;
    private final Loss lost;

    /** Who is told that a row was given up to a missing cell. */
    interface Loss {
        /** In a row something came about; of a constant column in all rows. */
        void tell(String key, int row, boolean everywhere);
    }

    Rowwise(Runnable pause, Loss lost) {
        this.pause = pause;
        this.lost = lost;
    }

    /** What is done with the numbers of a row; the outcome is left in the first. */
    interface Work {
        void on(Register[] numbers, int row, boolean everywhere);
    }

    /** A number of each row, made of those of other columns. */
    Vector numbers(int size, Work work, Numbers... operands) {
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
                registers[i].among(constant ? 1 : size);
                operands[i].get(row, registers[i]);
                if (!constant) {
                    registers[i].settle();
                }
            }
            if (registers[0].state() == Register.State.BIG && row % FEW == 0) {
                pause.run();
            }
            work.on(registers, row, constant);
            lose(
                    registers[0].hasOutgrown(),
                    registers[0].isMissing() ? "told.too-large." : "told.vast.",
                    row,
                    constant);
            if (constant) {
                return Numbers.constant(registers[0], size);
            }
            builder.add(registers[0]);
        }
        return builder.build();
    }

    /** Asks every few thousand rows whether to go on. */
    void piece(int row) {
        if (row % PIECE == 0) {
            pause.run();
        }
    }

    /** Tells that a row was given up, where it was. */
    void lose(boolean lose, String key, int row, boolean everywhere) {
        if (lose) {
            lost.tell(key, row, everywhere);
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
}
