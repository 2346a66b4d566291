package promedio.desktop.picture;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import promedio.core.data.Column;
import promedio.core.data.ColumnKind;
import promedio.core.picture.Calling;
import promedio.core.picture.PictureKind;
import promedio.core.picture.Setting;
import promedio.core.sentence.Sentence;
import promedio.desktop.control.Choice;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.picture.OfColumns;
import promedio.desktop.model.picture.Sketch;
import promedio.desktop.model.table.TableFigures;
import promedio.desktop.text.Words;
import promedio.files.picture.Placed;

/** Which picture it is, and what can be chosen of it, in words that can be pressed. */
final class SettingsBar extends VBox {
    private static final PseudoClass CURRENT = PseudoClass.getPseudoClass("current");

    private static final int MOST_GROUPS = 40;

    private final DeskModel model;
    private final Consumer<Placed.Spot> write;
    private final Runnable bands;
    private final FlowPane columns = new FlowPane();
    private final FlowPane kinds = new FlowPane();
    private final FlowPane choices = new FlowPane();

    /**
     * The bar of a desk.
     *
     * @param write opens what is written on the picture
     * @param bands opens the named stretches of the scale
     */
    SettingsBar(DeskModel model, Consumer<Placed.Spot> write, Runnable bands) {
        this.model = model;
        this.write = write;
        this.bands = bands;
        getStyleClass().add("picture-bar");
        columns.getStyleClass().add("picture-choices");
        kinds.getStyleClass().add("picture-kinds");
        choices.getStyleClass().add("picture-choices");
        getChildren().addAll(kinds, choices);
    }

    void show(Sketch sketch) {
        List<Node> buttons = sketch.kinds().stream()
                .<Node>map(kind -> button(kind, kind == sketch.wish().kind()))
                .toList();
        boolean same = kinds.getChildren().size() == buttons.size()
                && kinds.getChildren().stream()
                        .map(Node::getId)
                        .toList()
                        .equals(buttons.stream().map(Node::getId).toList());
        if (same) {
            // The button that was pressed keeps the focus.
            for (int i = 0; i < buttons.size(); i++) {
                kinds.getChildren()
                        .get(i)
                        .pseudoClassStateChanged(
                                CURRENT, sketch.kinds().get(i) == sketch.wish().kind());
            }
        } else {
            kinds.getChildren().setAll(buttons);
        }
        choices.getChildren().clear();
        setting(sketch, Setting.HEIGHT, heights(sketch.wish().kind()));
        setting(
                sketch,
                Setting.DIRECTION,
                sketch.wish().kind() == PictureKind.OGIVE ? Setting.DIRECTION.choices() : List.of());
        setting(
                sketch,
                Setting.WHISKERS,
                sketch.wish().kind() == PictureKind.BOXES ? Setting.WHISKERS.choices() : List.of());
        setting(sketch, Setting.SPLIT, sketch.wish().kind() == PictureKind.STEMS ? Setting.SPLIT.choices() : List.of());
        boolean bars = sketch.wish().kind() == PictureKind.BARS;
        boolean grouped =
                sketch.picture().filter(picture -> picture.hasLegend()).isPresent();
        setting(sketch, Setting.STACKED, bars && grouped ? List.of("no", "yes") : List.of());
        boolean several = sketch.picture()
                .flatMap(picture -> picture.up())
                .filter(axis -> axis.ticks().size() > 1)
                .isPresent();
        boolean orders = bars || sketch.wish().kind() == PictureKind.BOXES && several;
        setting(sketch, Setting.ORDER, orders ? Setting.ORDER.choices() : List.of());
        boolean scatter = sketch.wish().kind() == PictureKind.SCATTER;
        setting(sketch, Setting.LINE, scatter ? List.of("no", "yes") : List.of());
        setting(sketch, Setting.SMOOTH, scatter ? List.of("no", "yes") : List.of());
        if (sketch.picture().isPresent()) {
            Choice<Placed.Spot> words = new Choice<>("picture-words", Words.of("picture.words"), write);
            words.or(Words.of("picture.words.TITLE"), Placed.Spot.TITLE);
            if (sketch.picture().get().across().isPresent()) {
                words.or(Words.of("picture.words.ACROSS_TITLE"), Placed.Spot.ACROSS_TITLE);
                words.or(Words.of("picture.words.UP_TITLE"), Placed.Spot.UP_TITLE);
            }
            words.or(Words.of("picture.words.CAPTION"), Placed.Spot.CAPTION);
            if (!Calling.written(sketch.picture().get(), sketch.wish()).isEmpty()) {
                words.or(Words.of("picture.words.NAMES"), Placed.Spot.NAMES);
            }
            if (sketch.picture().get().across().filter(axis -> !axis.names()).isPresent()) {
                words.or(Words.of("picture.words.FROM"), Placed.Spot.FROM);
                words.or(Words.of("picture.words.TO"), Placed.Spot.TO);
            }
            choices.getChildren().add(words);
        }
        boolean scale = sketch.wish().kind() != PictureKind.STEMS && !bars;
        if (scale) {
            Hyperlink stretches = new Hyperlink(Words.of("picture.bands.name"));
            stretches.setId("picture-bands");
            stretches.setOnAction(press -> bands.run());
            choices.getChildren().add(stretches);
        }
        showColumns();
    }

