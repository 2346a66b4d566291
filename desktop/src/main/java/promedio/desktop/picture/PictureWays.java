package promedio.desktop.picture;

import java.util.List;
import promedio.files.picture.PictureFiles;

/** What the page Picture asks of the window: files. */
public interface PictureWays {
    /** Asks where a table is to be written, as CSV. */
    void writeTable(List<List<String>> rows, String name);

    /** Asks where a picture is to be written, and writes it there in the format that its name tells. */
    void writePicture(PictureFiles files, String name, double scale);
}
