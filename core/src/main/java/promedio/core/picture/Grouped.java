package promedio.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import promedio.core.course.CardKey;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.sample.ClassInterval;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.core.tabulate.ClassProposal;
import promedio.core.tabulate.Tabulation;

/**
 * The samples of a picture as class tables: lists are put into the same classes.
 *
 * @param tables a table for each sample; empty where one cannot be drawn
 * @param why why not
 */
record Grouped(List<ClassTable> tables, Optional<Sentence> why) {
    private static final int MOST_EDGES = 31;

    static Grouped of(Subject.Samples subject, Frame frame) {
        List<ClassTable> tables = new ArrayList<>();
        Optional<Tabulation> classes = subject.samples().stream()
                .filter(Named::isList)
                .findFirst()
                .map(first -> first.classes().orElseGet(() -> proposed(subject, frame)));
        for (Named one : subject.samples()) {
            if (one.isList()) {
                Tabulation.Counted counted = classes.orElseThrow()
                        .count(
                                one.sample(),
                                frame.card().get(CardKey.CLOSED),
                                edge -> Ticks.written(edge, frame.text()));
                if (!counted.isComplete()) {
                    Exact left = counted.below().plus(counted.above());
                    return none(left.equals(Exact.ONE) ? "picture.outside.one" : "picture.outside", left);
                }
                tables.add(counted.table().orElseThrow());
            } else {
                ClassTable table = one.sample().classes().orElseThrow();
                Optional<ClassInterval> open =
                        table.classes().stream().filter(ClassInterval::isOpen).findFirst();
                if (open.isPresent()) {
                    return none("picture.open-class", open.get().label());
                }
                tables.add(table);
            }
        }
        return new Grouped(tables, Optional.empty());
    }

    private static Grouped none(String key, Object fact) {
        return new Grouped(List.of(), Optional.of(Sentence.of(key, fact)));
    }

    /** The usual classes for all lists together. */
    private static Tabulation proposed(Subject.Samples subject, Frame frame) {
        List<Named> lists = subject.samples().stream().filter(Named::isList).toList();
        Sample all = lists.size() == 1 ? lists.get(0).sample() : together(lists);
        return ClassProposal.of(all, ClassProposal.Rule.STURGES, frame.card(), Optional.empty());
    }

    private static Sample together(List<Named> lists) {
        Decimals.Builder values = new Decimals.Builder(1 << 10);
        for (Named one : lists) {
            Decimals distinct = one.sample().ranking().distinct();
            boolean few = one.sample().weighted();
            Decimals taken = few ? distinct : one.sample().values();
            for (int i = 0; i < taken.size(); i++) {
                values.add(taken.decimal(i));
            }
        }
        return Sample.list(values.build());
    }

    Exact from() {
        return tables.stream()
                .map(table -> table.at(0).lower().orElseThrow())
                .min(Exact::compareTo)
                .orElseThrow();
    }

    Exact to() {
        return tables.stream()
                .map(table -> table.at(table.size() - 1).upper().orElseThrow())
                .max(Exact::compareTo)
                .orElseThrow();
    }

    /** Whether all classes of all tables have one width. */
    boolean haveOneWidth() {
        return tables.stream()
                        .flatMap(table -> table.classes().stream())
                        .flatMap(one -> one.width().stream())
                        .distinct()
                        .count()
                == 1;
    }

    /** What heights are to be: what is wished for, as far as areas stay true to the frequencies. */
    Content.Height height(Frame frame, boolean overCurve) {
        boolean even = haveOneWidth();
        boolean shares = overCurve || tables.size() > 1;
        String asked = overCurve ? "density" : frame.wish().get(Setting.HEIGHT).orElse("");
        return switch (asked) {
            case "frequency" -> even ? Content.Height.FREQUENCY : Content.Height.DENSITY;
            case "relative" -> even ? Content.Height.RELATIVE : Content.Height.RELATIVE_DENSITY;
            case "density" -> shares ? Content.Height.RELATIVE_DENSITY : Content.Height.DENSITY;
            default ->
                shares ? Content.Height.RELATIVE_DENSITY : even ? Content.Height.FREQUENCY : Content.Height.DENSITY;
        };
    }

    /** That another height than the one wished for was taken. */
    List<Sentence> told(Frame frame, boolean overCurve) {
        Content.Height taken = height(frame, overCurve);
        boolean widths = !haveOneWidth()
                && (frame.wish().is(Setting.HEIGHT, "frequency") || frame.wish().is(Setting.HEIGHT, "relative"));
        boolean density = taken == Content.Height.DENSITY || taken == Content.Height.RELATIVE_DENSITY;
        return widths && density ? List.of(Sentence.of("picture.told.widths-differ")) : List.of();
    }

    static Exact height(Content.Height height, ClassTable table, ClassInterval one) {
        Exact width = one.width().orElseThrow();
        return switch (height) {
            case FREQUENCY -> one.frequency();
            case RELATIVE -> one.frequency().over(table.count());
            case DENSITY -> one.frequency().over(width);
            case RELATIVE_DENSITY -> one.frequency().over(table.count().times(width));
        };
    }

    /** What stands along the upright axis. */
    String heightTitle(Content.Height height, Subject.Samples subject) {
        String unit = subject.samples().get(0).unit();
        boolean relative = tables.stream().anyMatch(ClassTable::isRelative);
        return switch (height) {
            case FREQUENCY -> Frame.words(relative ? "picture.y.given-shares" : "picture.y.frequency");
            case RELATIVE -> Frame.words("picture.y.relative");
            case DENSITY ->
                unit.isEmpty() ? Frame.words("picture.y.density") : Frame.words("picture.y.density-per", unit);
            case RELATIVE_DENSITY ->
                unit.isEmpty()
                        ? Frame.words("picture.y.relative-density")
                        : Frame.words("picture.y.relative-density-per", unit);
        };
    }

    /** Whether heights of a kind come whole. */
    boolean countWhole(Content.Height height) {
        return height == Content.Height.FREQUENCY && tables.stream().noneMatch(ClassTable::isRelative);
    }

    /** The names of series: none for a single one. */
    static List<String> names(Subject.Samples subject) {
        return subject.samples().size() == 1
                ? List.of("")
                : subject.samples().stream().map(Named::name).toList();
    }

    /** The boundaries as ticks, where there are not too many, else round numbers. */
    Axis across(Subject.Samples subject, Frame frame, Exact least, Exact most) {
        String title = frame.axisTitle(Setting.X_TITLE, subject.of());
        Exact from = frame.from().orElse(least);
        Exact to = frame.to().orElse(most);
        if (from.compareTo(to) >= 0) {
            from = least;
            to = most;
        }
        Exact begin = from;
        Exact end = to;
        List<Exact> edges = tables.stream()
                .flatMap(table -> table.classes().stream())
                .flatMap(one -> Stream.concat(one.lower().stream(), one.upper().stream()))
                .filter(edge -> edge.compareTo(begin) >= 0 && edge.compareTo(end) <= 0)
                .distinct()
                .sorted()
                .toList();
        boolean few = edges.size() >= 2 && edges.size() <= MOST_EDGES;
        List<Exact> ticks = few ? edges : Ticks.multiples(from, to, Ticks.step(to.minus(from), 10, false));
        return new Axis(title, from, to, Ticks.written(ticks, frame.text()), false);
    }
}
