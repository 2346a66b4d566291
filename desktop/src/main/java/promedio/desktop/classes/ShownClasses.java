package promedio.desktop.classes;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import promedio.core.course.CardKey;
import promedio.core.course.GroupedPosition;
import promedio.core.formula.Evaluation;
import promedio.core.measure.Catalogue;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.picture.Content;
import promedio.core.picture.Named;
import promedio.core.picture.PictureKind;
import promedio.core.picture.Pictures;
import promedio.core.picture.Subject;
import promedio.core.picture.Wish;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;
import promedio.desktop.model.desk.ClassEdges;
import promedio.desktop.model.desk.SheetFigures;

/** A class table as the page and its pictures show it: what stands in the table, and the measures read off it. */
final class ShownClasses {
    private final ClassTable table;
    private final SheetFigures figures;
    private final Predicate<String> covered;
    private final ClassEdges edges;
    private final Sample sample;
    /** The bars of the histogram as the page Picture has them; none while an end is missing. */
    private final List<Content.Classes.Bar> bars;

    private final Map<String, Optional<Figure>> known = new HashMap<>();

    ShownClasses(ClassTable table, SheetFigures figures, Predicate<String> covered) {
        this.covered = covered;
        this.table = table;
        this.figures = figures;
        this.edges = new ClassEdges(table);
        this.sample = Sample.classes(table);
        Named named = new Named(figures.name(), figures.unit(), sample, Optional.empty());
        this.bars = Pictures.of(new Subject.Samples(named), Wish.of(PictureKind.HISTOGRAM), figures.card())
                .picture()
                .map(picture ->
                        ((Content.Classes) picture.content()).series().get(0).bars())
                .orElse(List.of());
    }

    /** The classes. */
    ClassTable table() {
        return table;
    }

    /** The figures of the sheet it comes from. */
    SheetFigures figures() {
        return figures;
    }

    double lower(int index) {
        return edges.lower(index);
    }

    double upper(int index) {
        return edges.upper(index);
    }

    double least() {
        return edges.least();
    }

    double most() {
        return edges.most();
    }

    boolean isDashed(int index) {
        return edges.isDashed(index);
    }

    /** Whether heights are densities, since widths differ. */
    boolean byDensity() {
        return table.commonWidth().isEmpty();
    }

    /** The height of a class: its frequency, or its density. */
    double height(int index) {
        if (!bars.isEmpty()) {
            return bars.get(index).height().toDouble();
        }
        return byDensity() ? edges.density(index) : table.at(index).frequency().toDouble();
    }

    double highest() {
        double highest = 0;
        for (int i = 0; i < table.size(); i++) {
            highest = Math.max(highest, height(i));
        }
        return highest;
    }

    /** Whether a figure is covered until it is answered, so that no picture shows it. */
    boolean covers(String question) {
        return covered.test(question);
    }

    /** A measure of the table, under the card; computed once. None while it is covered. */
    Optional<Figure> figure(String question) {
        return covers(question) ? Optional.empty() : computed(question);
    }

    private Optional<Figure> computed(String question) {
        return known.computeIfAbsent(question, key -> Catalogue.classes()
                .find(key, figures.card())
                .flatMap(found -> found.outcome(Evaluation.of(sample)).single()));
    }

    /** A measure as it is written; a dash where it has no value. */
    String written(String question) {
        return figure(question).map(figures.text()::answer).orElse("–");
    }

    /** The position of a share of the values: pn, or p(n + 1), where the card says so. */
    double position(Exact share) {
        Exact n = table.count();
        Exact from = figures.card().get(CardKey.GROUPED_POSITION) == GroupedPosition.PN ? n : n.plus(Exact.ONE);
        return Math.min(from.times(share).toDouble(), n.toDouble());
    }

    /** What the numbers are, with their unit. */
    String axis() {
        return figures.title();
    }
}
