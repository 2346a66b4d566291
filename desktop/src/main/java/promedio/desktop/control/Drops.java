package promedio.desktop.control;

import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DataFormat;
import javafx.scene.input.TransferMode;

/** Results that are dragged from where they came about to where they are wanted: an answer, a note. */
public final class Drops {
    private static final DataFormat RESULT = new DataFormat("application/x-promedio-result");

    private Drops() {}

    /** Lets a result be dragged from a node. */
    public static void from(Node node, String result) {
        node.setOnDragDetected(drag -> {
            ClipboardContent content = new ClipboardContent();
            content.put(RESULT, result);
            content.putString(result);
            node.startDragAndDrop(TransferMode.COPY).setContent(content);
            drag.consume();
        });
    }

    /** Takes a result that is dropped on a node. */
    public static void onto(Node node, Consumer<String> take) {
        node.setOnDragOver(over -> {
            if (over.getDragboard().hasContent(RESULT)) {
                over.acceptTransferModes(TransferMode.COPY);
                over.consume();
            }
        });
        node.setOnDragDropped(drop -> {
            if (drop.getDragboard().getContent(RESULT) instanceof String result) {
                take.accept(result);
                drop.setDropCompleted(true);
                drop.consume();
            }
        });
    }
}
