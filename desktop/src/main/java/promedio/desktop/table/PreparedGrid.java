package promedio.desktop.table;

import java.util.AbstractList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.collections.FXCollections;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableRow;
import javafx.scene.control.TableView;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import promedio.core.sentence.Visible;
import promedio.core.trail.Field;
import promedio.core.trail.Prepared;
import promedio.desktop.control.Tip;
import promedio.desktop.text.Words;

/** A table as it is after some steps, to be read; what the last step made is lit: columns that are new, cells that are another. */
final class PreparedGrid extends StackPane {
    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");
    private static final PseudoClass NUMBER = PseudoClass.getPseudoClass("number");
    private static final PseudoClass GONE = PseudoClass.getPseudoClass("gone");
    private static final PseudoClass OTHER = PseudoClass.getPseudoClass("other");
    private static final KeyCombination COPY = KeyCombination.valueOf("Shortcut+C");
    private static final int LONGEST = 120;
    private static final int LONGEST_HEAD = 60;
    private static final int LOOKED_AT = 60;
    private static final int MOST_LETTERS = 26;
    private static final int LEAST_LETTERS = 6;
    private static final double LETTER_EMS = 0.58;
    private static final double PADDING_EMS = 1.8;
    private static final double NUMBER_EMS = 4.6;
    private static final double ROW_EMS = 1.85;
    private static final int MOST_COLUMNS = 200;
    private static final int ROWS_ABOVE = 3;

    private TableView<Integer> table = new TableView<>();
    private Prepared shown;
    private Prepared before;
    private BitSet gone = new BitSet();
    private char mark = '.';
    private double em;
    private Consumer<String> columnListener = column -> {};
    private BiConsumer<Node, String> headListener = (head, column) -> {};

    PreparedGrid() {
        setId("prepared-grid");
        addEventHandler(KeyEvent.KEY_PRESSED, key -> {
            if (COPY.match(key)) {
                copy();
                key.consume();
            }
        });
    }

    /** Other columns get a table of their own: one that was scrolled across would not show them. */
    private TableView<Integer> fresh() {
        TableView<Integer> made = new TableView<>();
        made.getStyleClass().add("prepared-grid");
        made.getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
        made.setPlaceholder(new Label(Words.of("prepared.no-rows")));
        made.setFixedCellSize(Math.floor(ROW_EMS * em));
        made.setRowFactory(view -> new Row());
        return made;
    }

    /** Who is told in whose column a cell was pressed. */
    void onColumn(Consumer<String> listener) {
        columnListener = listener;
    }

    /** Who is told that the head of a column was pressed. */
    void onHead(BiConsumer<Node, String> listener) {
        headListener = listener;
    }

    /** Shows a table with the rows struck out that the next step takes away. */
    void show(Prepared now, BitSet lost, char decimalMark, double textSize) {
        gone = lost;
        show(now, decimalMark, textSize, null);
        table.scrollTo(Math.max(0, lost.nextSetBit(0) - ROWS_ABOVE));
    }

    /** Shows a table, and what is other in it than before. */
    void show(Prepared now, Optional<Prepared> than, char decimalMark, double textSize) {
        gone = new BitSet();
        show(now, decimalMark, textSize, than.orElse(null));
    }

    private void show(Prepared now, char decimalMark, double textSize, Prepared earlier) {
        mark = decimalMark;
        boolean sized = em == textSize;
        if (now == shown && earlier == before && sized) {
            table.refresh();
            return;
        }
        em = textSize;
        boolean same = sized && shown != null && shown.names().equals(now.names()) && earlier == before;
        shown = now;
        before = earlier;
        if (!same) {
            table = fresh();
            table.getColumns().add(numbers());
            now.fields().stream().limit(MOST_COLUMNS).map(this::column).forEach(table.getColumns()::add);
            getChildren().setAll(table);
        } else {
            // Rows of before must not be asked of other columns, which may have fewer.
            table.setItems(FXCollections.emptyObservableList());
            for (int i = 0; i < Math.min(MOST_COLUMNS, now.fields().size()); i++) {
                fill(table.getColumns().get(i + 1), now.fields().get(i));
            }
        }
        int rows = now.rows();
        table.setItems(FXCollections.observableList(new AbstractList<>() {
            @Override
            public Integer get(int index) {
                return index;
            }

            @Override
            public int size() {
                return rows;
            }
        }));
        table.refresh();
        if (!same) {
            reveal();
        }
    }

    /** Brings what the step made into view, where not all columns are. */
    private void reveal() {
        double wide = table.getColumns().stream()
                .mapToDouble(column -> column.getPrefWidth())
                .sum();
        int made = 0;
        for (int i = 0; i < table.getColumns().size() && wide > getWidth() && made == 0; i++) {
            made = table.getColumns().get(i).getStyleClass().contains("prepared-new") ? i : 0;
        }
        if (made > 0) {
            table.scrollToColumnIndex(made);
        }
    }

