package promedio.desktop.model.desk;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.prefs.Preferences;

/** What a person has chosen for themselves and finds again at the next start, whatever assignment is open. */
public final class Habits {
    private final Preferences kept;
    private final Map<String, String> chosen = new HashMap<>();

    private Habits(Preferences kept) {
        this.kept = kept;
    }

    /** Those of this user. */
    public static Habits ofUser() {
        return in(Preferences.userRoot().node("promedio").node("habits"));
    }

    /** Those that are kept in some preferences. */
    public static Habits in(Preferences kept) {
        return new Habits(kept);
    }

    /** Some that are forgotten when the program ends. */
    public static Habits none() {
        return new Habits(null);
    }

    private String text(String key) {
        return kept == null ? chosen.getOrDefault(key, "") : kept.get(key, "");
    }

    private void keep(String key, String text) {
        if (kept == null) {
            chosen.put(key, text);
        } else {
            kept.put(key, text);
        }
    }

    /** A whole number; what is usual where none, or nonsense, is kept. */
    public int number(String key, int usual) {
        try {
            return Integer.parseInt(text(key));
        } catch (NumberFormatException none) {
            return usual;
        }
    }

    /** Keeps a whole number. */
    public void keep(String key, int number) {
        keep(key, Integer.toString(number));
    }

    /** One of a few; what is usual where none is kept. */
    public <E extends Enum<E>> E one(String key, E usual) {
        Set<E> found = some(key, EnumSet.of(usual));
        return found.isEmpty() ? usual : found.iterator().next();
    }

    /** Keeps one of a few. */
    public <E extends Enum<E>> void keep(String key, E one) {
        keep(key, EnumSet.of(one));
    }

    /** Several of a few, maybe none of them; what is usual where nothing was kept. */
    public <E extends Enum<E>> Set<E> some(String key, EnumSet<E> usual) {
        String text = text(key);
        if (text.isEmpty()) {
            return EnumSet.copyOf(usual);
        }
        Set<String> names = Set.of(text.split(" ", -1));
        Set<E> found = EnumSet.copyOf(usual);
        found.addAll(EnumSet.complementOf(usual));
        found.removeIf(one -> !names.contains(name(one)));
        return found;
    }

    /** Keeps several of a few. */
    public <E extends Enum<E>> void keep(String key, Set<E> some) {
        StringBuilder text = new StringBuilder("=");
        some.forEach(one -> text.append(' ').append(name(one)));
        keep(key, text.toString());
    }

    private static String name(Enum<?> one) {
        return one.name().toLowerCase(Locale.ROOT);
    }
}
