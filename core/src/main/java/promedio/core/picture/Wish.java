package promedio.core.picture;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * A picture that is wished for; whatever is not said is chosen.
 *
 * @param kind which kind
 * @param settings what is said of it
 */
public record Wish(PictureKind kind, Map<Setting, String> settings) {
    /** Copies the settings. @throws IllegalArgumentException for a choice that a setting does not have */
    public Wish {
        settings.forEach((setting, value) -> {
            if (!setting.choices().isEmpty() && !setting.choices().contains(value)) {
                throw new IllegalArgumentException(setting.id() + " has no choice " + value + ".");
            }
        });
        settings = Map.copyOf(settings);
    }

    /** A picture of a kind of which nothing more is said. */
    public static Wish of(PictureKind kind) {
        return new Wish(kind, Map.of());
    }

    /** What is said of a setting; empty where nothing is, or blanks. */
    public Optional<String> get(Setting setting) {
        return Optional.ofNullable(settings.get(setting)).map(String::strip).filter(text -> !text.isEmpty());
    }

    /** Whether a setting has a value. */
    public boolean is(Setting setting, String value) {
        return value.equals(settings.get(setting));
    }

    /** With something else said; nothing more for an empty text. */
    public Wish with(Setting setting, String value) {
        Map<Setting, String> changed = new EnumMap<>(Setting.class);
        changed.putAll(settings);
        if (value.isBlank()) {
            changed.remove(setting);
        } else {
            changed.put(setting, value);
        }
        return new Wish(kind, changed);
    }

    /** The same of another kind. */
    public Wish as(PictureKind other) {
        return new Wish(other, settings);
    }
}
