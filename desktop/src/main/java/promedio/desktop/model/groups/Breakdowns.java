package promedio.desktop.model.groups;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import promedio.core.course.CourseCard;
import promedio.core.data.Column;
import promedio.core.language.Fault;
import promedio.core.language.Measured;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.HalfRule;
import promedio.core.picture.Named;
import promedio.core.picture.PictureKind;
import promedio.core.picture.Pictured;
import promedio.core.picture.Pictures;
import promedio.core.picture.Subject;
import promedio.core.picture.Wish;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.core.trail.Field;
import promedio.core.trail.GroupSentence;
import promedio.core.trail.Prepared;
import promedio.core.trail.Sources;
import promedio.core.trail.Trail;
import promedio.core.trail.Walk;
import promedio.core.vector.Numbers;
import promedio.core.vector.Vectors;
import promedio.core.working.FigureText;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.desk.Latest;
import promedio.desktop.model.desk.TablePage;
import promedio.desktop.model.picture.Sketch;
import promedio.desktop.model.table.TableTrail;
import promedio.desktop.model.table.Tables;
import promedio.desktop.model.table.TrailFiling;

/** Measures by groups of what the steps of the chosen table make: asked for, worked out off the thread of the window. */
public final class Breakdowns {
    private static final int MOST_GROUPS = 2;
    private static final int MOST_BOXES = 12;
    private static final int MOST_PLACES = 15;
    private static final String ITEM = "groups";

    private final Desk desk;
    private final Tables tables;
    private final TableTrail trail;
    private final TrailFiling trailFiling;
    private final ReadOnlyObjectWrapper<Breakdown> shown = new ReadOnlyObjectWrapper<>();
    private final Map<String, Breakdown.Asked> asked = new HashMap<>();
    private boolean wanted;
    private final Latest work;

    /** The groups of a desk. */
    public Breakdowns(Desk desk, Tables tables, TableTrail trail, TrailFiling trailFiling) {
        this.desk = desk;
        work = new Latest(desk, Lane.WALKING);
        this.tables = tables;
        this.trail = trail;
        this.trailFiling = trailFiling;
        trail.troddenProperty().addListener((property, before, now) -> work());
    }

    /** What the page Groups shows; null while there is nothing. */
    public ReadOnlyObjectProperty<Breakdown> shownProperty() {
        return shown.getReadOnlyProperty();
    }

    /** Shows the groups of the chosen table from now on, or does not work them out any more. */
    public void want(boolean now) {
        wanted = now;
        work();
    }

    /** Brings the groups up to date with the steps of the table. */
    public void work() {
        TableTrail.Trodden trodden = trail.troddenProperty().get();
        work.stop();
        if (!wanted || trodden == null) {
            shown.set(null);
            return;
        }
        Prepared base = trodden.walk().last();
        CourseCard card = desk.assignment().card();
        String key = key(trodden);
        Breakdown.Asked before = asked.get(key);
        work.run(
                () -> made(base, before == null ? likely(base, trodden.walk().first()) : left(before, base), card),
                made -> {
                    asked.put(key, made.asked());
                    shown.set(made);
                });
    }

    private String key(TableTrail.Trodden trodden) {
        return tables.desks() + trodden.table().id();
    }

    private void ask(UnaryOperator<Breakdown.Asked> change) {
        TableTrail.Trodden trodden = trail.troddenProperty().get();
        if (trodden != null) {
            asked.put(key(trodden), change.apply(asked.getOrDefault(key(trodden), Breakdown.Asked.NOTHING)));
            work();
        }
    }

    /** Makes groups by a column too; of more than two, the last makes room. */
    public void by(String column) {
        ask(now -> {
            List<String> by = new ArrayList<>(now.by());
            by.remove(column);
            while (by.size() >= MOST_GROUPS) {
                by.remove(by.size() - 1);
            }
            by.add(column);
            return new Breakdown.Asked(by, now.parts(), Optional.empty());
        });
    }

    /** Does not make groups by a column any more. */
    public void notBy(String column) {
        ask(now -> new Breakdown.Asked(
                now.by().stream().filter(one -> !one.equals(column)).toList(), now.parts(), Optional.empty()));
    }

    /** Makes groups by one column in place of another; where both do so already, they change places. */
    public void by(String before, String column) {
        ask(now -> new Breakdown.Asked(replaced(now.by(), before, column), now.parts(), Optional.empty()));
    }

    private static <T> List<T> replaced(List<T> all, T before, T now) {
        List<T> replaced = new ArrayList<>(all);
        int other = replaced.indexOf(now);
        if (other >= 0) {
            replaced.set(other, before);
        }
        replaced.set(all.indexOf(before), now);
        return replaced;
    }

