package promedio.desktop.entries;

import java.util.List;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import promedio.core.assignment.Edit;
import promedio.core.assignment.Interpretation;
import promedio.core.course.CardKey;
import promedio.core.course.DecimalMark;
import promedio.core.sentence.Sentence;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.HowRead;
import promedio.desktop.model.SheetFigures;
import promedio.desktop.text.Tip;
import promedio.desktop.text.Words;

/** What looks odd about the entries, each with the one click that would mend it. */
final class NoticeBox extends VBox {
    private static final double MARGIN = 24;

    private final DeskModel model;

    NoticeBox(DeskModel model) {
        this.model = model;
        getStyleClass().add("notices");
    }

    void show(SheetFigures figures) {
        getChildren().clear();
        model.howRead(figures.sheet()).ifPresent(this::addHowRead);
        Interpretation reading = figures.interpretation();
        reading.suspicion()
                .ifPresent(suspicion -> add(
                        Words.of(suspicion.sentence(), figures.text()),
                        "notice.switch-off",
                        () -> model.make(
                                new Edit.SwitchEntries(figures.sheet().id(), suspicion.entry(), false), figures)));
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

    /** How it was read, and its other readings, one click each. */
    private void addHowRead(HowRead note) {
        List<Sentence> told = note.reading().told();
        Label sentence = new Label(told.stream().map(Words::of).collect(Collectors.joining(" ")));
        sentence.setId("how-read");
        sentence.setWrapText(true);
        FlowPane line = new FlowPane(sentence);
        sentence.maxWidthProperty().bind(widthProperty().subtract(MARGIN));
        for (int i = 0; i < note.readings().size(); i++) {
            int which = i;
            if (i != note.chosen()) {
                Hyperlink link = new Hyperlink(Words.of(note.readings().get(i).what()));
                link.setId("read-as-" + i);
                link.setOnAction(click -> model.readAs(note, which));
                Tip.on(link, Words.of("entries.read-as.tip"));
                Label or = new Label(Words.of("entries.read-as"));
                or.getStyleClass().add("soft");
                HBox offer = new HBox(or, link);
                offer.setAlignment(Pos.CENTER_LEFT);
                offer.getStyleClass().add("read-offer");
                line.getChildren().add(offer);
            }
        }
        line.getStyleClass().addAll("notice", "how-read");
        getChildren().add(line);
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
