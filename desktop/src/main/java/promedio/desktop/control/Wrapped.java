package promedio.desktop.control;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.AccessibleRole;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;

/**
 * A text over several lines in which letters may have a bar over them. A text that is broken into lines inside such a stretch is drawn with parts of
 * it twice, so these words are pieces of their own.
 */
public final class Wrapped extends TextFlow {
    private static final Pattern COMBINED = Pattern.compile("[^\\s]*\\p{M}[^\\s]*");

    /**
     * A text.
     *
     * @param style the style class that it has, and each piece of it as {@code …-text}
     */
    public Wrapped(String text, String style) {
        getStyleClass().addAll("wrapped", style);
        setAccessibleRole(AccessibleRole.TEXT);
        setAccessibleText(text);
        for (String piece : pieces(text)) {
            Text part = new Text(piece);
            part.getStyleClass().addAll("wrapped-text", style + "-text");
            getChildren().add(part);
        }
    }

    /** Has it do something when it is pressed, by pointer or key. */
    public Wrapped onPress(Runnable action) {
        setAccessibleRole(AccessibleRole.HYPERLINK);
        getStyleClass().add("wrapped-link");
        setFocusTraversable(true);
        setOnMouseClicked(click -> action.run());
        setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ENTER || key.getCode() == KeyCode.SPACE) {
                action.run();
                key.consume();
            }
        });
        return this;
    }

    /** The text as it was given. */
    public String text() {
        return getAccessibleText();
    }

    static List<String> pieces(String text) {
        List<String> pieces = new ArrayList<>();
        Matcher combined = COMBINED.matcher(text);
        int from = 0;
        while (combined.find()) {
            pieces.add(text.substring(from, combined.start()));
            pieces.add(combined.group());
            from = combined.end();
        }
        pieces.add(text.substring(from));
        pieces.removeIf(String::isEmpty);
        return pieces;
    }
}
