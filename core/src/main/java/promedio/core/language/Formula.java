package promedio.core.language;

import java.math.BigDecimal;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antlr.v4.runtime.ParserRuleContext;
import org.antlr.v4.runtime.Token;
import org.antlr.v4.runtime.tree.ParseTree;
import org.antlr.v4.runtime.tree.TerminalNode;
import promedio.core.data.DateForm;
import promedio.core.distribution.Distribution;
import promedio.core.language.Expression.Operator;
import promedio.core.language.grammar.StepsBaseVisitor;
import promedio.core.language.grammar.StepsParser;
import promedio.core.number.Exact;

/** Makes a tree of a formula as it is written: definitions for tables, section 11. */
public final class Formula extends StepsBaseVisitor<Expression> {
    private static final Exact HUNDRED = Exact.of(100);
    private static final int LONGEST_NUMBER = 400;
    private static final int LARGEST_EXPONENT = 400;

    /** For the steps of a trail, which hold formulas. */
    public Formula() {}

    /** Reads a formula. @throws Fault for what is none */
    public static Expression of(String text) {
        return Grammar.read(text, StepsParser::wholeFormula, context -> new Formula().visit(context.expression()));
    }

    /** Where a node and its name were written, as a column. */
    public Expression.Column column(StepsParser.ColumnContext context) {
        return new Expression.Column(
                Grammar.place(context), Grammar.unquoted(context.name().getText()));
    }

    /** Columns and runs of them. */
    public List<Expression.Run> runs(StepsParser.ColumnsContext context) {
        return context.columnRun().stream()
                .map(run -> new Expression.Run(
                        Grammar.place(run),
                        column(run.column(0)),
                        run.column().size() > 1 ? Optional.of(column(run.column(1))) : Optional.empty()))
                .toList();
    }

    /** The columns that make groups; none where nothing is said. */
    public List<Expression.Column> within(StepsParser.WithinContext context) {
        return context == null
                ? List.of()
                : context.column().stream().map(this::column).toList();
    }

    /** A number as it is written. */
    public static Exact number(Token token) {
        String text = token.getText();
        BigDecimal decimal;
        try {
            decimal = new BigDecimal(text.endsWith(".") ? text + "0" : text);
        } catch (NumberFormatException beyond) {
            throw Fault.of(place(token), "language.number", text);
        }
        boolean fits = text.length() <= LONGEST_NUMBER
                && (decimal.signum() == 0
                        || Math.abs((long) decimal.precision() - decimal.scale()) <= LARGEST_EXPONENT);
        if (!fits) {
            throw Fault.of(place(token), "language.number", text);
        }
        return Exact.from(decimal);
    }

    private static Place place(Token token) {
        return new Place(token.getStartIndex(), token.getStopIndex() + 1);
    }

    private static Place place(ParserRuleContext context) {
        return Grammar.place(context);
    }

    private static boolean has(ParserRuleContext context, String word) {
        for (ParseTree child : context.children) {
            if (child instanceof TerminalNode && child.getText().equals(word)) {
                return true;
            }
        }
        return false;
    }

    @Override
    public Expression visitChoice(StepsParser.ChoiceContext context) {
        return new Expression.Choice(
                place(context),
                visit(context.expression(0)),
                visit(context.expression(1)),
                visit(context.expression(2)));
    }

    @Override
    public Expression visitLoosest(StepsParser.LoosestContext context) {
        return visit(context.disjunction());
    }

    /** Operands one after another, taken together from the left. */
    private Expression chain(List<? extends ParserRuleContext> operands, ParserRuleContext context, String joined) {
        Expression left = visit(operands.get(0));
        int operand = 1;
        for (ParseTree child : context.children) {
            boolean sign = child instanceof TerminalNode
                    && (joined.isEmpty() || child.getText().equals(joined));
            if (sign) {
                Expression right = visit(operands.get(operand++));
                left = new Expression.Operation(left.at().to(right.at()), operator(child.getText()), left, right);
            }
        }
        return left;
    }

