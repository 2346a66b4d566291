package promedio.core.picture;

import java.util.Optional;
import promedio.core.sentence.Sentence;

/**
 * A picture, or why there is none.
 *
 * @param picture the picture
 * @param why why there is none, and what would do
 */
public record Pictured(Optional<Picture> picture, Optional<Sentence> why) {
    static Pictured of(Picture picture) {
        return new Pictured(Optional.of(picture), Optional.empty());
    }

    static Pictured none(String key, Object... facts) {
        return new Pictured(Optional.empty(), Optional.of(Sentence.of(key, facts)));
    }

    static Pictured none(Sentence why) {
        return new Pictured(Optional.empty(), Optional.of(why));
    }
}
