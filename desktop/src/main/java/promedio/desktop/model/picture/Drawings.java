package promedio.desktop.model.picture;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import promedio.core.assignment.PictureEdit;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.SheetEdit;
import promedio.core.course.CourseCard;
import promedio.core.data.Column;
import promedio.core.picture.Named;
import promedio.core.picture.Picture;
import promedio.core.picture.PictureKind;
import promedio.core.picture.Pictured;
import promedio.core.picture.Pictures;
import promedio.core.picture.Saying;
import promedio.core.picture.Setting;
import promedio.core.picture.Subject;
import promedio.core.picture.Subjects;
import promedio.core.picture.Wish;
import promedio.core.picture.Wishes;
import promedio.core.sample.Sample;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Sentence;
import promedio.core.tabulate.ClassProposal;
import promedio.core.tabulate.Tabulation;
import promedio.core.working.FigureText;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.desk.Part;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.model.table.InSteps;
import promedio.desktop.model.table.TableFigures;
import promedio.desktop.model.table.Tables;

/** The pictures of the chosen sample or table; worked out off the thread of the window while their page is looked at. */
public final class Drawings implements Part {
    /** What a box shows, and what a normal curve is made of: none of it is drawn while it is covered. */
    private static final List<String> IN_BOX = List.of("median", "quartile-1", "quartile-3", "mean");

    private static final List<String> IN_CURVE = List.of("mean", "sd");

    private final Desk desk;
    private final Tables tables;
    private final InSteps inSteps;
    private final ReadOnlyObjectWrapper<Sketch> sketch = new ReadOnlyObjectWrapper<>();
    private final Map<String, PictureKind> chosen = new HashMap<>();
    private final Map<String, OfColumns> columns = new HashMap<>();
    private Optional<Tabulation> tried = Optional.empty();
    private boolean looked;
    private boolean working;
    private Supplier<Sketch> waiting;
    private long asked;

    /** The pictures of a desk. */
    public Drawings(Desk desk, Tables tables, InSteps inSteps) {
        this.desk = desk;
        this.tables = tables;
        this.inSteps = inSteps;
    }

    /** What the page shows; null while there is nothing. */
    public ReadOnlyObjectProperty<Sketch> sketchProperty() {
        return sketch.getReadOnlyProperty();
    }

    /** Says whether the page is looked at; nobody else needs a picture. */
    public void look(boolean on) {
        looked = on;
        if (on) {
            draw();
        }
    }

    /** Forgets what was chosen on another desk. */
    @Override
    public void forget() {
        chosen.clear();
        columns.clear();
        tried = Optional.empty();
        sketch.set(null);
    }

    /** Chooses the kind of picture. */
    public void choose(PictureKind kind) {
        chosen.put(desk.selectedProperty().get(), kind);
        draw();
    }

    /** Which columns of the chosen table are drawn; empty where no table is. */
    public Optional<OfColumns> columns() {
        return desk.table().isEmpty() || inSteps.shown().isEmpty() ? Optional.empty() : Optional.of(columns(all()));
    }

    private OfColumns columns(List<Column> all) {
        OfColumns known = columns.get(desk.selectedProperty().get());
        return known == null ? OfColumns.first(all) : known.within(all);
    }

    private List<Column> all() {
        return inSteps.shown().stream().map(TableFigures.InShort::column).toList();
    }

    /** Draws other columns of the chosen table. */
    public void choose(OfColumns other) {
        columns.put(desk.selectedProperty().get(), other);
        draw();
    }

    /**
     * Says something of the picture; nothing more for an empty text.
     *
     * @return what is wrong with it, and then nothing is said
     */
    public Optional<Sentence> say(Setting setting, String value) {
        Sketch now = sketch.get();
        Optional<Sentence> problem = now == null
                ? Optional.empty()
                : Pictures.problem(
                        now.wish().with(setting, value), desk.assignment().card());
        if (now != null
                && problem.isEmpty()
                && !now.wish().get(setting).orElse("").equals(value.strip())) {
            desk.make(new PictureEdit.SayOfPicture(now.item(), now.wish().kind().id(), setting.id(), value.strip()));
        }
        return problem;
    }

    /** Shows what other classes would come to, while an edge is dragged. */
    public void tryClasses(Tabulation classes) {
        tried = Optional.of(classes);
        draw();
    }