    private static Operator operator(String sign) {
        return switch (sign) {
            case "+" -> Operator.PLUS;
            case "-", "−" -> Operator.MINUS;
            case "*", "×" -> Operator.TIMES;
            case "/", "÷" -> Operator.OVER;
            case "=" -> Operator.EQUAL;
            case "<>", "≠" -> Operator.UNEQUAL;
            case "<" -> Operator.LESS;
            case "<=", "≤" -> Operator.AT_MOST;
            case ">" -> Operator.MORE;
            case ">=", "≥" -> Operator.AT_LEAST;
            case "and" -> Operator.AND;
            case "or" -> Operator.OR;
            case "contains" -> Operator.CONTAINS;
            case "starts" -> Operator.STARTS;
            case "ends" -> Operator.ENDS;
            default -> Operator.JOINED;
        };
    }

    @Override
    public Expression visitDisjunction(StepsParser.DisjunctionContext context) {
        return chain(context.conjunction(), context, "");
    }

    @Override
    public Expression visitConjunction(StepsParser.ConjunctionContext context) {
        return chain(context.negation(), context, "");
    }

    @Override
    public Expression visitNegation(StepsParser.NegationContext context) {
        return context.negation() == null
                ? visit(context.comparison())
                : new Expression.Not(place(context), visit(context.negation()));
    }

    @Override
    public Expression visitComparison(StepsParser.ComparisonContext context) {
        Expression left = visit(context.joined());
        Place whole = place(context);
        if (context.comparing() instanceof StepsParser.ComparedContext compared) {
            return new Expression.Operation(
                    whole, operator(compared.getChild(0).getText()), left, visit(compared.joined()));
        } else if (context.comparing() instanceof StepsParser.BetweenContext between) {
            return new Expression.Between(whole, left, visit(between.joined(0)), visit(between.joined(1)));
        } else if (context.comparing() instanceof StepsParser.IsSoContext so) {
            return so.expression().isEmpty()
                    ? new Expression.IsMissing(whole, left, has(so, "not"))
                    : new Expression.OneOf(whole, left, all(so.expression()), has(so, "not"));
        } else if (context.comparing() instanceof StepsParser.HoldsContext holds) {
            return new Expression.Operation(whole, operator(holds.getChild(0).getText()), left, visit(holds.joined()));
        }
        return left;
    }

    @Override
    public Expression visitJoined(StepsParser.JoinedContext context) {
        return chain(context.sum(), context, "joined");
    }

    @Override
    public Expression visitSum(StepsParser.SumContext context) {
        return chain(context.product(), context, "");
    }

    @Override
    public Expression visitProduct(StepsParser.ProductContext context) {
        return chain(context.signed(), context, "");
    }

    @Override
    public Expression visitSigned(StepsParser.SignedContext context) {
        if (context.power() != null) {
            return visit(context.power());
        }
        Expression of = visit(context.signed());
        return has(context, "+") ? of : new Expression.Negated(place(context), of);
    }

    @Override
    public Expression visitPower(StepsParser.PowerContext context) {
        Expression base = visit(context.primary());
        return context.signed() == null
                ? base
                : new Expression.Operation(place(context), Operator.POWER, base, visit(context.signed()));
    }

    @Override
    public Expression visitNumber(StepsParser.NumberContext context) {
        Exact number = number(context.getStart());
        return new Expression.Numeral(place(context), has(context, "%") ? number.over(HUNDRED) : number);
    }

    @Override
    public Expression visitText(StepsParser.TextContext context) {
        return new Expression.Text(place(context), Grammar.unquoted(context.getText()));
    }

    @Override
    public Expression visitTruth(StepsParser.TruthContext context) {
        return new Expression.Truth(place(context), context.getText().equals("yes"));
    }

    @Override
    public Expression visitMissing(StepsParser.MissingContext context) {
        return new Expression.Missing(place(context));
    }

    @Override
    public Expression visitDateLiteral(StepsParser.DateLiteralContext context) {
        String text = Grammar.unquoted(context.TEXT().getText()).strip();
        Optional<LocalDateTime> date = DateForm.ISO.read(text);
        if (date.isEmpty()) {
            throw Fault.of(place(context.TEXT().getSymbol()), "language.date", text);
        }
        return new Expression.Date(place(context), date.get(), DateForm.hasTime(text));
    }

    private Expression operand(StepsParser.OperandContext context) {
        if (context.operand() != null) {
            return new Expression.Take(
                    place(context), number(context.NUMBER().getSymbol()), operand(context.operand()));
        }
        return context.column() != null ? column(context.column()) : visit(context.bracket());
    }

