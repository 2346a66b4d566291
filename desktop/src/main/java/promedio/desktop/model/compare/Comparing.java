package promedio.desktop.model.compare;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;
import promedio.core.assignment.Interpretation;
import promedio.core.assignment.SampleSheet;
import promedio.core.compare.Comparison;
import promedio.core.compare.Contrast;
import promedio.core.compare.OneScale;
import promedio.core.compare.Variant;
import promedio.core.course.CourseCard;
import promedio.core.data.Entries;
import promedio.core.picture.Named;
import promedio.core.picture.PictureKind;
import promedio.core.picture.Pictured;
import promedio.core.picture.Pictures;
import promedio.core.picture.Setting;
import promedio.core.picture.Subject;
import promedio.core.picture.Subjects;
import promedio.core.picture.Wish;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Sentence;
import promedio.core.working.FigureText;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.desk.Latest;
import promedio.desktop.model.desk.Part;
import promedio.desktop.model.desk.Place;
import promedio.desktop.model.picture.Sketch;
import promedio.desktop.text.Words;

/** Samples that are compared: which, as what picture, and which two of them are held against each other. */
public final class Comparing implements Part {
    private static final String ITEM = "compared";
    /** Places that scores are told with. */
    private static final int SCORE_PLACES = 2;

    private static final Variant NOTHING = new Variant(Optional.empty(), Optional.empty());
    /** While one of these is covered, neither picture nor sentence may tell it. */
    private static final List<String> TOLD =
            List.of("mean", "median", "sd", "cv", "quartile-1", "quartile-3", "skewness");

    private final Desk desk;
    private final ReadOnlyObjectWrapper<Compared> compared = new ReadOnlyObjectWrapper<>();
    private final Set<String> chosen = new LinkedHashSet<>();
    private Wish wish = new Wish(PictureKind.BOXES, Map.of(Setting.STACKED, "yes"));
    private String one = "";
    private String other = "";
    /** The sample that something is tried with; empty for none. */
    private String triedOf = "";

    private String without = "";
    private String with = "";
    private boolean onScale;
    /** Samples of which low values are good. */
    private final Set<String> low = new HashSet<>();

    private final Latest work;

    /** What is compared on a desk. */
    public Comparing(Desk desk) {
        this.desk = desk;
        work = new Latest(desk, Lane.DRAWING);
        desk.looking().overProperty().addListener((property, before, now) -> {
            if (now != Place.COMPARE) {
                work.stop();
                compared.set(null);
            }
        });
    }

    /** Whether the page is open. */
    public boolean isOpen() {
        return desk.looking().isOver(Place.COMPARE);
    }

    /** What the page shows; null while it is closed. */
    public ReadOnlyObjectProperty<Compared> comparedProperty() {
        return compared.getReadOnlyProperty();
    }

    /** The samples that are chosen, in their order. */
    public List<String> chosen() {
        Assignment present = desk.assignment();
        chosen.removeIf(id -> present.sheet(id).isEmpty());
        return List.copyOf(chosen);
    }

    /** Forgets what was chosen on another desk. */
    @Override
    public void forget() {
        chosen.clear();
        one = "";
        other = "";
        low.clear();
        onScale = false;
        throwAway();
    }

    /** Closes the page. */
    public void leave() {
        desk.looking().lift(Place.COMPARE);
    }

    /** Opens the page, with the samples that are chosen; where fewer than two are, with the one looked at and one in its unit. */
    public void start() {
        List<SampleSheet> sheets = desk.assignment().sheets().stream()
                .filter(sheet -> sheet.can(Use.COMPARED))
                .toList();
        if (chosen().size() < 2) {
            desk.sheet()
                    .filter(sheets::contains)
                    .or(() -> sheets.stream().findFirst())
                    .ifPresent(first -> {
                        chosen.add(first.id());
                        sheets.stream()
                                .filter(sheet -> !chosen.contains(sheet.id()))
                                .filter(sheet -> sheet.unit().equals(first.unit()))
                                .findFirst()
                                .or(() -> sheets.stream()
                                        .filter(sheet -> !chosen.contains(sheet.id()))
                                        .findFirst())
                                .ifPresent(second -> chosen.add(second.id()));
                    });
        }
        turnTo();
    }

    /** Compares two samples, and opens the page. */
    public void compare(String first, String second) {
        if (!first.equals(second) && canCompare(first) && canCompare(second)) {
            chosen.clear();
            chosen.add(first);
            chosen.add(second);
            turnTo();
        }
    }

    /** Compares several samples, and opens the page. */
    public void compare(List<String> ids) {
        chosen.clear();
        ids.stream()
                .filter(id -> desk.assignment()
                        .sheet(id)
                        .filter(sheet -> sheet.can(Use.COMPARED))
                        .isPresent())
                .forEach(chosen::add);
        turnTo();
    }

