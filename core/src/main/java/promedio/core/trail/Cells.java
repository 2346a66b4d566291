package promedio.core.trail;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import promedio.core.language.Fault;
import promedio.core.language.Told;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.core.vector.Kind;
import promedio.core.vector.Numbers;
import promedio.core.vector.Register;
import promedio.core.vector.Texts;
import promedio.core.vector.Truths;
import promedio.core.vector.Vector;

/** Replaces cells of a column, and gives names to its values. */
final class Cells {
    private static final int MOST_TOLD = 5;
    private static final int LONGEST_TOLD = 30;

    private Cells() {}

    private static Optional<Kind> kind(Step.Cell cell) {
        if (cell instanceof Step.NumberCell) {
            return Optional.of(Kind.NUMBER);
        }
        return cell instanceof Step.TextCell
                ? Optional.of(Kind.TEXT)
                : cell instanceof Step.TruthCell ? Optional.of(Kind.TRUTH) : Optional.empty();
    }

    /** Whether a cell of a step is that of a row. */
    private static boolean is(Step.Cell cell, Field field, int row, Register register) {
        boolean other = !field.others().isMissing(row);
        if (cell instanceof Step.MissingCell) {
            return field.vector().isMissing(row) && !other;
        }
        if (cell instanceof Step.TextCell text) {
            return other
                    ? field.others().get(row).equals(text.text())
                    : field.vector() instanceof Texts texts
                            && !texts.isMissing(row)
                            && texts.get(row).equals(text.text());
        }
        if (cell instanceof Step.TruthCell truth) {
            String word = truth.yes() ? "yes" : "no";
            return field.vector() instanceof Truths truths
                    ? truths.get(row) == (truth.yes() ? Truths.YES : Truths.NO)
                    : field.vector() instanceof Texts texts
                            && !texts.isMissing(row)
                            && texts.get(row).equals(word);
        }
        if (field.vector() instanceof Numbers numbers && !numbers.isMissing(row)) {
            numbers.get(row, register);
            Register wanted = new Register();
            wanted.figure(((Step.NumberCell) cell).value());
            return register.compare(wanted) == 0;
        }
        return false;
    }

    /** That a cell which is looked for can stand in a column. */
    private static void check(Step.Cell cell, Field field, boolean looked) {
        Kind kind = kind(cell).orElse(Kind.NOTHING);
        boolean words = kind == Kind.TRUTH && field.kind() == Kind.TEXT;
        boolean other = looked && kind == Kind.TEXT && (field.kind() == Kind.NUMBER || field.kind() == Kind.DATE);
        if (!kind.goesWith(field.kind()) && !words && !other) {
            throw Fault.of(cell.at(), "step.cell-kind", field.name(), Sentence.of("language.kind." + field.kind()));
        }
    }

    /** Cells replaced, all at once. */
    static Field replaced(Field field, Step.Replace step, Told told) {
        Kind kind = field.kind();
        for (Step.Replacement one : step.replacements()) {
            check(one.of(), field, true);
            check(one.with(), field, false);
            kind = kind == Kind.NOTHING ? kind(one.with()).orElse(kind) : kind;
        }
        int rows = field.vector().size();
        int[] which = new int[rows];
        Register register = new Register();
        long[] times = new long[step.replacements().size()];
        for (int row = 0; row < rows; row++) {
            which[row] = -1;
            for (int i = 0; i < times.length && which[row] < 0; i++) {
                if (is(step.replacements().get(i).of(), field, row, register)) {
                    which[row] = i;
                    times[i]++;
                }
            }
        }
        long all = 0;
        for (long some : times) {
            all += some;
        }
        told.count("told.replaced.", all, field.name());
        if (all == 0) {
            told.count("told.nothing-replaced.", rows, field.name());
            return field;
        }
        for (int i = 0; i < times.length; i++) {
            told.count(
                    "told.not-there.",
                    times[i] == 0 ? 1 : 0,
                    field.name(),
                    shown(step.replacements().get(i).of()));
        }
        Texts.Builder others = new Texts.Builder(rows);
        for (int row = 0; row < rows; row++) {
            if (which[row] >= 0 || field.others().isMissing(row)) {
                others.missing();
            } else {
                others.add(field.others().get(row));
            }
        }
        return Field.of(field.name(), field.unit(), vector(kind, field, step, which), others.build());
    }

