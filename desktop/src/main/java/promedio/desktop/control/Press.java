package promedio.desktop.control;

import javafx.scene.control.Hyperlink;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.Region;
import promedio.desktop.text.Words;

/** Words that do something when they are pressed, in a page or in a menu. */
public final class Press {
    private Press() {}

    /** Words of the bundle that are never cut. */
    public static Hyperlink link(String key, String id, Runnable action) {
        Hyperlink link = new Hyperlink(Words.of(key));
        link.setId(id);
        link.setMinWidth(Region.USE_PREF_SIZE);
        link.setOnAction(press -> action.run());
        return link;
    }

    /** Words in a menu, as they stand. */
    public static MenuItem item(String id, String words, Runnable action) {
        MenuItem item = new MenuItem(words);
        item.setId(id);
        item.setMnemonicParsing(false);
        item.setOnAction(press -> action.run());
        return item;
    }

    /** A line between; what is drawn of it lies over its neighbours, and must not take the pointer from them. */
    public static SeparatorMenuItem separator() {
        SeparatorMenuItem separator = new SeparatorMenuItem();
        separator.getContent().setMouseTransparent(true);
        return separator;
    }
}