    /** Takes a sample in, or out; the page opens as soon as there are two. */
    public void toggle(String id) {
        if (!canCompare(id)) {
            return;
        }
        if (chosen().isEmpty()) {
            desk.sheet()
                    .filter(sheet -> sheet.can(Use.COMPARED))
                    .map(SampleSheet::id)
                    .filter(now -> !now.equals(id))
                    .ifPresent(chosen::add);
        }
        if (!chosen.remove(id)) {
            chosen.add(id);
        }
        if (chosen.size() >= 2) {
            turnTo();
        } else {
            refresh();
        }
    }

    /** Whether a sample can be put beside others; says so where it cannot. */
    private boolean canCompare(String id) {
        boolean can = desk.assignment()
                .sheet(id)
                .filter(sheet -> !sheet.can(Use.COMPARED))
                .isEmpty();
        if (!can) {
            desk.say(Words.of("compare.pairs"));
        }
        return can;
    }

    private void turnTo() {
        if (!isOpen()) {
            desk.close();
            desk.looking().layOver(Place.COMPARE);
        }
        refresh();
    }

    /** Draws another picture of them. */
    public void choose(PictureKind kind) {
        wish = wish.as(kind);
        refresh();
    }

    /** In strips over one another, or laid over one another. */
    public void stack(boolean stacked) {
        wish = wish.with(Setting.STACKED, stacked ? "yes" : "no");
        refresh();
    }

    /** On one scale, as standard scores, or as they were measured. */
    public void putOnScale(boolean scaled) {
        onScale = scaled;
        refresh();
    }

    /** Whether low values of a sample are good, and count so on one scale. */
    public void lowIsGood(String id, boolean good) {
        if (good ? low.add(id) : low.remove(id)) {
            refresh();
        }
    }

    /** Holds one sample against another, by their ids. */
    public void hold(String first, String second) {
        one = first;
        other = second;
        refresh();
    }

    /** Brings the page up to date. */
    @Override
    public void refresh() {
        if (!isOpen()) {
            return;
        }
        Assignment present = desk.assignment();
        CourseCard card = present.card();
        List<SampleSheet> sheets =
                chosen().stream().flatMap(id -> present.sheet(id).stream()).toList();
        if (sheets.isEmpty()) {
            leave();
            return;
        }
        Optional<Compared.WhatIf> tried = sheets.stream()
                .filter(sheet -> sheet.id().equals(triedOf))
                .findFirst()
                .map(sheet -> new Compared.WhatIf(sheet.id(), without, with, NOTHING));
        int first = Math.max(0, place(sheets, one));
        int found = place(sheets, other);
        int second = found >= 0 && found != first ? found : first == 0 ? Math.min(1, sheets.size() - 1) : 0;
        boolean covered = sheets.stream()
                .anyMatch(sheet -> TOLD.stream().anyMatch(question -> present.covers(sheet.id(), question)));
        Wish wished = wish;
        Optional<Set<String>> good = onScale ? Optional.of(Set.copyOf(low)) : Optional.empty();
        Supplier<Compared> making = () -> {
            Optional<Scaled> scaled = good.map(which -> Scaled.of(present, sheets, which, card));
            return scaled.isPresent()
                    ? onScale(sheets, scaled.get(), covered, wished, card)
                    : made(sheets, first, second, tried, covered, wished, card);
        };
        work.run(making, compared::set);
    }

    /** Tries a sample without some values and with others; nothing is tried with two empty texts. */
    public void tryOut(String sheetId, String leftOut, String added) {
        boolean nothing = leftOut.isBlank() && added.isBlank();
        triedOf = nothing ? "" : sheetId;
        without = leftOut.strip();
        with = added.strip();
        refresh();
    }

    /** Tries nothing any more. */
    public void throwAway() {
        triedOf = "";
        without = "";
        with = "";
        refresh();
    }

    /** Puts what is tried on the shelf, as a sample of its own. */
    public void keep() {
        Compared now = compared.get();
        Optional<Named> made = now == null
                ? Optional.empty()
                : now.whatIf().flatMap(tried -> tried.variant().sample());
        made.ifPresent(named -> {
            char mark = desk.assignment().card().numerals().decimalMark();
            List<String> entries = new ArrayList<>();
            for (int i = 0; i < named.sample().rows(); i++) {
                entries.add(named.sample().values().decimal(i).toPlainString().replace('.', mark));
            }
            String id = desk.assignment().freshId();
            triedOf = "";
            chosen.add(id);
            desk.make(new Edit.AddSheet(
                    desk.assignment().sheets().size(),
                    SampleSheet.list(id, named.name(), named.unit(), Entries.of(entries))));
        });
    }