    /** Puts a column that makes groups in another place among them. */
    public void moveBy(String column, int to) {
        ask(now -> new Breakdown.Asked(moved(now.by(), column, to), now.parts(), now.order()));
    }

    /** Puts a measure in another place among them. */
    public void move(GroupSentence.Measure part, int to) {
        ask(now -> new Breakdown.Asked(now.by(), moved(now.parts(), part, to), now.order()));
    }

    private static <T> List<T> moved(List<T> all, T one, int to) {
        List<T> moved = new ArrayList<>(all);
        if (moved.remove(one)) {
            moved.add(Math.max(0, Math.min(moved.size(), to)), one);
        }
        return moved;
    }

    /** Takes one measure in place of another. */
    public void measure(GroupSentence.Measure before, GroupSentence.Measure now) {
        ask(asks -> new Breakdown.Asked(
                asks.by(), replaced(asks.parts(), before, now), asks.order().filter(order -> !order.column()
                        .equals(before.name()))));
    }

    /** Takes what a sentence says. @return why it cannot be, where it cannot */
    public Optional<Sentence> say(String sentence) {
        Breakdown now = shown.get();
        if (now == null) {
            return Optional.empty();
        }
        try {
            GroupSentence said = GroupSentence.read(sentence, now.base().names());
            ask(before -> new Breakdown.Asked(said.by(), said.measures(), Optional.empty()));
            return Optional.empty();
        } catch (Fault fault) {
            return Optional.of(fault.sentence());
        }
    }

    /** Adds a measure of a column, at the end. */
    public void measure(GroupSentence.Measure part) {
        ask(now -> {
            List<GroupSentence.Measure> parts = new ArrayList<>(now.parts());
            if (!parts.contains(part)) {
                parts.add(part);
            }
            return new Breakdown.Asked(now.by(), parts, now.order());
        });
    }

    /** Takes a measure out. */
    public void without(GroupSentence.Measure part) {
        ask(now -> new Breakdown.Asked(
                now.by(),
                now.parts().stream().filter(one -> !one.equals(part)).toList(),
                now.order().filter(order -> !order.column().equals(part.name()))));
    }

    /** Puts the groups in order by a column: the largest first, then the smallest, then as their values are. */
    public void order(String column) {
        ask(now -> {
            Optional<Breakdown.Order> before =
                    now.order().filter(order -> order.column().equals(column));
            Optional<Breakdown.Order> next = before.isEmpty()
                    ? Optional.of(new Breakdown.Order(column, true))
                    : before.filter(Breakdown.Order::largestFirst).map(order -> new Breakdown.Order(column, false));
            return new Breakdown.Asked(now.by(), now.parts(), next);
        });
    }

    /** The measures that there can be of a column. */
    public static List<GroupSentence.Measure> measures(Field field) {
        List<Measured> words = field.hasNumbers()
                ? List.of(
                        Measured.MEAN,
                        Measured.MEDIAN,
                        Measured.SD,
                        Measured.VARIANCE,
                        Measured.SUM,
                        Measured.SMALLEST,
                        Measured.LARGEST,
                        Measured.RANGE,
                        Measured.MODE,
                        Measured.COUNT,
                        Measured.DISTINCT)
                : List.of(Measured.COUNT, Measured.DISTINCT, Measured.MODE);
        List<GroupSentence.Measure> parts = new ArrayList<>();
        for (Measured word : words) {
            Optional<String> question = field.hasNumbers() ? word.question(Optional.empty()) : Optional.empty();
            parts.add(new GroupSentence.Measure(word.word(), field.name(), question));
        }
        if (field.hasNumbers()) {
            parts.add(3, new GroupSentence.Measure("quartile 1", field.name(), Optional.of("quartile-1")));
            parts.add(4, new GroupSentence.Measure("quartile 3", field.name(), Optional.of("quartile-3")));
        }
        return parts;
    }

    /** What is likely wanted: the first category, mean and standard deviation of the first measured column. */
    private static Breakdown.Asked likely(Prepared base, Prepared original) {
        List<String> by = base.fields().stream()
                .filter(field -> field.column() instanceof Column.OfCategories)
                .map(Field::name)
                .limit(1)
                .toList();
        List<GroupSentence.Measure> parts = base.fields().stream()
                .filter(field -> field.hasNumbers() && !isNumbering(original, field.name()))
                .findFirst()
                .map(field -> measures(field).stream()
                        .filter(part -> List.of("mean", "sd").contains(part.word()))
                        .toList())
                .orElse(List.of());
        return new Breakdown.Asked(by, parts, Optional.empty());
    }

