package promedio.desktop.window;

import java.nio.file.Files;
import java.nio.file.Path;
import promedio.desktop.model.TableTrail;

/** The real window with a small log of repairs as a data table. */
abstract class LogWindow extends OpenWindow {
    static final String LOG =
            """
            Item,Minutes,Bench
            lamp,12,Oak
            radio,45,Elm
            lamp,n/a,Oak
            lamp,20,Oak
            radio,9,Elm
            lamp,30,Oak
            lamp,31,Elm
            radio,8,Oak
            radio,15,Elm
            lamp,16,Oak
            radio,17,Elm
            """;

    static TableTrail.Trodden trodden() {
        return desk.trail().troddenProperty().get();
    }

    void open(Path folder) throws Exception {
        Path file = Files.writeString(folder.resolve("log.csv"), LOG);
        onWindow(() -> {
            desk.filing().typeFile(file);
            return null;
        });
        settle();
        eventually(() -> desk.fileReading().stateProperty().get() != null);
        onWindow(() -> {
            desk.takeColumns();
            return null;
        });
        eventually(() -> !desk.assignment().tables().isEmpty());
        onWindow(() -> {
            desk.select(desk.assignment().tables().get(0).id());
            return null;
        });
        eventually(() -> trodden() != null);
    }
}