    private Expression summary(
            ParserRuleContext context,
            Measured measure,
            Optional<Exact> part,
            StepsParser.OperandContext of,
            StepsParser.WithinContext within) {
        return new Expression.Summary(place(context), measure, part, operand(of), within(within));
    }

    private static Measured measure(StepsParser.MeasureContext context) {
        return Measured.find(context.getText())
                .orElseThrow(() -> Fault.of(place(context), "language.no-word", context.getText()));
    }

    @Override
    public Expression visitMeasured(StepsParser.MeasuredContext context) {
        if (context.measure().getText().equals("iqr")) {
            return new Expression.Operation(place(context), Operator.MINUS, quartile(context, 3), quartile(context, 1));
        }
        return summary(context, measure(context.measure()), Optional.empty(), context.operand(), context.within());
    }

    private Expression quartile(StepsParser.MeasuredContext context, int which) {
        Optional<Exact> part = Optional.of(Exact.of(which));
        return summary(context, Measured.QUARTILE, part, context.operand(), context.within());
    }

    @Override
    public Expression visitQuartile(StepsParser.QuartileContext context) {
        Exact part = number(context.NUMBER().getSymbol());
        boolean quartile = part.isWhole() && part.signum() > 0 && part.compareTo(Exact.of(3)) <= 0;
        if (!quartile) {
            throw Fault.of(place(context.NUMBER().getSymbol()), "language.quartile");
        }
        return summary(context, Measured.QUARTILE, Optional.of(part), context.operand(), context.within());
    }

    @Override
    public Expression visitPercentile(StepsParser.PercentileContext context) {
        Exact part = number(context.NUMBER().getSymbol());
        boolean minus = context.sign() != null && !context.sign().getText().equals("+") && part.signum() != 0;
        if (minus || part.compareTo(Exact.of(100)) > 0) {
            throw Fault.of(place(context.NUMBER().getSymbol()), "language.percentile");
        }
        return summary(context, Measured.PERCENTILE, Optional.of(part), context.operand(), context.within());
    }

    @Override
    public Expression visitCounted(StepsParser.CountedContext context) {
        return new Expression.Counted(
                place(context), has(context, "share"), visit(context.disjunction()), within(context.within()));
    }

    private Expression standing(
            ParserRuleContext context,
            Expression.Standing standing,
            StepsParser.OperandContext of,
            StepsParser.WithinContext within) {
        return new Expression.ByPlace(place(context), standing, operand(of), within(within));
    }

    @Override
    public Expression visitStandardScore(StepsParser.StandardScoreContext context) {
        return standing(context, Expression.Standing.SCORE, context.operand(), context.within());
    }

    @Override
    public Expression visitRank(StepsParser.RankContext context) {
        return standing(
                context,
                has(context, "largest") ? Expression.Standing.RANK_FROM_LARGEST : Expression.Standing.RANK,
                context.operand(),
                context.within());
    }

    @Override
    public Expression visitRunningTotal(StepsParser.RunningTotalContext context) {
        return standing(context, Expression.Standing.RUNNING_TOTAL, context.operand(), context.within());
    }

    @Override
    public Expression visitPrevious(StepsParser.PreviousContext context) {
        return standing(context, Expression.Standing.PREVIOUS, context.operand(), null);
    }

    @Override
    public Expression visitRowNumber(StepsParser.RowNumberContext context) {
        return new Expression.RowNumber(place(context));
    }

    @Override
    public Expression visitAlong(StepsParser.AlongContext context) {
        return new Expression.Along(place(context), measure(context.measure()), runs(context.columns()));
    }

    @Override
    public Expression visitTake(StepsParser.TakeContext context) {
        return new Expression.Take(place(context), number(context.NUMBER().getSymbol()), operand(context.operand()));
    }

    @Override
    public Expression visitCritical(StepsParser.CriticalContext context) {
        Distribution of = Families.of(context.family(), context.parameter());
        Exact share = share(context.part());
        Exact sides =
                context.NUMBER() == null ? Exact.ONE : number(context.NUMBER().getSymbol());
        if (!sides.equals(Exact.ONE) && !sides.equals(Exact.TWO)) {
            throw Fault.of(place(context.NUMBER().getSymbol()), "language.sides");
        }
        if (sides.equals(Exact.TWO) && share.compareTo(Exact.ONE.half()) > 0) {
            throw Fault.of(place(context.part()), "language.tail-or-middle", share, Exact.ONE.minus(share));
        }
        return new Expression.Critical(place(context), of, share.over(sides));
    }

