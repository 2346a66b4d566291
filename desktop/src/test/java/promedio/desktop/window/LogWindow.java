package promedio.desktop.window;

import java.nio.file.Files;
import java.nio.file.Path;
import promedio.desktop.model.table.TableTrail;

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
        openTable(Files.writeString(folder.resolve("log.csv"), LOG));
        eventually(() -> trodden() != null);
    }
}
