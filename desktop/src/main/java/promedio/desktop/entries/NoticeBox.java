package promedio.desktop.entries;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import promedio.core.assignment.Interpretation;
import promedio.core.assignment.Link;
import promedio.core.assignment.SheetEdit;
import promedio.core.course.CardKey;
import promedio.core.course.DecimalMark;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.model.table.LinkText;
import promedio.desktop.reading.HowReadLine;
import promedio.desktop.text.Words;

/** What looks odd about the entries, each with the one click that would mend it. */
final class NoticeBox extends VBox {
    private final DeskModel model;
    private final HowReadLine howRead;
    private final Runnable typeOn;
    private SheetFigures shown;

    /** @param typeOn puts the cursor where typing is expected in a question that was begun */
    NoticeBox(DeskModel model, Runnable typeOn) {
        this.model = model;
        this.typeOn = typeOn;
        howRead = new HowReadLine(model);
        getStyleClass().add("notices");
        model.followers().toldProperty().addListener((property, before, now) -> {
            if (shown != null) {
                show(shown);
            }
        });
    }

    void show(SheetFigures figures) {
        shown = figures;
        getChildren().clear();
        howRead.show(figures.sheet());
        if (howRead.isVisible()) {
            getChildren().add(howRead);
        }
        figures.sheet().link().ifPresent(this::comesFrom);
        model.followers()
                .toldProperty()
                .get()
                .getOrDefault(figures.sheet().id(), List.of())
                .forEach(told -> {
                    Label sentence = new Label(Words.of(told));
                    sentence.getStyleClass().add("notice");
                    getChildren().add(sentence);
                });
        Interpretation reading = figures.interpretation();
        reading.suspicion()
                .ifPresent(suspicion -> add(
                        Words.of(suspicion.sentence(), figures.text()),
                        "notice.switch-off",
                        () -> model.make(
                                new SheetEdit.SwitchEntries(figures.sheet().id(), suspicion.entry(), false), figures)));
        if (reading.waiting().isPresent()) {
            add(Words.of("notice.waiting"), "notice.find-missing", () -> {
                model.givens().findMissing(figures.sheet());
                typeOn.run();
            });
        }
        int other = reading.readableWithOtherMark();
        boolean comma = figures.card().get(CardKey.DECIMAL_MARK) == DecimalMark.COMMA;
        if (other > 0) {
            add(
                    Words.of(comma ? "notice.points" : "notice.commas", other),
                    comma ? "notice.read-points" : "notice.read-commas",
                    () -> model.choose(CardKey.DECIMAL_MARK, comma ? DecimalMark.POINT : DecimalMark.COMMA));
        } else if (reading.readsCommas()) {
            add(
                    Words.of("notice.reads-commas"),
                    "notice.read-points",
                    () -> model.choose(CardKey.DECIMAL_MARK, DecimalMark.POINT));
        }
        setVisible(!getChildren().isEmpty());
        setManaged(!getChildren().isEmpty());
    }

    /** Says where the entries come from, and that what is changed here is changed there. */
    private void comesFrom(Link link) {
        model.assignment()
                .table(link.tableId())
                .ifPresent(
                        table -> add(LinkText.of(link, table), "notice.to-table", () -> model.select(link.tableId())));
    }

    private void add(String sentence, String remedy, Runnable mend) {
        Hyperlink link = new Hyperlink(Words.of(remedy));
        link.setId(remedy.replace('.', '-'));
        link.setOnAction(click -> mend.run());
        HBox line = new HBox(new Label(sentence), link);
        line.setAlignment(Pos.CENTER_LEFT);
        line.getStyleClass().add("notice");
        getChildren().add(line);
    }
}
