package promedio.desktop.ownwork;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import promedio.core.marking.Mark;
import promedio.core.ownwork.CellMark;
import promedio.core.ownwork.CellMark.Verdict;
import promedio.core.ownwork.CellPlace;
import promedio.core.ownwork.OwnSaid;
import promedio.core.ownwork.OwnSheet;
import promedio.core.sentence.Sentence;
import promedio.desktop.control.Press;
import promedio.desktop.control.Tip;
import promedio.desktop.control.Wrapped;
import promedio.desktop.margin.MarkGlyph;
import promedio.desktop.model.own.OwnMarked;
import promedio.desktop.model.own.OwnWork;
import promedio.desktop.text.Words;

/** What is said of an own working, in the margin beside it: of the cell that the hand is on, then every mistake, then the whole. */
final class OwnMargin extends ScrollPane {
    /** So many mistakes are told one by one; where there are more, the first ones are what matters. */
    private static final int MOST_TOLD = 12;

    private final OwnWork work;
    private final Consumer<CellPlace> goTo;
    private final CheckBox atOnce = new CheckBox(Words.of("own.mark.at-once"));
    private final Button now = new Button(Words.of("own.mark.now"));
    private final VBox cell = new VBox();
    private final VBox mistakes = new VBox();
    private final VBox whole = new VBox();

    OwnMargin(OwnWork work, Consumer<CellPlace> goTo) {
        this.work = work;
        this.goTo = goTo;
        getStyleClass().addAll("page-scroll", "own-margin");
        atOnce.setId("own-at-once");
        Tip.on(atOnce, Words.of("own.mark.at-once.tip"));
        atOnce.setOnAction(press -> work.markAtOnce(atOnce.isSelected()));
        now.setId("own-mark");
        now.setOnAction(press -> work.mark());
        now.managedProperty().bind(now.visibleProperty());
        now.setMinWidth(Region.USE_PREF_SIZE);
        HBox head = new HBox(atOnce, now);
        head.getStyleClass().add("own-marking");
        for (VBox part : List.of(cell, mistakes, whole)) {
            part.getStyleClass().add("own-said");
            part.managedProperty().bind(part.visibleProperty());
        }
        cell.getStyleClass().addAll("own-cell-said", "marked");
        cell.setId("own-cell");
        mistakes.setId("own-mistakes");
        whole.setId("own-whole");
        VBox all = new VBox(head, cell, mistakes, whole);
        all.getStyleClass().add("own-margin-paper");
        setContent(all);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
    }

    void show(OwnSheet sheet, Optional<CellPlace> at) {
        Optional<OwnMarked> marked = work.shown();
        atOnce.setSelected(work.marksAtOnce());
        now.setVisible(!work.marksAtOnce());
        showCell(sheet, marked, at);
        mistakes.getChildren().setAll(marked.map(this::mistakes).orElse(List.of()));
        mistakes.setVisible(!mistakes.getChildren().isEmpty());
        whole.getChildren().setAll(marked.map(this::whole).orElse(List.of()));
        whole.setVisible(!whole.getChildren().isEmpty());
    }

    private static Wrapped words(String text, String style) {
        return new Wrapped(text, style);
    }

    private static Optional<Mark.Kind> kind(Optional<CellMark> mark) {
        return mark.map(CellMark::verdict).flatMap(verdict -> switch (verdict) {
            case RIGHT -> Optional.of(Mark.Kind.AGREES);
            case ROUNDED -> Optional.of(Mark.Kind.ROUNDED);
            case FOLLOWS -> Optional.of(Mark.Kind.FOLLOWS);
            case WRONG -> Optional.of(Mark.Kind.DIFFERS);
            case UNREADABLE -> Optional.of(Mark.Kind.UNREADABLE);
            case EMPTY -> Optional.empty();
        });
    }

