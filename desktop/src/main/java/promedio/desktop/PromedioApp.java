package promedio.desktop;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.prefs.Preferences;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import promedio.core.sentence.Visible;
import promedio.desktop.control.FirstPicture;
import promedio.desktop.demo.Demo;
import promedio.desktop.formula.Typesetter;
import promedio.desktop.gallery.Gallery;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Background;
import promedio.desktop.model.desk.Habits;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.desk.Lanes;
import promedio.desktop.model.reading.LeftBehind;
import promedio.desktop.text.Words;
import promedio.desktop.theme.Theme;
import promedio.desktop.window.FilePicker;
import promedio.desktop.window.MainWindow;
import promedio.desktop.window.Recents;
import promedio.files.assignment.Journal;
import promedio.files.assignment.LeftOver;

/** The JavaFX application: one window. */
public final class PromedioApp extends Application {
    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;
    private static final int LONGEST_TITLE = 100;

    // Made ready while JavaFX starts.
    private static final CompletableFuture<Void> STARTED = new CompletableFuture<>();
    private static final Lanes LANES = Lanes.workers(STARTED);
    private static CompletableFuture<DeskModel> deskReady;
    private static CompletableFuture<LeftBehind> left;
    private static CompletableFuture<Recents> recents;

    /** Runs the application and returns when its window is closed. */
    public static int run(String file, boolean demo, boolean walk) {
        System.setProperty("java.awt.headless", "true");
        Quiet.begin();
        deskReady = CompletableFuture.supplyAsync(() -> desk(demo, walk));
        if (!walk) {
            recents = CompletableFuture.supplyAsync(Recents::ofUser);
            left = CompletableFuture.supplyAsync(PromedioApp::leftOver);
        }
        launch(PromedioApp.class, file == null ? "" : file, demo ? "demo" : "", walk ? "walk" : "");
        return Gallery.failed() ? 1 : 0;
    }

    @Override
    public void start(Stage stage) {
        Theme.loadFonts();
        STARTED.complete(null);
        boolean walk = getParameters().getRaw().get(2).equals("walk");
        DeskModel desk = deskReady.join();
        Thread.currentThread().setUncaughtExceptionHandler((thread, failure) -> desk.failed(failure));
        List<String> arguments = getParameters().getRaw();
        FirstPicture.await();
        MainWindow window = new MainWindow(desk);
        window.setPicker(FilePicker.over(stage));
        stage.setScene(window.scene());
        stage.setWidth(WIDTH);
        stage.setHeight(HEIGHT);
        stage.setMinWidth(900);
        stage.setMinHeight(600);
        stage.titleProperty()
                .bind(javafx.beans.binding.Bindings.createStringBinding(
                        () -> window.model().assignment().title().isEmpty()
                                ? "Promedio"
                                : Visible.line(window.model().assignment().title(), LONGEST_TITLE) + " · Promedio",
                        window.model().assignmentProperty()));
        if (!walk) {
            remember(stage);
            window.setRecents(recents.join());
        }
        // Who comes back from another program may have changed there what a step joins.
        stage.focusedProperty().addListener((property, before, focused) -> {
            if (focused) {
                desk.trail().joins().lookAgain();
            }
        });
        stage.setOnCloseRequest(close -> {
            close.consume();
            window.leave(stage::hide);
        });
        if (!arguments.get(0).isEmpty()) {
            window.files().take(Path.of(arguments.get(0)));
        }
        Typesetter.hold();
        // After figures that have come meanwhile, so that the first picture has them.
        Platform.runLater(() -> {
            double width = stage.getWidth();
            double height = stage.getHeight();
            window.fit(width);
            stage.show();
            if (!stage.isMaximized()) {
                // Some window managers give a new window the smallest size it allows, whatever was asked.
                stage.setWidth(width);
                stage.setHeight(height);
            }
            window.focusTyping();
            whenUsable(desk, Typesetter::release);
            if (!walk) {
                left.thenAccept(kept -> Platform.runLater(() -> window.offer(kept)))
                        .exceptionally(unreadable -> {
                            String why = unreadable.getCause().getMessage();
                            Platform.runLater(() -> window.model().say(Words.of("message.left-over", why)));
                            return null;
                        });
            }
            if (walk) {
                new Gallery(stage, window, Path.of("target", "gallery")).draw(Platform::exit);
            }
        });
    }

    /** The desk, with the figures of the demo on their way. */
    private static DeskModel desk(boolean demo, boolean walk) {
        DeskModel desk = walk
                ? new DeskModel(LANES, LANES.of(Lane.WRITING), null, Habits.none())
                : new DeskModel(LANES, Background.worker("disk", STARTED), Journal.in(journals()), Habits.ofUser());
        if (demo) {
            desk.show(Demo.assignment(), null);
        }
        return desk;
    }

    /** Calls back when the window has drawn the figures that it has to show, and then what can come after them. */
    private static void whenUsable(DeskModel desk, Runnable then) {
        new AnimationTimer() {
            private int pictures;

            @Override
            public void handle(long now) {
                boolean waiting = desk.figuresProperty().get() == null
                        && desk.busyProperty().get();
                pictures = waiting ? 0 : pictures + 1;
                if (pictures == 2) {
                    FirstPicture.seen();
                } else if (pictures == 4) {
                    stop();
                    then.run();
                }
            }
        }.start();
    }

    /** Where journals are kept: a folder of the user's own. */
    private static Path journals() {
        String home = System.getenv("XDG_DATA_HOME");
        Path data = home == null || home.isBlank()
                ? Path.of(System.getProperty("user.home"), ".local", "share")
                : Path.of(home);
        return data.resolve("promedio").resolve("journals");
    }

    private static LeftBehind leftOver() {
        try {
            return LeftBehind.in(LeftOver.in(journals()));
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable.getMessage(), unreadable);
        }
    }

    /** Keeps place and size of the window from one start to the next. */
    private static void remember(Stage stage) {
        Preferences kept = Preferences.userRoot().node("promedio").node("window");
        stage.setWidth(kept.getDouble("width", WIDTH));
        stage.setHeight(kept.getDouble("height", HEIGHT));
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
