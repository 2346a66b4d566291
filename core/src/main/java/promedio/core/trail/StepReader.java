package promedio.core.trail;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.antlr.v4.runtime.ParserRuleContext;
import org.antlr.v4.runtime.misc.Interval;
import promedio.core.language.Expression;
import promedio.core.language.Formula;
import promedio.core.language.Grammar;
import promedio.core.language.grammar.StepsBaseVisitor;
import promedio.core.language.grammar.StepsParser;
import promedio.core.number.Exact;

/** Takes a step apart. */
final class StepReader extends StepsBaseVisitor<Step> {
    private final Formula formulas = new Formula();

    private StepReader() {}

    /** Reads a step. @throws Fault for what is none */
    static Step read(String text) {
        return Grammar.read(text, StepsParser::wholeStep, context -> new StepReader().visit(context.step()));
    }

    private static Expression.Column fresh(StepsParser.FreshContext context) {
        return new Expression.Column(
                Grammar.place(context), Grammar.unquoted(context.name().getText()));
    }

    private static <C, R> List<R> all(List<C> contexts, Function<C, R> make) {
        List<R> all = new ArrayList<>();
        contexts.forEach(context -> all.add(make.apply(context)));
        return all;
    }

    @Override
    public Step visitKeepRows(StepsParser.KeepRowsContext context) {
        return new Step.Where(true, formulas.visit(context.expression()));
    }

    @Override
    public Step visitLeaveOutRows(StepsParser.LeaveOutRowsContext context) {
        return new Step.Where(false, formulas.visit(context.expression()));
    }

    @Override
    public Step visitKeepColumns(StepsParser.KeepColumnsContext context) {
        return new Step.Columns(true, formulas.runs(context.columns()));
    }

    @Override
    public Step visitLeaveOutColumns(StepsParser.LeaveOutColumnsContext context) {
        return new Step.Columns(false, formulas.runs(context.columns()));
    }

    @Override
    public Step visitRename(StepsParser.RenameContext context) {
        return new Step.Rename(formulas.column(context.column()), fresh(context.fresh()));
    }

    @Override
    public Step visitWorkOut(StepsParser.WorkOutContext context) {
        return new Step.WorkOut(fresh(context.fresh()), formulas.visit(context.expression()));
    }

    @Override
    public Step visitSortIntoBands(StepsParser.SortIntoBandsContext context) {
        return new Step.Bands(
                formulas.column(context.column()),
                fresh(context.fresh()),
                all(
                        context.band(),
                        band -> new Step.Band(
                                Grammar.place(band),
                                written(band.bandClass()),
                                Optional.ofNullable(band.TEXT()).map(label -> Grammar.unquoted(label.getText())))));
    }

    /** A part of the step as it was written, blanks and all. */
    private static String written(ParserRuleContext context) {
        return context.getStart()
                .getInputStream()
                .getText(Interval.of(
                        context.getStart().getStartIndex(), context.getStop().getStopIndex()));
    }

    private static Step.Cell cell(StepsParser.CellContext context) {
        if (context.NUMBER() != null) {
            Exact number = Formula.number(context.NUMBER().getSymbol());
            boolean minus = context.sign() != null && !context.sign().getText().equals("+");
            return new Step.NumberCell(Grammar.place(context), minus ? number.negated() : number);
        }
        if (context.TEXT() != null) {
            return new Step.TextCell(Grammar.place(context), Grammar.unquoted(context.getText()));
        }
        return context.getText().equals("missing")
                ? new Step.MissingCell(Grammar.place(context))
                : new Step.TruthCell(Grammar.place(context), context.getText().equals("yes"));
    }

    @Override
    public Step visitReplace(StepsParser.ReplaceContext context) {
        return new Step.Replace(
                formulas.runs(context.columns()),
                all(context.replacement(), one -> new Step.Replacement(cell(one.cell(0)), cell(one.cell(1)))));
    }

    @Override
    public Step visitNameValues(StepsParser.NameValuesContext context) {
        return new Step.NameValues(
                formulas.column(context.column()),
                all(
                        context.naming(),
                        one -> new Step.Named(
                                cell(one.cell()), Grammar.unquoted(one.TEXT().getText()))));
    }

    @Override
    public Step visitCarryDown(StepsParser.CarryDownContext context) {
        return new Step.CarryDown(formulas.runs(context.columns()));
    }

    @Override
    public Step visitPutInOrder(StepsParser.PutInOrderContext context) {
        return new Step.Order(all(
                context.ordering(),
                key -> new Step.Key(
                        formulas.column(key.column()),
                        key.getChildCount() > 1 && written(key).matches("(?s).*\\blargest\\s+first"))));
    }

    @Override
    public Step visitStandardise(StepsParser.StandardiseContext context) {
        return new Step.Standardise(
                Grammar.place(context),
                formulas.column(context.column()),
                fresh(context.fresh()),
                formulas.within(context.within()));
    }

    @Override
    public Step visitRowPerGroup(StepsParser.RowPerGroupContext context) {
        return new Step.RowPer(all(context.column(), formulas::column), all(context.summary(), this::summary));
    }

    @Override
    public Step visitRowInAll(StepsParser.RowInAllContext context) {
        return new Step.RowPer(List.of(), all(context.summary(), this::summary));
    }

    private Step.Summary summary(StepsParser.SummaryContext context) {
        Optional<String> named = Optional.ofNullable(context.fresh())
                .map(name -> Grammar.unquoted(name.name().getText()));
        if (context.expression() == null) {
            return new Step.Summary(Grammar.place(context), Optional.empty(), named.orElse("n"));
        }
        return new Step.Summary(
                Grammar.place(context),
                Optional.of(formulas.visit(context.expression())),
                named.orElseGet(() -> written(context.expression())
                        .replaceAll("'((?:[^']|'')*)'", "$1")
                        .replace("''", "'")
                        .strip()));
    }

    @Override
    public Step visitRowPerCell(StepsParser.RowPerCellContext context) {
        return new Step.RowPerCell(formulas.runs(context.columns()), fresh(context.fresh(0)), fresh(context.fresh(1)));
    }

    @Override
    public Step visitColumnPer(StepsParser.ColumnPerContext context) {
        return new Step.ColumnPer(formulas.column(context.column(0)), formulas.column(context.column(1)));
    }

    @Override
    public Step visitDrawRows(StepsParser.DrawRowsContext context) {
        Exact seed = Formula.number(context.NUMBER(1).getSymbol());
        boolean minus = context.sign() != null && !context.sign().getText().equals("+");
        return new Step.Draw(
                Grammar.place(context), Formula.number(context.NUMBER(0).getSymbol()), minus ? seed.negated() : seed);
    }

    @Override
    public Step visitJoin(StepsParser.JoinContext context) {
        return new Step.Join(
                Grammar.place(context),
                Grammar.unquoted(context.QUOTED().getText()),
                formulas.column(context.column()));
    }
}
