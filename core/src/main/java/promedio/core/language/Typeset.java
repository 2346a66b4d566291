package promedio.core.language;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import promedio.core.formula.Notation;
import promedio.core.number.Exact;
import promedio.core.vector.Numbers;
import promedio.core.vector.Register;
import promedio.core.vector.Vectors;

/**
 * How a formula of the language looks on paper: fractions, roots and raised parts in place of signs, names upright. It is read off the very
 * tree that is worked out, so that it shows how the line was understood.
 */
public final class Typeset {
    private static final int CHOICE = 0;
    private static final int OR = 1;
    private static final int AND = 2;
    private static final int NOT = 3;
    private static final int COMPARISON = 4;
    private static final int JOINED = 5;
    private static final int SUM = 6;
    private static final int PRODUCT = 7;
    private static final int SIGNED = 8;
    private static final int POWER = 9;
    private static final int ATOM = 10;
    private static final Pieces PIECES = new Pieces();
    /** Longer ones are read more easily as they are written. */
    private static final int LONGEST = 400;

    /** A part, and how loosely it is held together. */
    private record Piece(Notation notation, int level) {}

    private Typeset() {}

    /** How a line of the jotter looks; empty where it makes no sense, too. */
    public static Optional<Notation> line(String text) {
        try {
            return Formula.line(text).asked().flatMap(Typeset::of);
        } catch (Fault | ArithmeticException | StackOverflowError none) {
            return Optional.empty();
        }
    }

    /** How a column that is worked out looks; empty where the formula looks as it is written. */
    public static Optional<Notation> column(String name, Expression formula) {
        return of(formula).map(body -> Notation.row(name(name), sign("=", "=", "equals"), body));
    }

    /** How a formula looks; empty where it looks as it is written, or is too long to be looked at. */
    public static Optional<Notation> of(Expression formula) {
        return formula.at().to() - formula.at().from() <= LONGEST && isShaped(formula)
                ? Optional.of(piece(formula).notation())
                : Optional.empty();
    }

    private static boolean isShaped(Expression formula) {
        boolean own = formula instanceof Expression.Operation operation
                        && (operation.operator() == Expression.Operator.OVER
                                || operation.operator() == Expression.Operator.POWER)
                || formula instanceof Expression.Call call
                        && List.of(Function.ROOT, Function.ABSOLUTE, Function.EXP)
                                .contains(call.function());
        return own || formula.parts().stream().anyMatch(Typeset::isShaped);
    }

    private static Piece piece(Expression formula) {
        return formula.fold(PIECES);
    }

    private static final class Pieces implements Expression.Cases<Piece> {
        @Override
        public Piece numeral(Expression.Numeral numeral) {
            return atom(Notation.numeral(number(numeral.value())));
        }

        @Override
        public Piece text(Expression.Text text) {
            return atom(name("“" + text.text() + "”"));
        }

        @Override
        public Piece truth(Expression.Truth truth) {
            return atom(Notation.word(truth.yes() ? "yes" : "no"));
        }

        @Override
        public Piece missing(Expression.Missing missing) {
            return atom(Notation.word("missing"));
        }

        @Override
        public Piece date(Expression.Date date) {
            return atom(name(date.date().toLocalDate().toString()));
        }

        @Override
        public Piece column(Expression.Column column) {
            return atom(name(column.name()));
        }

        @Override
        public Piece operation(Expression.Operation operation) {
            return Typeset.operation(operation);
        }

        @Override
        public Piece negated(Expression.Negated negated) {
            return new Piece(
                    Notation.row(new Notation.Sign("−", "-", "minus", false), inside(negated.of(), SIGNED)), SIGNED);
        }

        @Override
        public Piece not(Expression.Not not) {
            return new Piece(Notation.row(words("not "), inside(not.of(), NOT)), NOT);
        }

        @Override
        public Piece choice(Expression.Choice choice) {
            return new Piece(
                    Notation.row(
                            words("if "),
                            inside(choice.condition(), OR),
                            words(" then "),
                            inside(choice.then(), OR),
                            words(" else "),
                            inside(choice.otherwise(), CHOICE)),
                    CHOICE);
        }