    /** Makes the classes that were tried those of the sample. */
    public void keepClasses() {
        Optional<Tabulation> kept = tried;
        tried = Optional.empty();
        kept.ifPresent(classes ->
                desk.make(new SheetEdit.Tabulate(desk.selectedProperty().get(), Optional.of(classes))));
    }

    /** Brings the picture up to date. */
    public void draw() {
        if (!looked) {
            return;
        }
        Optional<Supplier<Sketch>> work = desk.table().isPresent() ? ofTable() : ofSample();
        long mine = ++asked;
        if (work.isEmpty()) {
            sketch.set(null);
        } else if (working) {
            // While one is worked out only the newest of the others waits.
            waiting = work.get();
        } else {
            run(work.get(), mine);
        }
    }

    private void run(Supplier<Sketch> work, long mine) {
        working = true;
        desk.inBackground(
                Lane.DRAWING,
                work,
                made -> {
                    boolean same = made.item().equals(desk.selectedProperty().get());
                    if (same && looked && mine <= asked) {
                        sketch.set(made);
                    }
                    next();
                },
                this::next);
    }

    private void next() {
        working = false;
        Supplier<Sketch> then = waiting;
        waiting = null;
        if (then != null) {
            run(then, asked);
        }
    }

    /** The kind that was chosen where it suits, else the usual one. */
    private static PictureKind kind(PictureKind known, List<PictureKind> kinds, PictureKind usual) {
        return known != null && kinds.contains(known) ? known : usual;
    }

    private Optional<Supplier<Sketch>> ofSample() {
        SheetFigures figures = desk.figuresProperty().get();
        if (figures == null || figures.sheet().can(Use.GIVEN)) {
            return Optional.empty();
        }
        SampleSheet sheet = figures.sheet();
        Optional<Tabulation> classes = tried.or(sheet::tabulation);
        Wishes wishes = desk.assignment().pictures(sheet.id());
        PictureKind known = chosen.get(sheet.id());
        boolean boxCovered = IN_BOX.stream().anyMatch(desk.margin()::covers);
        boolean curveCovered = IN_CURVE.stream().anyMatch(desk.margin()::covers);
        Supplier<Sketch> ofValues = () -> {
            Named named = new Named(figures.name(), figures.unit(), figures.sample(), classes);
            Subject subject = new Subject.Samples(named);
            List<PictureKind> kinds = Pictures.kinds(subject);
            PictureKind kind = kind(known, kinds, kinds.get(0));
            Wish wish = wishes.of(kind);
            FigureText text = figures.text();
            if (figures.sample().isEmpty() && !figures.sample().isOpenEnded()) {
                Sentence empty = Sentence.of("picture.empty-sample");
                return none(sheet.id(), kinds, wish, text, empty);
            }
            boolean covered = kind == PictureKind.BOXES && boxCovered || kind == PictureKind.CURVE && curveCovered;
            if (covered) {
                return none(sheet.id(), kinds, wish, text, Sentence.of("picture.covered." + kind.id()));
            }
            Pictured pictured = Pictures.of(subject, wish, figures.card());
            List<Sentence> says = new ArrayList<>();
            pictured.picture().ifPresent(picture -> {
                if (!boxCovered && !curveCovered) {
                    says.addAll(Saying.of(named, picture, figures.card(), text));
                }
                says.addAll(picture.told());
            });
            boolean edges = named.isList()
                    && (kind == PictureKind.HISTOGRAM || kind == PictureKind.POLYGON || kind == PictureKind.OGIVE);
            Optional<Tabulation> movable = edges && pictured.picture().isPresent()
                    ? Optional.of(classes.orElseGet(() -> proposed(figures)))
                    : Optional.empty();
            return new Sketch(
                    sheet.id(),
                    kinds,
                    wish,
                    pictured.picture(),
                    pictured.why(),
                    says,
                    movable,
                    text,
                    figures.sample().places());
        };
        return Optional.of(() -> switch (figures.interpretation().kind().form()) {
            case VALUES, FREQUENCIES, CLASSES -> ofValues.get();
            case PAIRS -> ofPairs(figures, wishes);
            case CATEGORIES -> ofWords(figures, wishes);
            case GIVENS -> throw new IllegalStateException("There is no picture of what a question gives.");
        });
    }

