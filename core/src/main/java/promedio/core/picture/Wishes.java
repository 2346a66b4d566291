package promedio.core.picture;

import java.util.EnumMap;
import java.util.Map;
import java.util.TreeMap;

/**
 * What is said of the pictures of a sample or table, by {@code setting} for all of them or {@code kind/setting} for those of a kind.
 * What is not known here is kept.
 *
 * @param said what is said
 */
public record Wishes(Map<String, String> said) {
    /** Nothing is said. */
    public static final Wishes NONE = new Wishes(Map.of());

    /** Copies the map. */
    public Wishes {
        said = java.util.Collections.unmodifiableMap(new TreeMap<>(said));
    }

    private static String key(PictureKind kind, Setting setting) {
        return setting.isShared() ? setting.id() : kind.id() + "/" + setting.id();
    }

    /** The picture of a kind that is wished for; a choice that is not known says nothing. */
    public Wish of(PictureKind kind) {
        Map<Setting, String> settings = new EnumMap<>(Setting.class);
        for (Setting setting : Setting.values()) {
            String value = said.get(key(kind, setting));
            boolean known = value != null
                    && (setting.choices().isEmpty() || setting.choices().contains(value));
            if (known) {
                settings.put(setting, value);
            }
        }
        return new Wish(kind, settings);
    }

    /** With something else said of a setting; nothing more for an empty text. */
    public Wishes with(PictureKind kind, Setting setting, String value) {
        Map<String, String> changed = new TreeMap<>(said);
        if (value.isBlank()) {
            changed.remove(key(kind, setting));
        } else {
            changed.put(key(kind, setting), value.strip());
        }
        return new Wishes(changed);
    }
}