    /** The cell that the hand is on: what it is, its mark, what is told of it, and what can be asked for. */
    private void showCell(OwnSheet sheet, Optional<OwnMarked> marked, Optional<CellPlace> at) {
        cell.setVisible(at.isPresent());
        if (at.isEmpty()) {
            return;
        }
        CellPlace place = at.get();
        String text = sheet.cell(place);
        Optional<CellMark> mark = marked.flatMap(known -> known.at(place, text));
        MarkGlyph.mark(cell, kind(mark));
        String heading = sheet.columns().get(place.column()).heading();
        Label title = new Label(
                sheet.isTotal(place)
                        ? Words.of("own.cell.total", heading)
                        : Words.of("own.cell.title", heading, place.row() + 1));
        title.getStyleClass().add("own-cell-title");
        HBox line = new HBox(title);
        line.getStyleClass().add("own-cell-line");
        if (kind(mark).isPresent()) {
            line.getChildren().add(new MarkGlyph());
        }
        List<Node> nodes = new ArrayList<>();
        nodes.add(line);
        work.is(place.column())
                .filter(what -> text.isEmpty() && !sheet.isTotal(place))
                .map(what -> words(Words.of(Sentence.of("own.says." + what.id())), "own-note"))
                .ifPresent(nodes::add);
        FlowPane ways = new FlowPane();
        ways.getStyleClass().add("own-ways");
        boolean wrong = mark.filter(one -> one.verdict() == Verdict.WRONG).isPresent();
        mark.flatMap(one -> said(marked.get(), place, one)).ifPresent(said -> nodes.add(words(said, "mark-detail")));
        if (wrong) {
            work.told(marked.get(), place, mark.get()).forEach(told -> nodes.add(words(told, "own-told")));
            if (work.hints() && sheet.help(place).hints() < OwnSheet.Help.LAST_HINT) {
                ways.getChildren().add(Press.link("own.hint", "own-hint", () -> work.hint(place)));
            }
        }
        if (sheet.help(place).shown()) {
            nodes.add(words(Words.of("own.shown"), "own-note"));
        } else if (marked.isPresent()
                && mark.filter(one -> one.verdict() == Verdict.RIGHT || one.verdict() == Verdict.ROUNDED)
                        .isEmpty()) {
            ways.getChildren().add(Press.link("own.show", "own-show-cell", () -> work.fill(place)));
        }
        if (!ways.getChildren().isEmpty()) {
            nodes.add(ways);
        }
        cell.getChildren().setAll(nodes);
    }

    private Optional<String> said(OwnMarked known, CellPlace place, CellMark mark) {
        if (work.hints() && mark.verdict() == Verdict.WRONG) {
            return Optional.of(Words.of(mark.first() ? "own.look-again" : "own.look-before"));
        }
        // What it is by the data would give away what is asked before it.
        return work.hints() && mark.verdict() == Verdict.FOLLOWS
                ? Optional.of(Words.of("own.follows"))
                : OwnSaid.of(known.marks(), place)
                        .filter(said -> mark.verdict() != Verdict.WRONG
                                || place.row() == known.marks().cells().size())
                        .map(Words::of);
    }

    private List<Node> mistakes(OwnMarked marked) {
        List<Node> lines = new ArrayList<>();
        List<OwnSaid.Said> all = marked.mistakes();
        boolean first = false;
        for (OwnSaid.Said said : all.subList(0, Math.min(MOST_TOLD, all.size()))) {
            String words = work.hints() && said.place().isPresent()
                    ? where(marked, said.place().get())
                    : Words.of(said.sentence());
            if (said.place().isEmpty()) {
                lines.add(words(words, "own-note"));
                continue;
            }
            Wrapped link = words(words, "own-mistake")
                    .onPress(() -> goTo.accept(said.place().get()));
            if (said.first() && !first) {
                first = true;
                Label head = new Label(Words.of("own.first-here"));
                head.getStyleClass().add("own-cell-title");
                lines.add(head);
            }
            lines.add(link);
        }
        if (all.size() > MOST_TOLD) {
            lines.add(words(Words.of("own.more-mistakes", all.size() - MOST_TOLD), "own-note"));
        }
        return lines;
    }

    private static String where(OwnMarked marked, CellPlace place) {
        String heading = marked.sheet().columns().get(place.column()).heading();
        return place.row() == marked.marks().cells().size()
                ? Words.of("own.where.total", heading)
                : Words.of("own.where", heading, place.row() + 1);
    }

    private List<Node> whole(OwnMarked marked) {
        if (!marked.marks().isBegun() && marked.mistakes().isEmpty()) {
            return List.of(words(Words.of("own.begin"), "own-note"));
        }
        if (work.hints() && !marked.mistakes().isEmpty()) {
            return List.of(words(Words.of("own.hints.whole"), "own-whole"));
        }
        return List.of(words(Words.of(marked.whole()), "own-whole"));
    }
}