    /** A tail, which may be written as a quotient: 0.05/6. @throws Fault for one that is not inside 0 and 1 */
    private static Exact share(StepsParser.PartContext context) {
        Exact share = Families.real(context.real());
        if (context.NUMBER() != null) {
            Exact divisor = number(context.NUMBER().getSymbol());
            share = divisor.signum() == 0 ? Exact.ZERO : share.over(divisor);
        } else if (has(context, "%")) {
            share = share.over(HUNDRED);
        }
        boolean inside = share.signum() > 0 && share.compareTo(Exact.ONE) < 0;
        if (!inside) {
            throw Fault.of(place(context), "language.tail");
        }
        return share;
    }

    @Override
    public Expression visitTail(StepsParser.TailContext context) {
        Distribution of = Families.of(context.family(), context.parameter());
        Exact first = Families.real(context.real(0));
        if (context.real().size() == 1) {
            return has(context, "below")
                    ? new Expression.Tail(place(context), of, Optional.empty(), Optional.of(first))
                    : new Expression.Tail(place(context), of, Optional.of(first), Optional.empty());
        }
        Exact last = Families.real(context.real(1));
        if (first.compareTo(last) > 0) {
            throw Fault.of(place(context.real(1)), "language.backwards-values");
        }
        return new Expression.Tail(place(context), of, Optional.of(first), Optional.of(last));
    }

    private List<Expression> all(List<StepsParser.ExpressionContext> some) {
        List<Expression> all = new ArrayList<>();
        some.forEach(one -> all.add(visit(one)));
        return all;
    }

    @Override
    public Expression visitFirstKnown(StepsParser.FirstKnownContext context) {
        return new Expression.Call(place(context), Function.FIRST_KNOWN, all(context.expression()));
    }

    @Override
    public Expression visitCall(StepsParser.CallContext context) {
        Function function = Function.find(context.function().getText()).orElseThrow();
        int given = context.expression().size();
        if (given < function.least() || given > function.most()) {
            throw Fault.of(
                    Grammar.place(context),
                    function.least() == 1 ? "language.arguments.one" : "language.arguments.many",
                    function.word(),
                    function.least(),
                    given);
        }
        return new Expression.Call(place(context), function, all(context.expression()));
    }

    @Override
    public Expression visitNamed(StepsParser.NamedContext context) {
        return column(context.column());
    }

    @Override
    public Expression visitBracketed(StepsParser.BracketedContext context) {
        return visit(context.bracket());
    }

    @Override
    public Expression visitBracket(StepsParser.BracketContext context) {
        if (context.expression().isEmpty()) {
            return new Expression.Listed(
                    place(context),
                    context.NUMBER().stream()
                            .<Expression>map(
                                    one -> new Expression.Numeral(place(one.getSymbol()), number(one.getSymbol())))
                            .toList());
        }
        if (has(context, "to")) {
            return range(context, context.expression());
        }
        return context.expression().size() == 1
                ? visit(context.expression(0))
                : new Expression.Listed(place(context), all(context.expression()));
    }

    private Expression range(ParserRuleContext context, List<StepsParser.ExpressionContext> ends) {
        return new Expression.Range(
                place(context),
                visit(ends.get(0)),
                visit(ends.get(1)),
                ends.size() > 2 ? Optional.of(visit(ends.get(2))) : Optional.empty());
    }

    /**
     * What is asked in the jotter.
     *
     * @param asked what is asked; empty where only a seed is set
     * @param seed the seed that is set
     */
    public record Line(Optional<Expression> asked, Optional<Exact> seed) {}

    /** Reads a line of the jotter. @throws Fault for what is none */
    public static Line line(String text) {
        return Grammar.read(text, StepsParser::wholeLine, context -> {
            Formula formula = new Formula();
            if (context.seeding() != null) {
                Exact seed = number(context.seeding().NUMBER().getSymbol());
                boolean minus = context.seeding().sign() != null
                        && !context.seeding().sign().getText().equals("+");
                return new Line(Optional.empty(), Optional.of(minus ? seed.negated() : seed));
            }
            return new Line(
                    Optional.of(
                            context.expression().size() > 1
                                    ? formula.range(context, context.expression())
                                    : formula.visit(context.expression(0))),
                    Optional.empty());
        });
    }
}