    private TableColumn<Integer, String> numbers() {
        TableColumn<Integer, String> column = new TableColumn<>("");
        column.setSortable(false);
        column.setReorderable(false);
        column.setPrefWidth(NUMBER_EMS * em);
        column.setCellValueFactory(row -> new ReadOnlyObjectWrapper<>(Integer.toString(row.getValue() + 1)));
        column.getStyleClass().add("prepared-number");
        return column;
    }

    private TableColumn<Integer, String> column(Field field) {
        TableColumn<Integer, String> column = new TableColumn<>();
        Button head = new Button(Visible.line(field.name(), LONGEST_HEAD));
        head.setMnemonicParsing(false);
        head.setMaxWidth(Double.MAX_VALUE);
        head.setFocusTraversable(false);
        head.getStyleClass().add("prepared-head");
        head.setOnAction(press -> headListener.accept(head, field.name()));
        head.setOnContextMenuRequested(ask -> {
            headListener.accept(head, field.name());
            ask.consume();
        });
        Tip.on(head, Words.of("prepared.head.tip"));
        column.setGraphic(head);
        if (field.hasNumbers()) {
            column.getStyleClass().add("prepared-numbers");
        }
        column.setSortable(false);
        column.setReorderable(false);
        int letters = field.name().length();
        for (int row = 0; row < Math.min(LOOKED_AT, shown.rows()); row++) {
            letters = Math.max(letters, field.shown(row).length());
        }
        column.setPrefWidth(
                Math.max(LEAST_LETTERS, Math.min(MOST_LETTERS, letters)) * LETTER_EMS * em + PADDING_EMS * em);
        if (before != null && !before.names().contains(field.name())) {
            column.getStyleClass().add("prepared-new");
        }
        fill(column, field);
        return column;
    }

    private void fill(TableColumn<Integer, ?> any, Field field) {
        @SuppressWarnings("unchecked") // All columns of this table hold texts.
        TableColumn<Integer, String> column = (TableColumn<Integer, String>) any;
        column.setCellValueFactory(row -> new ReadOnlyObjectWrapper<>(shown(field, row.getValue())));
        boolean compare = before != null
                && before.rows() == shown.rows()
                && before.names().contains(field.name())
                && before.field(field.name()) != field;
        Field earlier = compare ? before.field(field.name()) : null;
        column.setCellFactory(made -> new Cell(field, earlier));
    }

    /** A cell; what was worked out is written as the numbers of the table are. */
    private String shown(Field field, int row) {
        String text = field.shown(row);
        return mark == ',' && field.hasNumbers() && !field.isOfOriginal() && !field.isOther(row)
                ? text.replace('.', ',')
                : text;
    }

    private void copy() {
        List<Integer> rows = table.getSelectionModel().getSelectedIndices();
        String text = String.join("\t", shown.names()) + "\n"
                + rows.stream()
                        .map(row -> shown.fields().stream()
                                .map(field -> field.shown(row).replaceAll("[\\t\\r\\n]+", " "))
                                .collect(Collectors.joining("\t")))
                        .collect(Collectors.joining("\n"))
                + "\n";
        ClipboardContent content = new ClipboardContent();
        content.putString(text);
        Clipboard.getSystemClipboard().setContent(content);
    }

    /** A row; struck out where the next step takes it away. */
    private final class Row extends TableRow<Integer> {
        @Override
        protected void updateItem(Integer row, boolean empty) {
            super.updateItem(row, empty);
            pseudoClassStateChanged(GONE, !empty && row != null && gone.get(row));
        }
    }

    /** A cell; lit where it is another than before the step. */
    private final class Cell extends TableCell<Integer, String> {
        private final Field field;
        private final Field earlier;
        private final int rows = shown.rows();

        Cell(Field field, Field earlier) {
            this.field = field;
            this.earlier = earlier;
            setOnMousePressed(press -> columnListener.accept(field.name()));
        }

        @Override
        protected void updateItem(String text, boolean empty) {
            super.updateItem(text, empty);
            // One that is about to be replaced may still be asked for a row of another table.
            boolean some = !empty && getIndex() >= 0 && getIndex() < rows && text != null;
            setText(some ? Visible.line(text, LONGEST) : null);
            pseudoClassStateChanged(NUMBER, some && field.hasNumbers());
            pseudoClassStateChanged(OTHER, some && field.isOther(getIndex()));
            pseudoClassStateChanged(
                    LIT, some && earlier != null && !shown(earlier, getIndex()).equals(text));
        }
    }
}
