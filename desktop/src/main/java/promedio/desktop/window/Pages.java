package promedio.desktop.window;

import javafx.scene.layout.StackPane;
import promedio.desktop.classes.ClassesPage;
import promedio.desktop.entries.EntriesPage;
import promedio.desktop.entries.StartPane;
import promedio.desktop.measures.MeasuresPage;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.LeftBehind;
import promedio.desktop.reading.ReadingPage;

/** The pages of the paper, of which one is shown; while no sample is chosen, the empty paper. */
final class Pages extends StackPane {
    private final DeskModel model;
    private final Late<StartPane> start;
    private final Late<EntriesPage> entries;
    private final Late<MeasuresPage> measures;
    private final Late<ClassesPage> classes;
    private final Late<ReadingPage> reading;

    Pages(DeskModel model, FileActions files) {
        this.model = model;
        getStyleClass().add("pages");
        setMinHeight(0);
        // Takes the height that is left: a page that grows long must not make the Line above it shrink and move.
        setPrefHeight(0);
        start = new Late<>(this, () -> new StartPane(model, files));
        entries = new Late<>(this, () -> new EntriesPage(model, files));
        measures = new Late<>(this, () -> new MeasuresPage(model));
        classes = new Late<>(this, () -> new ClassesPage(model));
        reading = new Late<>(this, () -> new ReadingPage(model));
        model.fileReading().stateProperty().addListener((property, before, now) -> {
            if ((before == null) != (now == null)) {
                turn();
            }
        });
        model.looking().pageProperty().addListener((property, before, now) -> turn());
        model.selectedProperty().addListener((property, before, now) -> turn());
    }

    /** Shows the page that is open. */
    void turn() {
        DeskModel.Page page = model.looking().pageProperty().get();
        boolean empty = model.selectedProperty().get().isEmpty();
        boolean typing = start.isShown() && start.get().isFocusWithin();
        boolean file = model.fileReading().stateProperty().get() != null;
        boolean turnedTo = empty && !file && !start.isShown();
        start.show(empty && !file);
        reading.show(file);
        if (file) {
            reading.get().focusTake();
        }
        if (turnedTo) {
            start.get().showRecent();
            start.get().focusField();
        }
        entries.show(page == DeskModel.Page.ENTRIES && !empty);
        measures.show(page == DeskModel.Page.MEASURES && !empty);
        classes.show(page == DeskModel.Page.CLASSES && !empty);
        if (typing && entries.isShown()) {
            entries.get().typeOn(start.get().handOver());
        }
    }

    /** Lists the assignments last used. */
    void showRecent() {
        if (start.isShown()) {
            start.get().showRecent();
        }
    }

    /** Puts the cursor where typing is expected. */
    void focusTyping() {
        if (start.isShown()) {
            start.get().focusField();
        } else if (entries.isShown()) {
            entries.get().focusTyping();
        }
    }

    /** Offers back what earlier desks have left unsaved. */
    void offer(LeftBehind left) {
        start.get().offer(left);
    }

    /** Goes to the row of a measure and opens it. */
    void reveal(String question) {
        measures.get().reveal(question);
    }
}
