package promedio.desktop.window;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.prefs.Preferences;

/** The assignments last used, remembered from one start to the next. */
public final class Recents {
    private static final int MOST = 6;

    private final Preferences kept;
    private final List<Path> paths = new ArrayList<>();

    private Recents(Preferences kept) {
        this.kept = kept;
        for (int i = 0; kept != null && i < MOST; i++) {
            String path = kept.get(Integer.toString(i), "");
            if (!path.isEmpty()) {
                paths.add(Path.of(path));
            }
        }
    }

    /** Remembered among the preferences of this user. */
    public static Recents ofUser() {
        return new Recents(Preferences.userRoot().node("promedio").node("recent"));
    }

    /** Remembered while the program runs. */
    public static Recents none() {
        return new Recents(null);
    }

    /** Those that are still there, the last one first. */
    List<Path> list() {
        return paths.stream().filter(Files::isRegularFile).toList();
    }

    void add(Path path) {
        Path whole = path.toAbsolutePath().normalize();
        paths.remove(whole);
        paths.add(0, whole);
        while (paths.size() > MOST) {
            paths.remove(MOST);
        }
        for (int i = 0; kept != null && i < paths.size(); i++) {
            String text = paths.get(i).toString();
            if (text.length() <= Preferences.MAX_VALUE_LENGTH) {
                kept.put(Integer.toString(i), text);
            }
        }
    }
}
