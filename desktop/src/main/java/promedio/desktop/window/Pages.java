package promedio.desktop.window;

import javafx.scene.layout.StackPane;
import promedio.core.assignment.SampleSheet;
import promedio.desktop.classes.ClassesPage;
import promedio.desktop.compare.ComparePage;
import promedio.desktop.entries.EntriesPage;
import promedio.desktop.entries.StartPane;
import promedio.desktop.groups.GroupsPage;
import promedio.desktop.measures.MeasuresPage;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.LeftBehind;
import promedio.desktop.picture.PicturePage;
import promedio.desktop.reading.ReadingPage;
import promedio.desktop.table.ColumnsPage;
import promedio.desktop.table.CountsPage;
import promedio.desktop.table.RowsPage;
import promedio.desktop.tutor.TutorPage;

/** The pages of the paper, of which one is shown; while no sample is chosen, the empty paper. */
final class Pages extends StackPane {
    private final DeskModel model;
    private final Late<StartPane> start;
    private final Late<EntriesPage> entries;
    private final Late<MeasuresPage> measures;
    private final Late<ClassesPage> classes;
    private final Late<ReadingPage> reading;
    private final Late<RowsPage> rows;
    private final Late<ColumnsPage> columns;
    private final Late<GroupsPage> groups;
    private final Late<CountsPage> counts;
    private final Late<TutorPage> tutor;
    private final Late<PicturePage> picture;
    private final Late<ComparePage> compare;

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
        rows = new Late<>(this, () -> new RowsPage(model, files));
        columns = new Late<>(this, () -> new ColumnsPage(model, rows.get()));
        groups = new Late<>(this, () -> new GroupsPage(model));
        counts = new Late<>(this, () -> new CountsPage(model, this::writeStep));
        tutor = new Late<>(this, () -> new TutorPage(model, files));
        picture = new Late<>(this, () -> new PicturePage(model, files));
        compare = new Late<>(this, () -> new ComparePage(model, files));
        model.fileReading().stateProperty().addListener((property, before, now) -> {
            if ((before == null) != (now == null)) {
                turn();
            }
        });
        model.classwork().openProperty().addListener((property, before, now) -> turn());
        model.comparing().openProperty().addListener((property, before, now) -> turn());
        model.looking().pageProperty().addListener((property, before, now) -> turn());
        model.looking().tablePageProperty().addListener((property, before, now) -> turn());
        model.selectedProperty().addListener((property, before, now) -> turn());
    }

    /** Shows the page that is open. */
    void turn() {
        DeskModel.Page page = model.looking().pageProperty().get();
        if (page == DeskModel.Page.CLASSES
                && model.sheet().filter(SampleSheet::isOfPairs).isPresent()) {
            // Pairs have no such page.
            model.looking().pageProperty().set(DeskModel.Page.MEASURES);
            return;
        }
        boolean empty = model.selectedProperty().get().isEmpty();
        boolean typing = start.isShown() && start.get().isFocusWithin();
        boolean file = model.fileReading().stateProperty().get() != null;
        boolean teaching = model.classwork().openProperty().get() && !file;
        boolean comparing = model.comparing().openProperty().get() && !file && !teaching;
        compare.show(comparing);
        boolean elsewhere = teaching || comparing;
        tutor.show(teaching);
        if (teaching) {
            tutor.get().focus();
        }
        boolean turnedTo = empty && !file && !elsewhere && !start.isShown();
        start.show(empty && !file && !elsewhere);
        reading.show(file);
        if (file) {
            reading.get().focusTake();
        }
        if (turnedTo) {
            start.get().showRecent();
            start.get().focusField();
        }
        boolean table = model.tables().chosen().isPresent() && !elsewhere;
        boolean sample = !empty && model.tables().chosen().isEmpty() && !elsewhere;
        entries.show(page == DeskModel.Page.ENTRIES && sample);
        measures.show(page == DeskModel.Page.MEASURES && sample);
        classes.show(page == DeskModel.Page.CLASSES && sample);
        DeskModel.TablePage tablePage = model.looking().tablePageProperty().get();
        rows.show(tablePage == DeskModel.TablePage.ROWS && table && !file);
        if (rows.isShown() && !rows.get().isFocusWithin()) {
            rows.get().focusRows();
        }
        columns.show(tablePage == DeskModel.TablePage.COLUMNS && table && !file);
        counts.show(tablePage == DeskModel.TablePage.COUNTS && table && !file);
        model.inSteps()
                .want(table
                        && !file
                        && (tablePage == DeskModel.TablePage.COUNTS || tablePage == DeskModel.TablePage.PICTURES));
        boolean grouped = tablePage == DeskModel.TablePage.GROUPS && table && !file;
        groups.show(grouped);
        model.breakdowns().want(grouped);
        picture.show(page == DeskModel.Page.PICTURE && sample
                || tablePage == DeskModel.TablePage.PICTURES && table && !file);
        if (typing && entries.isShown()) {
            entries.get().typeOn(start.get().handOver());
        }
    }

    private void writeStep(String step) {
        model.looking().tablePageProperty().set(DeskModel.TablePage.ROWS);
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
        }
    }

    /** Puts the cursor where something is looked for in a table; false where none is shown. */
    boolean findInTable() {
        if (model.tables().chosen().isEmpty()) {
            return false;
        }
        model.looking().tablePageProperty().set(DeskModel.TablePage.ROWS);
        rows.get().focusFind();
        return true;
    }

    /** Takes what lies on the clipboard: over the chosen cells of a table, or as a sample. */
    void paste(String text) {
        boolean taken = rows.isShown() && rows.get().paste(text);
        if (!taken) {
            model.type(text);
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