    private static int place(List<SampleSheet> sheets, String id) {
        return sheets.stream().map(SampleSheet::id).toList().indexOf(id);
    }

    private static Compared onScale(
            List<SampleSheet> sheets, Scaled scaled, boolean covered, Wish wish, CourseCard card) {
        Optional<Sentence> why = covered ? Optional.of(Sentence.of("compare.covered")) : scaled.why();
        Scaled told = covered
                ? new Scaled(Optional.empty(), why, scaled.names(), scaled.low())
                : sheets.size() < 2
                        ? new Scaled(
                                Optional.empty(),
                                Optional.of(Sentence.of("compare.more")),
                                scaled.names(),
                                scaled.low())
                        : scaled;
        Optional<OneScale> scale = told.scale();
        int places = sheets.stream()
                .mapToInt(sheet -> Interpretation.of(sheet, card).sample().places())
                .max()
                .orElse(0);
        FigureText text = new FigureText(card, places);
        Optional<Subject> subject = scale.map(OneScale::drawn).map(Subjects::together);
        List<PictureKind> kinds = subject.map(Pictures::kinds).orElse(List.of());
        Wish suited = kinds.isEmpty() || kinds.contains(wish.kind()) ? wish : wish.as(kinds.get(0));
        Wish titled =
                suited.with(Setting.X_TITLE, Sentence.of("compare.scale.axis").toString());
        Pictured pictured = subject.map(of -> Pictures.of(of, titled, card))
                .orElseGet(() -> new Pictured(Optional.empty(), told.why()));
        Sketch sketch = Sketch.of(ITEM, kinds, suited, pictured, text, SCORE_PLACES);
        List<Compared.Item> items = sheets.stream()
                .map(sheet -> new Compared.Item(sheet.id(), sheet.name(), false))
                .toList();
        return new Compared(
                items, Optional.empty(), 0, 0, Optional.empty(), List.of(), sketch, Optional.of(told), text);
    }

    private static Compared made(
            List<SampleSheet> sheets,
            int one,
            int other,
            Optional<Compared.WhatIf> asked,
            boolean covered,
            Wish wish,
            CourseCard card) {
        List<Named> samples = new ArrayList<>();
        List<Compared.Item> items = new ArrayList<>();
        Optional<Compared.WhatIf> tried = Optional.empty();
        int first = one;
        int second = other;
        for (SampleSheet sheet : sheets) {
            Interpretation read = Interpretation.of(sheet, card);
            Named named = new Named(sheet.name(), sheet.unit(), read.sample(), Optional.empty());
            samples.add(named);
            items.add(new Compared.Item(sheet.id(), sheet.name(), false));
            if (asked.filter(what -> what.sheetId().equals(sheet.id())).isPresent()) {
                Compared.WhatIf what = asked.get();
                Variant variant = Variant.of(named, what.without(), what.with(), card);
                tried = Optional.of(new Compared.WhatIf(sheet.id(), what.without(), what.with(), variant));
                if (variant.sample().isPresent()) {
                    // What is tried stands behind what it was made of, and is held against it.
                    samples.add(variant.sample().get());
                    items.add(
                            new Compared.Item(sheet.id(), variant.sample().get().name(), true));
                    first = samples.size() - 1;
                    second = samples.size() - 2;
                }
            }
        }
        int places = samples.stream()
                .mapToInt(named -> named.sample().places())
                .max()
                .orElse(0);
        FigureText text = new FigureText(card, places);
        boolean enough = samples.size() >= 2
                && samples.stream().noneMatch(named -> named.sample().isEmpty());
        Optional<Comparison> comparison = enough ? Optional.of(Comparison.of(samples, card)) : Optional.empty();
        Subject subject = Subjects.together(samples);
        List<PictureKind> kinds = Pictures.kinds(subject);
        Wish suited = kinds.contains(wish.kind()) ? wish : wish.as(kinds.get(0));
        Optional<Sentence> why = covered
                ? Optional.of(Sentence.of("compare.covered"))
                : enough ? Optional.empty() : Optional.of(Sentence.of("compare.more"));
        Pictured pictured = why.isPresent() ? new Pictured(Optional.empty(), why) : Pictures.of(subject, suited, card);
        List<Sentence> says =
                comparison.isEmpty() || covered ? List.of() : Contrast.of(comparison.get(), first, second, card, text);
        Sketch sketch = Sketch.of(ITEM, kinds, suited, pictured, text, places);
        return new Compared(items, comparison, first, second, tried, says, sketch, Optional.empty(), text);
    }
}
