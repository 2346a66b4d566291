package promedio.desktop.table;

import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import promedio.core.sentence.Visible;
import promedio.core.trail.Field;
import promedio.core.trail.Prepared;
import promedio.desktop.control.Tip;
import promedio.desktop.grid.CellsGrid;
import promedio.desktop.grid.TableCell;
import promedio.desktop.text.Words;

/** A table as it is after some steps, to be read; what the last step made is lit: columns that are new, cells that are another. */
final class PreparedGrid extends CellsGrid<PreparedGrid.Head> {
    private static final PseudoClass NUMBER = PseudoClass.getPseudoClass("number");
    private static final double HEAD_EMS = 2.2;
    private static final int LONGEST_HEAD = 60;
    private static final int ROWS_ABOVE = 3;
    private static final int MORE_PLACES = 2;

    private Prepared shown;
    private Prepared before;
    /** For each column what it was before the step; empty for one that is new. */
    private List<Optional<Field>> earlier = List.of();

    private ColumnLayout layout;
    private BitSet gone = new BitSet();
    /** Its cells with all their digits. */
    private ColumnLayout.Cells whole;

    private char mark = '.';
    private int places = MORE_PLACES;
    private BiConsumer<Node, String> headListener = (head, column) -> {};
    private Consumer<Boolean> onEmpty = empty -> {};

    PreparedGrid() {
        super(HEAD_EMS);
        setId("prepared-grid");
    }

    /** The head of a column, to be pressed. */
    final class Head extends Button {
        private String column = "";

        Head() {
            setMnemonicParsing(false);
            setFocusTraversable(false);
            getStyleClass().add("prepared-head");
            setOnAction(press -> headListener.accept(this, column));
            setOnContextMenuRequested(ask -> {
                headListener.accept(this, column);
                ask.consume();
            });
            Tip.on(this, Words.of("prepared.head.tip"));
        }

        void show(Field field) {
            column = field.name();
            setText(Visible.line(column, LONGEST_HEAD));
            pseudoClassStateChanged(NUMBER, field.hasNumbers());
        }
    }

    /** A sheet that says so where no rows are left. */
    StackPane withNotice() {
        Label none = new Label(Words.of("prepared.no-rows"));
        none.getStyleClass().add("soft");
        StackPane pane = new StackPane(this, none);
        pane.visibleProperty().bind(visibleProperty());
        none.setMouseTransparent(true);
        onEmpty = none::setVisible;
        return pane;
    }

    /** How many places the course asks for; two more are shown. */
    void showPlaces(int asked) {
        if (asked + MORE_PLACES != places) {
            places = asked + MORE_PLACES;
            layout = null;
        }
    }

    /** Who is told that the head of a column was pressed. */
    void onHead(BiConsumer<Node, String> listener) {
        headListener = listener;
    }

    /** The table that is shown; null before the first. */
    Prepared shown() {
        return shown;
    }

    /** Shows a table with the rows struck out that the next step takes away. */
    void show(Prepared now, BitSet lost, char decimalMark) {
        gone = lost;
        show(now, decimalMark, null);
        beginAt(Math.max(0, lost.nextSetBit(0) - ROWS_ABOVE));
    }

    /** Shows a table, and what is other in it than before. */
    void show(Prepared now, Prepared than, char decimalMark) {
        gone = new BitSet();
        show(now, decimalMark, than);
    }

    private void show(Prepared now, char decimalMark, Prepared than) {
        boolean other = shown == null || !shown.names().equals(now.names());
        boolean fresh = now != shown || mark != decimalMark || layout == null;
        shown = now;
        before = than;
        Map<String, Field> was = than == null
                ? Map.of()
                : than.fields().stream().collect(Collectors.toMap(Field::name, field -> field, (first, same) -> first));
        earlier = now.fields().stream()
                .map(field -> Optional.ofNullable(was.get(field.name())))
                .toList();
        mark = decimalMark;
        if (fresh) {
            layout = new ColumnLayout(ColumnLayout.cut(now, decimalMark, places));
            whole = ColumnLayout.of(now, decimalMark);
        }
        if (other) {
            begin();
        }
        changed();
        onEmpty.accept(now.rows() == 0);
        if (other) {
            revealNew();
        }
    }

    /** Brings what the step made into view, where not all columns are. */
    private void revealNew() {
        int made = before == null ? -1 : earlier.indexOf(Optional.empty());
        if (made >= 0) {
            bringIntoView(0, made);
        }
    }

    @Override
    public int size() {
        return shown == null ? 0 : shown.rows();
    }

    @Override
    public int columns() {
        return shown == null ? 0 : shown.fields().size();
    }

    @Override
    public int letters(int column) {
        return layout.letters(column);
    }

    @Override
    public int row(int place) {
        return place;
    }

    @Override
    public Head head() {
        return new Head();
    }

    @Override
    public void show(Head head, int column) {
        head.show(shown.fields().get(column));
    }

    @Override
    public String text(int place, int column) {
        return layout.text(place, column);
    }

    @Override
    public Optional<String> inFull(int place, int column) {
        // A cell that the pointer comes to may be one that has nothing to show any more.
        if (place < 0 || place >= size() || column < 0 || column >= columns()) {
            return Optional.empty();
        }
        String all = whole.text().at(place, column);
        return all.equals(ColumnLayout.bare(layout.text(place, column))) ? Optional.empty() : Optional.of(all);
    }

    @Override
    public void look(int row, int column, Set<TableCell.Trait> traits) {
        Field field = shown.fields().get(column);
        if (field.hasNumbers()) {
            traits.add(TableCell.Trait.NUMBER);
        }
        if (field.isOther(row)) {
            traits.add(TableCell.Trait.OTHER);
        }
        if (gone.get(row)) {
            traits.add(TableCell.Trait.GONE);
        }
        boolean lit = before != null
                && earlier.get(column)
                        .map(was -> was != field
                                && before.rows() == shown.rows()
                                && !was.shown(row).equals(field.shown(row)))
                        .orElse(true);
        if (lit) {
            traits.add(TableCell.Trait.LIT);
        }
    }
}