        @Override
        public Piece between(Expression.Between between) {
            return new Piece(
                    Notation.row(
                            inside(between.of(), JOINED),
                            words(" between "),
                            inside(between.low(), JOINED),
                            words(" and "),
                            inside(between.high(), JOINED)),
                    COMPARISON);
        }

        @Override
        public Piece isMissing(Expression.IsMissing missing) {
            return new Piece(
                    Notation.row(
                            inside(missing.of(), JOINED), words(missing.not() ? " is not missing" : " is missing")),
                    COMPARISON);
        }

        @Override
        public Piece oneOf(Expression.OneOf one) {
            return new Piece(
                    Notation.row(
                            inside(one.of(), JOINED),
                            words(one.not() ? " is not one of " : " is one of "),
                            list(one.items())),
                    COMPARISON);
        }

        @Override
        public Piece call(Expression.Call call) {
            return Typeset.call(call);
        }

        @Override
        public Piece summary(Expression.Summary summary) {
            String part = summary.part().map(which -> " " + number(which)).orElse("");
            return of(summary.measure().word() + part + " of ", summary.of(), summary.within());
        }

        @Override
        public Piece counted(Expression.Counted counted) {
            Notation where = Notation.row(
                    words((counted.share() ? "share" : "count") + " where "), inside(counted.condition(), OR));
            return new Piece(Notation.row(where, within(counted.within())), SIGNED);
        }

        @Override
        public Piece byPlace(Expression.ByPlace place) {
            String word =
                    switch (place.standing()) {
                        case SCORE -> "standard score of ";
                        case RANK, RANK_FROM_LARGEST -> "rank of ";
                        case RUNNING_TOTAL -> "running total of ";
                        case PREVIOUS -> "previous of ";
                    };
            Piece of = of(word, place.of(), place.within());
            return place.standing() == Expression.Standing.RANK_FROM_LARGEST
                    ? new Piece(Notation.row(of.notation(), words(" from the largest")), SIGNED)
                    : of;
        }

        @Override
        public Piece rowNumber(Expression.RowNumber number) {
            return atom(words("row number"));
        }

        @Override
        public Piece along(Expression.Along along) {
            String columns = along.columns().stream()
                    .map(run -> run.from().name()
                            + run.to().map(to -> " to " + to.name()).orElse(""))
                    .collect(Collectors.joining(", "));
            return atom(Notation.row(words(along.measure().word() + " along "), fenced("(", name(columns), ")")));
        }

        @Override
        public Piece listed(Expression.Listed listed) {
            return atom(list(listed.items()));
        }

        @Override
        public Piece range(Expression.Range range) {
            List<Notation> items =
                    new ArrayList<>(List.of(inside(range.from(), SUM), words(" to "), inside(range.to(), SUM)));
            range.by().ifPresent(by -> {
                items.add(words(" by "));
                items.add(inside(by, SUM));
            });
            return new Piece(new Notation.Row(items), CHOICE);
        }

        @Override
        public Piece critical(Expression.Critical critical) {
            return atom(words("critical value"));
        }

        @Override
        public Piece tail(Expression.Tail tail) {
            return atom(words("tail"));
        }

        @Override
        public Piece take(Expression.Take take) {
            return of("take " + number(take.count()) + " of ", take.of(), List.of());
        }
    }

    /** A measure of something: of a name as it stands, of anything else in brackets. */
    private static Piece of(String word, Expression of, List<Expression.Column> within) {
        Notation operand = of instanceof Expression.Column || of instanceof Expression.Listed
                ? piece(of).notation()
                : fenced("(", piece(of).notation(), ")");
        return new Piece(Notation.row(words(word), operand, within(within)), SIGNED);
    }

    private static Notation within(List<Expression.Column> columns) {
        return columns.isEmpty()
                ? Notation.row()
                : words(" within "
                        + columns.stream().map(Expression.Column::name).collect(Collectors.joining(", ")));
    }

