package promedio.desktop.gallery;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Stream;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.embed.swing.SwingFXUtils;
import javafx.geometry.Rectangle2D;
import javafx.scene.image.Image;
import javafx.scene.robot.Robot;
import javafx.stage.Stage;
import javafx.util.Duration;
import javax.imageio.ImageIO;
import promedio.desktop.formula.Typesetter;
import promedio.desktop.window.MainWindow;

/** Walks the real window through every view in every state and draws each into a picture, and all on a contact sheet. */
public final class Gallery {
    private static final AtomicBoolean FAILED = new AtomicBoolean();
    private static final int COLUMNS = 4;
    private static final int THUMB_WIDTH = 480;
    private static final Duration SETTLING = Duration.millis(180);

    private final Stage stage;
    private final MainWindow window;
    private final Path folder;
    private final List<BufferedImage> pictures = new ArrayList<>();
    private final List<String> names = new ArrayList<>();

    /** A gallery of a window, into a folder. */
    public Gallery(Stage stage, MainWindow window, Path folder) {
        this.stage = stage;
        this.window = window;
        this.folder = folder;
    }

    /** Whether a gallery of this run could not be drawn. */
    public static boolean failed() {
        return FAILED.get();
    }

    /** Draws everything, then calls back. */
    public void draw(Runnable done) {
        try {
            Files.createDirectories(folder);
            try (Stream<Path> old = Files.list(folder)) {
                for (Path picture :
                        old.filter(path -> path.toString().endsWith(".png")).toList()) {
                    Files.delete(picture);
                }
            }
        } catch (IOException broken) {
            fail(broken, done);
            return;
        }
        stage.setWidth(1280);
        stage.setHeight(800);
        next(new Scenes(stage, window).all().iterator(), done);
    }

    private void next(Iterator<Scenes.Shot> shots, Runnable done) {
        if (!shots.hasNext()) {
            finish(done);
            return;
        }
        Scenes.Shot shot = shots.next();
        try {
            shot.set().run();
        } catch (RuntimeException broken) {
            fail(broken, done);
            return;
        }
        settle(() -> {
            try {
                take(shot);
                shot.after().run();
                next(shots, done);
            } catch (IOException | RuntimeException broken) {
                fail(broken, done);
            }
        });
    }

    /** Waits until figures are computed, formulas typeset and the window laid out. */
    private void settle(Runnable then) {
        PauseTransition pause = new PauseTransition(SETTLING);
        pause.setOnFinished(first -> {
            boolean reading = window.model().intake().busyProperty().get()
                    || window.model().isAtWork();
            boolean marking = window.model().classwork().stateProperty().get().busy();
            if (reading || marking) {
                settle(then);
                return;
            }
            var unused = Typesetter.idle()
                    .thenRun(() -> Platform.runLater(() -> {
                        PauseTransition last = new PauseTransition(SETTLING);
                        last.setOnFinished(second -> then.run());
                        last.play();
                    }));
        });
        pause.play();
    }

    private void take(Scenes.Shot shot) throws IOException {
        Image seen = shot.screen()
                ? new Robot()
                        .getScreenCapture(
                                null, new Rectangle2D(stage.getX(), stage.getY(), stage.getWidth(), stage.getHeight()))
                : stage.getScene().snapshot(null);
        BufferedImage picture = SwingFXUtils.fromFXImage(seen, null);
        ImageIO.write(picture, "png", folder.resolve(shot.name() + ".png").toFile());
        pictures.add(picture);
        names.add(shot.name());
    }

    private void finish(Runnable done) {
        try {
            ImageIO.write(sheet(), "png", folder.resolve("contact-sheet.png").toFile());
            System.out.println(pictures.size() + " pictures and a contact sheet in " + folder);
        } catch (IOException broken) {
            fail(broken, done);
            return;
        }
        done.run();
    }

    private BufferedImage sheet() {
        int height = THUMB_WIDTH * 800 / 1280 + 24;
        int rows = (pictures.size() + COLUMNS - 1) / COLUMNS;
        BufferedImage sheet = new BufferedImage(COLUMNS * THUMB_WIDTH, rows * height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = sheet.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        g.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, sheet.getWidth(), sheet.getHeight());
        for (int i = 0; i < pictures.size(); i++) {
            int x = i % COLUMNS * THUMB_WIDTH;
            int y = i / COLUMNS * height;
            BufferedImage picture = pictures.get(i);
            int scaled = Math.min(height - 24, picture.getHeight() * (THUMB_WIDTH - 8) / picture.getWidth());
            g.drawImage(picture, x + 4, y + 20, THUMB_WIDTH - 8, scaled, null);
            g.setColor(Color.DARK_GRAY);
            g.drawString(names.get(i), x + 6, y + 15);
        }
        g.dispose();
        return sheet;
    }

    private static void fail(Exception broken, Runnable done) {
        System.err.println("The gallery could not be drawn: " + broken);
        FAILED.set(true);
        done.run();
    }
}
