package promedio.desktop.window;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import javafx.beans.value.ObservableValue;
import javafx.scene.Node;
import javafx.scene.layout.StackPane;
import promedio.desktop.classes.ClassesPage;
import promedio.desktop.compare.ComparePage;
import promedio.desktop.entries.EntriesPage;
import promedio.desktop.entries.StartPane;
import promedio.desktop.groups.GroupsPage;
import promedio.desktop.measures.MeasuresPage;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Page;
import promedio.desktop.model.desk.Place;
import promedio.desktop.model.desk.TablePage;
import promedio.desktop.model.reading.LeftBehind;
import promedio.desktop.ownwork.OwnPage;
import promedio.desktop.picture.PicturePage;
import promedio.desktop.reading.ReadingPage;
import promedio.desktop.table.ColumnsPage;
import promedio.desktop.table.CountsPage;
import promedio.desktop.table.RowsPage;
import promedio.desktop.tutor.TutorPage;

/** The pages of the paper, of which one is shown; while no sample is chosen, the empty paper. */
final class Pages extends StackPane {
    private final DeskModel model;
    private final Map<Place, Late<? extends Node>> views = new EnumMap<>(Place.class);
    private final Late<StartPane> start;
    private final Late<EntriesPage> entries;
    private final Late<MeasuresPage> measures;
    private final Late<ReadingPage> reading;
    private final Late<RowsPage> rows;
    private final Late<TutorPage> tutor;
    private final Late<OwnPage> own;

    Pages(DeskModel model, FileActions files) {
        this.model = model;
        getStyleClass().add("pages");
        setMinHeight(0);
        // Takes the height that is left: a page that grows long must not make the Line above it shrink and move.
        setPrefHeight(0);
        start = page(Place.START, () -> new StartPane(model, files));
        entries = page(Place.ENTRIES, () -> new EntriesPage(model, files));
        measures = page(Place.MEASURES, () -> new MeasuresPage(model));
        page(Place.CLASSES, () -> new ClassesPage(model));
        reading = page(Place.READING, () -> new ReadingPage(model));
        rows = page(Place.ROWS, () -> new RowsPage(model, files));
        page(Place.COLUMNS, () -> new ColumnsPage(model, rows.get()));
        page(Place.GROUPS, () -> new GroupsPage(model));
        page(Place.COUNTS, () -> new CountsPage(model, this::writeStep));
        tutor = page(Place.TUTOR, () -> new TutorPage(model, files));
        page(Place.PICTURE, () -> new PicturePage(model, files));
        own = page(Place.OWN, () -> new OwnPage(model));
        page(Place.COMPARE, () -> new ComparePage(model, files));
        for (ObservableValue<?> turning : List.of(model.placeProperty(), model.selectedProperty())) {
            turning.addListener((property, before, now) -> turn());
        }
    }

    private <V extends Node> Late<V> page(Place place, Supplier<V> make) {
        Late<V> view = new Late<>(this, make);
        views.put(place, view);
        return view;
    }

    /** Shows the page that is open. */
    void turn() {
        Page open = model.looking().pageProperty().get();
        if (model.sheet().filter(sheet -> !Page.has(sheet.kind(), open)).isPresent()) {
            model.looking().pageProperty().set(Page.MEASURES);
            return;
        }
        Place now = model.place();
        boolean typing = start.isShown() && start.get().isFocusWithin();
        boolean waiting = start.isShown();
        views.forEach((place, view) -> view.show(place == now));
        boolean table = model.table().isPresent();
        model.inSteps().want(table && (now == Place.COUNTS || now == Place.PICTURE));
        model.breakdowns().want(now == Place.GROUPS);
        switch (now) {
            case TUTOR -> tutor.get().focus();
            case READING -> reading.get().focusTake();
            case START -> begin(!waiting);
            case ROWS -> focusRows();
            case ENTRIES -> {
                if (typing) {
                    entries.get().typeOn(start.get().handOver());
                }
            }
            default -> {}
        }
    }

    private void begin(boolean turnedTo) {
        if (turnedTo) {
            start.get().showRecent();
            start.get().focusField();
        }
    }

    private void focusRows() {
        if (!rows.get().isFocusWithin()) {
            rows.get().focusRows();
        }
    }

    private void writeStep(String step) {
        model.looking().tablePageProperty().set(TablePage.ROWS);
        rows.get().write(step);
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
        } else if (rows.isShown()) {
            rows.get().focusRows();
        } else if (own.isShown()) {
            own.get().focusTyping();
        }
    }

    /** Puts the cursor where something is looked for in a table; false where none is shown. */
    boolean findInTable() {
        if (model.table().isEmpty()) {
            return false;
        }
        model.looking().tablePageProperty().set(TablePage.ROWS);
        rows.get().focusFind();
        return true;
    }

    /** Takes what lies on the clipboard: over the chosen cells of a table, or as a sample. */
    void paste(String text) {
        boolean taken = rows.isShown() && rows.get().paste(text)
                || own.isShown() && own.get().paste(text);
        if (!taken) {
            model.intake().type(text);
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