    /** Whether a column only numbers the rows that were read. */
    private static boolean isNumbering(Prepared original, String name) {
        return original.names().contains(name)
                && original.field(name).column() instanceof Column.OfNumbers numbers
                && numbers.isNumbering();
    }

    /** What is left of what was asked, where columns have gone. */
    private static Breakdown.Asked left(Breakdown.Asked before, Prepared base) {
        List<String> names = base.names();
        List<GroupSentence.Measure> parts = before.parts().stream()
                .filter(part -> names.contains(part.column()))
                .toList();
        List<String> by = before.by().stream().filter(names::contains).toList();
        boolean same = parts.size() == before.parts().size()
                && by.size() == before.by().size();
        return same ? before : new Breakdown.Asked(by, parts, Optional.empty());
    }

    private static Breakdown made(Prepared base, Breakdown.Asked asked, CourseCard card) {
        Trail steps = Trail.of(asked.steps().toArray(String[]::new));
        Walk walk = Walk.of(base, card).along(steps, card, Sources.NONE, () -> {});
        Optional<Prepared> made = walk.fault().isEmpty() ? Optional.of(walk.last()) : Optional.empty();
        List<Sentence> told =
                new ArrayList<>(walk.told().stream().flatMap(List::stream).toList());
        if (made.isPresent() && made.get().rows() > MOST_BOXES) {
            told.add(Sentence.of("groups.first-drawn", MOST_BOXES));
        }
        Optional<Sketch> boxes = made.flatMap(groups -> boxes(base, asked, groups, card));
        boxes.ifPresent(sketch -> told.addAll(sketch.says()));
        return new Breakdown(base, asked, made, walk.fault().map(fault -> fault.sentence()), told, boxes);
    }

    /** The values of the first measured column, a box for each group. */
    private static Optional<Sketch> boxes(Prepared base, Breakdown.Asked asked, Prepared groups, CourseCard card) {
        Optional<Field> field = asked.parts().stream()
                .map(part -> base.field(part.column()))
                .filter(Field::hasNumbers)
                .findFirst();
        if (field.isEmpty() || asked.by().isEmpty()) {
            return Optional.empty();
        }
        Map<String, Decimals.Builder> values = new LinkedHashMap<>();
        for (int row = 0; row < Math.min(MOST_BOXES, groups.rows()); row++) {
            values.put(name(groups, asked.by(), row), new Decimals.Builder(0));
        }
        Numbers numbers = (Numbers) field.get().vector();
        int places = 0;
        for (int row = 0; row < base.rows(); row++) {
            Decimals.Builder of = numbers.isMissing(row) ? null : values.get(name(base, asked.by(), row));
            if (of != null) {
                var figure = numbers.figure(row).orElseThrow();
                int own = figure instanceof Exact exact ? exact.placesInFull().orElse(MOST_PLACES) : MOST_PLACES;
                places = Math.max(places, Math.min(own, MOST_PLACES));
                of.add(figure.toPlaces(Math.min(own, MOST_PLACES), HalfRule.HALF_EVEN));
            }
        }
        String unit = field.get().unit();
        String of = Named.title(field.get().name(), unit);
        List<Named> named = new ArrayList<>();
        values.forEach((name, some) -> {
            Sample sample = Sample.list(some.build());
            if (!sample.isEmpty()) {
                named.add(new Named(name, unit, sample, Optional.empty()));
            }
        });
        if (named.isEmpty()) {
            return Optional.empty();
        }
        Subject subject = new Subject.Samples(named, of, of, String.join(", ", asked.by()));
        Wish wish = Wish.of(PictureKind.BOXES);
        FigureText text = new FigureText(card, places);
        Pictured pictured = Pictures.of(subject, wish, card);
        return Optional.of(Sketch.of(ITEM, List.of(PictureKind.BOXES), wish, pictured, text, places));
    }

    /** What a group is called. */
    private static String name(Prepared table, List<String> by, int row) {
        StringBuilder name = new StringBuilder();
        for (String column : by) {
            String value = table.field(column).written(row, Vectors.DIGITS);
            name.append(name.isEmpty() ? "" : ", ").append(value.isEmpty() ? "–" : value);
        }
        return name.toString();
    }

    /** Makes the groups the next steps of the table. */
    public void toTrail() {
        Breakdown now = shown.get();
        if (now != null) {
            trail.append(now.asked().steps());
            desk.looking().tablePageProperty().set(TablePage.ROWS);
        }
    }

    /** Puts the groups on the shelf as a table of its own. */
    public void toShelf() {
        Breakdown now = shown.get();
        TableTrail.Trodden trodden = trail.troddenProperty().get();
        if (now != null && trodden != null) {
            now.made()
                    .ifPresent(made -> trailFiling.toShelf(
                            made, trodden.table(), now.asked().steps()));
        }
    }
}