    private static Vector vector(Kind kind, Field field, Step.Replace step, int[] which) {
        List<Step.Cell> with =
                step.replacements().stream().map(Step.Replacement::with).toList();
        switch (kind) {
            case NUMBER -> {
                Numbers.Builder builder = new Numbers.Builder(which.length);
                Register register = new Register();
                for (int row = 0; row < which.length; row++) {
                    register.clear();
                    if (which[row] < 0 && field.vector() instanceof Numbers numbers) {
                        numbers.get(row, register);
                    } else if (which[row] >= 0 && with.get(which[row]) instanceof Step.NumberCell number) {
                        register.figure(number.value());
                    }
                    builder.add(register);
                }
                return builder.build();
            }
            case TEXT -> {
                Texts.Builder builder = new Texts.Builder(which.length);
                for (int row = 0; row < which.length; row++) {
                    Optional<String> text = which[row] >= 0
                            ? text(with.get(which[row]))
                            : field.vector().isMissing(row)
                                    ? Optional.empty()
                                    : Optional.of(((Texts) field.vector()).get(row));
                    text.ifPresentOrElse(builder::add, builder::missing);
                }
                Optional<List<String>> order = field.vector() instanceof Texts texts ? texts.order() : Optional.empty();
                return order.map(given -> builder.build().ordered(given)).orElseGet(builder::build);
            }
            case TRUTH -> {
                byte[] cells = new byte[which.length];
                for (int row = 0; row < cells.length; row++) {
                    cells[row] = which[row] < 0
                            ? field.vector() instanceof Truths truths ? truths.get(row) : Truths.MISSING
                            : with.get(which[row]) instanceof Step.TruthCell truth
                                    ? (truth.yes() ? Truths.YES : Truths.NO)
                                    : Truths.MISSING;
                }
                return Truths.of(cells);
            }
            // In dates only missing cells can be put.
            default -> {
                int[] picked = new int[which.length];
                for (int row = 0; row < picked.length; row++) {
                    picked[row] = which[row] < 0 ? row : -1;
                }
                return field.vector().pick(picked);
            }
        }
    }

    /** A cell as it is spoken of. */
    private static Object shown(Step.Cell cell) {
        return cell instanceof Step.NumberCell number
                ? number.value()
                : text(cell)
                        .<Object>map(text -> "“" + Visible.line(text, LONGEST_TOLD) + "”")
                        .orElse("missing");
    }

    /** Some values, of many the first. */
    private static String some(Collection<String> values) {
        String first = values.stream()
                .limit(MOST_TOLD)
                .map(value -> Visible.line(value, LONGEST_TOLD))
                .collect(Collectors.joining(", "));
        return values.size() > MOST_TOLD ? first + ", …" : first;
    }

    private static Optional<String> text(Step.Cell cell) {
        return cell instanceof Step.TextCell text
                ? Optional.of(text.text())
                : cell instanceof Step.TruthCell truth ? Optional.of(truth.yes() ? "yes" : "no") : Optional.empty();
    }

    /** Values under the names that they are given: a category in the order given, other values as texts behind them. */
    static Field named(Field field, Step.NameValues step, Told told) {
        List<String> order = new ArrayList<>();
        for (Step.Named one : step.names()) {
            check(one.value(), field, true);
            if (!order.contains(one.name())) {
                order.add(one.name());
            }
        }
        int rows = field.vector().size();
        Texts.Builder builder = new Texts.Builder(rows);
        Register register = new Register();
        Map<String, Long> unnamed = new LinkedHashMap<>();
        for (int row = 0; row < rows; row++) {
            String name = null;
            for (int i = 0; i < step.names().size() && name == null; i++) {
                name = is(step.names().get(i).value(), field, row, register)
                        ? step.names().get(i).name()
                        : null;
            }
            String written = name == null ? field.written(row) : name;
            if (written.isEmpty()) {
                builder.missing();
            } else {
                if (name == null) {
                    unnamed.merge(written, 1L, Long::sum);
                }
                builder.add(written);
            }
        }
        told.count(
                "told.unnamed.",
                unnamed.values().stream().mapToLong(Long::longValue).sum(),
                some(unnamed.keySet()));
        return Field.of(field.name(), "", builder.build().ordered(order));
    }
}
