package promedio.desktop.theme;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URL;
import java.util.List;
import javafx.application.Application;
import javafx.scene.Parent;
import javafx.scene.text.Font;

/** Paper by day and slate by night: one style sheet, two sets of colours. */
public enum Theme {
    /** Warm paper and blue-black ink. */
    PAPER,
    /** Chalk on slate. */
    SLATE;

    /** The size of text at 100 percent, in pixels; the style sheet has the same. */
    public static final double TEXT_SIZE = 13;

    private static final String FOLDER = "/promedio/desktop/";

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
            try (InputStream in = Theme.class.getResourceAsStream(
                    name.startsWith("Roboto")
                            ? "/promedio/files/fonts/" + name + ".ttf"
                            : FOLDER + "fonts/" + name + ".ttf")) {
                Font.loadFont(in, TEXT_SIZE);
            } catch (IOException broken) {
                throw new UncheckedIOException("The font " + name + " could not be read.", broken);
            }
        }
    }

    /** Makes this the theme of all controls. */
    public void wear() {
        URL made = Theme.class.getResource(FOLDER + (this == PAPER ? "paper.bss" : "slate.bss"));
        Application.setUserAgentStylesheet(
                made != null
                        ? made.toExternalForm()
                        : (this == PAPER ? new PrimerLight() : new PrimerDark()).getUserAgentStylesheet());
    }

    /** Our own style sheets; in the form made by the build, one that need not be parsed, where there is that. */
    public static List<String> sheets() {
        URL made = Theme.class.getResource(FOLDER + "promedio.bss");
        return made != null
                ? List.of(made.toExternalForm())
                : StyleSheets.OWN.stream()
                        .map(own -> Theme.class
                                .getResource(FOLDER + own + "/" + own + ".css")
                                .toExternalForm())
                        .toList();
    }

    /** Dresses the root of a scene in this theme, with text of a size in percent of the usual. */
    public void dress(Parent root, int percent) {
        root.getStyleClass().removeAll("paper-theme", "slate-theme");
        root.getStyleClass().add(this == PAPER ? "paper-theme" : "slate-theme");
        root.setStyle(percent == 100 ? "" : "-fx-font-size: " + TEXT_SIZE * percent / 100 + "px;");
    }
}