    private static List<String> heights(PictureKind kind) {
        return switch (kind) {
            case HISTOGRAM, POLYGON -> List.of("frequency", "relative", "density");
            case OGIVE -> List.of("frequency", "relative");
            case BARS -> List.of("frequency", "percent");
            default -> List.of();
        };
    }

    private Button button(PictureKind kind, boolean current) {
        Button button = new Button(Words.of(Sentence.of("picture.kind." + kind.id())));
        button.setId("picture-" + kind.id());
        button.getStyleClass().add("picture-kind");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.pseudoClassStateChanged(CURRENT, current);
        button.setOnAction(press -> model.drawings().choose(kind));
        return button;
    }

    private void setting(Sketch sketch, Setting setting, List<String> values) {
        if (values.isEmpty()) {
            return;
        }
        String now = sketch.wish().get(setting).filter(values::contains).orElse(values.get(0));
        boolean byItself =
                setting == Setting.HEIGHT && sketch.wish().get(setting).isEmpty();
        String words = byItself ? Words.of("picture.HEIGHT.auto") : Words.of("picture." + setting + "." + now);
        Choice<String> choice = new Choice<>(
                "picture-set-" + setting.id(), words, value -> model.drawings().say(setting, value));
        if (setting == Setting.HEIGHT) {
            choice.or(Words.of("picture.HEIGHT.auto"), "");
        }
        values.forEach(value -> choice.or(Words.of("picture." + setting + "." + value), value));
        choices.getChildren().add(choice);
    }

    /** Which columns of a table are drawn. */
    private void showColumns() {
        Optional<OfColumns> now = model.drawings().columns();
        getChildren().remove(columns);
        if (now.isEmpty()) {
            return;
        }
        getChildren().add(0, columns);
        List<TableFigures.InShort> inShort = model.inSteps().shown();
        List<Column> all = inShort.stream().map(TableFigures.InShort::column).toList();
        OfColumns of = now.get();
        Choice<Integer> drawn = new Choice<>("picture-of", all.get(of.of()).name(), column -> model.drawings()
                .choose(new OfColumns(column, -1, of.by() == column ? -1 : of.by())));
        Choice<Integer> by = new Choice<>(
                "picture-by",
                of.by() < 0 ? Words.of("picture.of.nothing") : all.get(of.by()).name(),
                column -> model.drawings().choose(new OfColumns(of.of(), of.against(), column)));
        by.or(Words.of("picture.of.nothing"), -1);
        Choice<Integer> against = new Choice<>(
                "picture-against",
                of.against() < 0
                        ? Words.of("picture.of.nothing")
                        : all.get(of.against()).name(),
                column -> model.drawings().choose(new OfColumns(of.of(), column, of.by())));
        against.or(Words.of("picture.of.nothing"), -1);
        for (int i = 0; i < all.size(); i++) {
            drawn.or(all.get(i).name(), i);
            if (i != of.of() && parts(inShort.get(i))) {
                by.or(all.get(i).name(), i);
            }
            if (i != of.of() && all.get(i).kind() == ColumnKind.NUMBER) {
                against.or(all.get(i).name(), i);
            }
        }
        columns.getChildren().setAll(soft("picture.of"), drawn);
        if (all.get(of.of()).kind() == ColumnKind.NUMBER) {
            columns.getChildren().addAll(soft("picture.against.of"), against);
        }
        columns.getChildren().addAll(soft("picture.by.of"), by);
    }

    /** Whether a column parts the rows into groups that can be shown: words, or codes, that stand there again and again. */
    private static boolean parts(TableFigures.InShort column) {
        int distinct = column.summary().distinct();
        return distinct > 1
                && distinct <= MOST_GROUPS
                && distinct < column.column().count();
    }

    private static Label soft(String key) {
        Label label = new Label(Words.of(key));
        label.getStyleClass().add("soft");
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }
}