    private static Sketch ofPairs(SheetFigures figures, Wishes wishes) {
        Sample sample = figures.sample();
        Subject subject = new Subject.Pairs(
                figures.variable(false),
                figures.variable(true),
                "",
                List.of(new Subject.Pairs.Group(
                        "",
                        sample.values(),
                        sample.paired().orElseThrow().second().values())));
        Wish wish = wishes.of(PictureKind.SCATTER);
        if (sample.isEmpty()) {
            return none(
                    figures.sheet().id(),
                    List.of(PictureKind.SCATTER),
                    wish,
                    figures.text(),
                    Sentence.of("picture.empty-sample"));
        }
        return only(PictureKind.SCATTER, subject, wish, figures);
    }

    /** Words as bars, in the order of their first appearance. */
    private static Sketch ofWords(SheetFigures figures, Wishes wishes) {
        Map<String, Long> counts = figures.interpretation().categories();
        Subject subject = new Subject.Categories(
                figures.name(),
                "",
                List.copyOf(counts.keySet()),
                List.of(""),
                counts.values().stream().map(List::of).toList());
        Wish wish = wishes.of(PictureKind.BARS);
        return only(PictureKind.BARS, subject, wish, figures);
    }

    /** The only kind of picture that there is of something. */
    private static Sketch only(PictureKind kind, Subject subject, Wish wish, SheetFigures figures) {
        Pictured drawn = Pictures.of(subject, wish, figures.card());
        return new Sketch(
                figures.sheet().id(),
                List.of(kind),
                wish,
                drawn.picture(),
                drawn.why(),
                drawn.picture().map(Picture::told).orElse(List.of()),
                Optional.empty(),
                figures.text(),
                figures.sample().places());
    }

    private static Tabulation proposed(SheetFigures figures) {
        return ClassProposal.of(figures.sample(), ClassProposal.Rule.STURGES, figures.card(), figures.figure("iqr"));
    }

    private static Sketch none(String item, List<PictureKind> kinds, Wish wish, FigureText text, Sentence why) {
        return new Sketch(item, kinds, wish, Optional.empty(), Optional.of(why), List.of(), Optional.empty(), text, 0);
    }

    private Optional<Supplier<Sketch>> ofTable() {
        TableFigures table = tables.figuresProperty().get();
        if (table == null || inSteps.shown().isEmpty()) {
            return Optional.empty();
        }
        String item = table.table().id();
        List<Column> all = all();
        boolean prepared = inSteps.columnsProperty().get() != null;
        OfColumns of = columns(all);
        Wishes wishes = desk.assignment().pictures(item);
        PictureKind known = chosen.get(item);
        CourseCard card = desk.assignment().card();
        return Optional.of(() -> {
            Subjects.Made made = of.made(all);
            FigureText plain = new FigureText(card, 0);
            if (made.subject().isEmpty()) {
                Wish wish = wishes.of(PictureKind.BARS);
                return none(
                        item, List.of(PictureKind.BARS), wish, plain, made.why().orElseThrow());
            }
            Subject subject = made.subject().get();
            List<PictureKind> kinds = Pictures.kinds(subject);
            // Of groups the boxes beside each other tell most.
            PictureKind usual = of.by() >= 0 && kinds.contains(PictureKind.BOXES) ? PictureKind.BOXES : kinds.get(0);
            PictureKind kind = kind(known, kinds, usual);
            Wish wish = wishes.of(kind);
            Pictured pictured = Pictures.of(subject, wish, card);
            int places = subject instanceof Subject.Samples samples
                    ? samples.samples().get(0).sample().places()
                    : 0;
            FigureText text = new FigureText(card, places);
            List<Sentence> says = new ArrayList<>(made.told());
            if (prepared) {
                says.add(0, Sentence.of("picture.in-steps"));
            }
            pictured.picture().ifPresent(picture -> {
                if (subject instanceof Subject.Samples samples
                        && samples.samples().size() == 1) {
                    says.addAll(Saying.of(samples.samples().get(0), picture, card, text));
                }
                says.addAll(picture.told());
            });
            return new Sketch(
                    item, kinds, wish, pictured.picture(), pictured.why(), says, Optional.empty(), text, places);
        });
    }
}
