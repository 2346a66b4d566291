package promedio.desktop.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.prefs.Preferences;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import promedio.desktop.demo.Demo;
import promedio.desktop.formula.Typesetter;
import promedio.desktop.gallery.Gallery;
import promedio.desktop.model.Background;
import promedio.desktop.model.DeskModel;
import promedio.desktop.text.Words;
import promedio.desktop.theme.Theme;
import promedio.files.assignment.Journal;

/** The JavaFX application: one window. */
public final class PromedioApp extends Application {
    /** Runs the application and returns when its window is closed. */
    public static int run(String file, boolean demo, boolean walk) {
        System.setProperty("java.awt.headless", "true");
        launch(PromedioApp.class, file == null ? "" : file, demo ? "demo" : "", walk ? "walk" : "");
        return Gallery.failed() ? 1 : 0;
    }

    @Override
    public void start(Stage stage) {
        Theme.loadFonts();
        Background background = Background.worker();
        boolean walk = getParameters().getRaw().get(2).equals("walk");
        DeskModel desk = walk ? new DeskModel(background) : new DeskModel(background, Journal.in(journals()));
        MainWindow window = new MainWindow(desk, background);
        window.setPicker(FilePicker.over(stage));
        if (!walk) {
            window.files().setRecents(Recents.ofUser());
        }
        stage.setScene(window.scene());
        stage.setMinWidth(900);
        stage.setMinHeight(600);
        stage.titleProperty()
                .bind(javafx.beans.binding.Bindings.createStringBinding(
                        () -> window.model().assignment().title().isEmpty()
                                ? "Promedio"
                                : window.model().assignment().title() + " · Promedio",
                        window.model().assignmentProperty()));
        List<String> arguments = getParameters().getRaw();
        if (!walk) {
            remember(stage);
            offerLeftOver(window);
        }
        stage.setOnCloseRequest(close -> {
            if (window.mayLeave()) {
                desk.end();
            } else {
                close.consume();
            }
        });
        if (arguments.get(1).equals("demo")) {
            window.model().show(Demo.assignment(), null);
        } else if (!arguments.get(0).isEmpty()) {
            window.files().take(Path.of(arguments.get(0)));
        }
        stage.show();
        window.focusTyping();
        Typesetter.warmUp();
        if (walk) {
            new Gallery(stage, window, Path.of("target", "gallery")).draw(Platform::exit);
        }
    }

    /** Where journals are kept: a folder of the user's own. */
    private static Path journals() {
        String home = System.getenv("XDG_DATA_HOME");
        Path data = home == null || home.isBlank()
                ? Path.of(System.getProperty("user.home"), ".local", "share")
                : Path.of(home);
        return data.resolve("promedio").resolve("journals");
    }

    private static void offerLeftOver(MainWindow window) {
        try {
            window.offer(Journal.leftIn(journals()));
        } catch (IOException problem) {
            window.model().say(Words.of("message.journal", problem.getMessage()));
        }
    }

    /** Keeps place and size of the window from one start to the next. */
    private static void remember(Stage stage) {
        Preferences kept = Preferences.userRoot().node("promedio").node("window");
        stage.setWidth(kept.getDouble("width", 1280));
        stage.setHeight(kept.getDouble("height", 800));
        stage.setMaximized(kept.getBoolean("maximized", false));
        stage.setOnHidden(hidden -> {
            kept.putBoolean("maximized", stage.isMaximized());
            if (!stage.isMaximized()) {
                kept.putDouble("width", stage.getWidth());
                kept.putDouble("height", stage.getHeight());
            }
        });
    }
}
