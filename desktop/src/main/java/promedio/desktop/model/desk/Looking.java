package promedio.desktop.model.desk;

import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableMap;
import javafx.collections.ObservableSet;
import promedio.core.number.Exact;

/** What is looked at: the page, what is opened on it, and what is pointed at. One highlight serves every view. */
public final class Looking {
    private final ObjectProperty<Page> page = new SimpleObjectProperty<>(Page.ENTRIES);
    private final ReadOnlyObjectWrapper<Place> over = new ReadOnlyObjectWrapper<>();
    private final ObjectProperty<TablePage> tablePage = new SimpleObjectProperty<>(TablePage.ROWS);
    private final ObservableSet<String> opened = FXCollections.observableSet();
    private final ObservableSet<String> unfolded = FXCollections.observableSet();
    private final ObservableMap<String, String> methods = FXCollections.observableHashMap();
    private final ObjectProperty<Exact> lit = new SimpleObjectProperty<>();
    private final ObjectProperty<Integer> litEntry = new SimpleObjectProperty<>();
    private final ObjectProperty<Span> span = new SimpleObjectProperty<>();
    private final StringProperty pointed = new SimpleStringProperty("");

    /**
     * A stretch of the number line.
     *
     * @param from where it begins
     * @param to where it ends
     */
    public record Span(Exact from, Exact to) {}

    /** The stretch that is lit up on the Line, since something of a picture is pointed at; null for none. */
    public ObjectProperty<Span> spanProperty() {
        return span;
    }

    /** Lights up a stretch; none without a beginning and an end. */
    public void span(Exact from, Exact to) {
        span.set(from == null || to == null ? null : new Span(from, to));
    }

    /** The page of a sample that is open. */
    public ObjectProperty<Page> pageProperty() {
        return page;
    }

    /** What lies over the pages of what is chosen, one thing at a time; null for nothing. */
    public ReadOnlyObjectProperty<Place> overProperty() {
        return over.getReadOnlyProperty();
    }

    /** Whether this lies over the pages of what is chosen. */
    public boolean isOver(Place place) {
        return over.get() == place;
    }

    /** Lays something over the pages of what is chosen, in the place of whatever lay there. */
    public void layOver(Place place) {
        over.set(place);
    }

    /** Takes something away that may lie over the pages of what is chosen. */
    public void lift(Place place) {
        if (isOver(place)) {
            over.set(null);
        }
    }

    /** The page of a data table that is open. */
    public ObjectProperty<TablePage> tablePageProperty() {
        return tablePage;
    }

    /** The value that is lit up wherever it is shown: on the Line, among the entries, in a working table; null for none. */
    public ObjectProperty<Exact> litProperty() {
        return lit;
    }

    /** The entry of pairs that is lit up wherever it is shown, from 0; null for none. */
    public ObjectProperty<Integer> litEntryProperty() {
        return litEntry;
    }

    /** The question of the measure that is pointed at, in the rows, in a formula or on the Line; empty for none. */
    public StringProperty pointedProperty() {
        return pointed;
    }

    /** The questions whose working is open. */
    public ObservableSet<String> opened() {
        return opened;
    }

    /** The groups of measures that are shown in full. */
    public ObservableSet<String> unfolded() {
        return unfolded;
    }

    /** The hand method chosen for a question. */
    public ObservableMap<String, String> methods() {
        return methods;
    }

    /** Opens or closes the working of a question. */
    public void toggle(String question) {
        if (!opened.remove(question)) {
            opened.add(question);
        }
    }

    /** Looks at another assignment: nothing of it is opened yet. */
    void afresh(Page first) {
        opened.clear();
        unfolded.clear();
        methods.clear();
        lit.set(null);
        litEntry.set(null);
        span.set(null);
        pointed.set("");
        page.set(first);
        tablePage.set(TablePage.ROWS);
    }
}
