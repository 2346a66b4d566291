package promedio.desktop.reading;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import promedio.core.assignment.SampleSheet;
import promedio.desktop.control.Tip;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.reading.HowRead;
import promedio.desktop.text.Words;

/** How a sample was read from a paste or a file, what was left out, and beside it its other readings, one click each. */
public final class HowReadLine extends VBox {
    private final DeskModel model;
    private final Label sentence = new Label();
    private final FlowPane others = new FlowPane();
    private SampleSheet shown;

    /** The line of a desk. */
    public HowReadLine(DeskModel model) {
        this.model = model;
        sentence.setId("how-read");
        sentence.setWrapText(true);
        sentence.setMinHeight(USE_PREF_SIZE);
        getStyleClass().add("how-read");
        others.getStyleClass().add("how-read-others");
        getChildren().add(sentence);
        model.intake().rereadProperty().addListener((property, before, now) -> {
            if (shown != null) {
                show(shown);
            }
        });
    }

    /** Says how a sheet was read; nothing where its entries were changed since, or there is nothing to say. */
    public void show(SampleSheet sheet) {
        shown = sheet;
        Optional<HowRead> note = model.intake().howRead(sheet).filter(HowReadLine::isWorthSaying);
        setVisible(note.isPresent());
        setManaged(note.isPresent());
        note.ifPresent(this::show);
    }

    /** A plain list that can be read in one way only needs no words. */
    private static boolean isWorthSaying(HowRead note) {
        return note.isTable()
                || note.readings().size() > 1
                || note.reading().told().size() > 1
                || note.made().size() > 1
                || note.made().get(0).kind().width() > 1;
    }

    private void show(HowRead note) {
        sentence.setText(Words.of(note.reading().told()));
        others.getChildren().clear();
        for (int i = 0; i < note.readings().size(); i++) {
            if (i != note.chosen()) {
                others.getChildren().add(offer(note, i));
            }
        }
        if (note.isTable()) {
            others.getChildren().add(offer(Words.of("entries.read-as.table"), "read-as-table", () -> model.intake()
                    .readAsTable(note)));
        }
        getChildren().remove(others);
        if (!others.getChildren().isEmpty()) {
            getChildren().add(others);
        }
    }

    private HBox offer(HowRead note, int which) {
        return offer(note.words(which), "read-as-" + which, () -> model.intake().readAs(note, which));
    }

    private static HBox offer(String words, String id, Runnable choose) {
        Hyperlink link = new Hyperlink(words);
        link.setId(id);
        link.setMinWidth(USE_PREF_SIZE);
        link.setOnAction(click -> choose.run());
        Tip.on(link, Words.of("entries.read-as.tip"));
        Label or = new Label(Words.of("entries.read-as"));
        or.getStyleClass().add("soft");
        or.setMinWidth(USE_PREF_SIZE);
        HBox offer = new HBox(or, link);
        offer.setAlignment(Pos.CENTER_LEFT);
        offer.getStyleClass().add("how-read-offer");
        return offer;
    }
}
