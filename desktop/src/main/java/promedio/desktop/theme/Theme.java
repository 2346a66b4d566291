package promedio.desktop.theme;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.text.Font;

/** Paper by day and slate by night: one style sheet, two sets of colours. */
public enum Theme {
    /** Warm paper and blue-black ink. */
    PAPER,
    /** Chalk on slate. */
    SLATE;

    private static final List<String> FONTS = List.of(
            "Roboto-Regular",
            "Roboto-Medium",
            "Roboto-Bold",
            "SourceSerif4_400Regular",
            "SourceSerif4_400Regular_Italic",
            "SourceSerif4_600SemiBold",
            "ComicRelief_400Regular");

    /** Loads the fonts that come with the program, once, before the first scene. */
    public static void loadFonts() {
        for (String name : FONTS) {
            try (InputStream in = Theme.class.getResourceAsStream("/promedio/desktop/fonts/" + name + ".ttf")) {
                Font.loadFont(in, 13);
            } catch (IOException broken) {
                throw new UncheckedIOException("The font " + name + " could not be read.", broken);
            }
        }
    }

    /** Dresses a scene in this theme, with text of a size in percent of the usual. */
    public void dress(Scene scene, int percent) {
        Application.setUserAgentStylesheet(
                this == PAPER ? new PrimerLight().getUserAgentStylesheet() : new PrimerDark().getUserAgentStylesheet());
        String sheet = Theme.class.getResource("/promedio/desktop/promedio.css").toExternalForm();
        if (!scene.getStylesheets().contains(sheet)) {
            scene.getStylesheets().add(sheet);
        }
        scene.getRoot().getStyleClass().removeAll("paper-theme", "slate-theme");
        scene.getRoot().getStyleClass().add(this == PAPER ? "paper-theme" : "slate-theme");
        scene.getRoot().setStyle("-fx-font-size: " + 13 * percent / 100.0 + "px;");
    }
}