    private static Piece operation(Expression.Operation operation) {
        Expression left = operation.left();
        Expression right = operation.right();
        return switch (operation.operator()) {
            case OVER ->
                atom(new Notation.Fraction(piece(left).notation(), piece(right).notation()));
            case POWER ->
                new Piece(new Notation.Raised(inside(left, ATOM), piece(right).notation()), POWER);
            case TIMES -> binary(left, sign("×", "\\times ", "times"), right, PRODUCT, PRODUCT);
            case PLUS -> binary(left, sign("+", "+", "plus"), right, SUM, SUM);
            case MINUS -> binary(left, sign("−", "-", "minus"), right, SUM, PRODUCT);
            case JOINED, CONTAINS, STARTS, ENDS ->
                binary(
                        left,
                        words(" " + operation.operator().sign()
                                + (operation.operator() == Expression.Operator.STARTS
                                                || operation.operator() == Expression.Operator.ENDS
                                        ? " with "
                                        : " ")),
                        right,
                        JOINED,
                        SUM);
            case AND -> binary(left, words(" and "), right, AND, NOT);
            case OR -> binary(left, words(" or "), right, OR, AND);
            case EQUAL, UNEQUAL, LESS, AT_MOST, MORE, AT_LEAST -> {
                String shown = operation.operator().sign();
                String latex =
                        switch (operation.operator()) {
                            case UNEQUAL -> "\\neq ";
                            case AT_MOST -> "\\leq ";
                            case AT_LEAST -> "\\geq ";
                            default -> shown;
                        };
                Piece compared = binary(left, sign(shown, latex, shown), right, JOINED, JOINED);
                yield new Piece(compared.notation(), COMPARISON);
            }
        };
    }

    private static Piece binary(Expression left, Notation between, Expression right, int level, int rightLevel) {
        return new Piece(Notation.row(inside(left, level), between, inside(right, rightLevel)), level);
    }

    private static Piece call(Expression.Call call) {
        Notation first = piece(call.arguments().get(0)).notation();
        return switch (call.function()) {
            case ROOT -> atom(new Notation.RootSign(first));
            case ABSOLUTE -> atom(fenced("|", first, "|"));
            case EXP -> new Piece(new Notation.Raised(Notation.letter("e"), first), POWER);
            default -> atom(Notation.row(words(call.function().word()), list(call.arguments())));
        };
    }

    private static Notation list(List<Expression> items) {
        List<Notation> all = new ArrayList<>();
        for (Expression item : items) {
            if (!all.isEmpty()) {
                all.add(words(", "));
            }
            all.add(piece(item).notation());
        }
        return fenced("(", new Notation.Row(all), ")");
    }

    private static Notation inside(Expression formula, int level) {
        Piece piece = piece(formula);
        return piece.level() >= level ? piece.notation() : fenced("(", piece.notation(), ")");
    }

    private static Piece atom(Notation notation) {
        return new Piece(notation, ATOM);
    }

    private static Notation fenced(String open, Notation body, String close) {
        return new Notation.Fenced(open, body, close);
    }

    private static Notation sign(String text, String latex, String spoken) {
        return new Notation.Sign(text, latex, spoken, true);
    }

    private static String number(Exact value) {
        Register register = new Register();
        register.figure(value);
        return Numbers.text(register, Vectors.DIGITS).replace('-', '−');
    }

    private static Notation words(String text) {
        return name(text);
    }

    /** An upright name, whatever signs it is made of. */
    private static Notation name(String text) {
        StringBuilder latex = new StringBuilder("\\mathrm{");
        text.codePoints()
                .forEach(code -> latex.append(
                        switch (code) {
                            case ' ' -> "\\ ";
                            case '%', '_', '&', '#', '{', '}', '$' -> "\\" + (char) code;
                            case '\\' -> "\\backslash ";
                            case '^' -> "\\wedge ";
                            case '~' -> "\\sim ";
                            default -> Character.toString(code);
                        }));
        return new Notation.Letter(text, latex.append('}').toString(), text, true);
    }
}
