package promedio.core.language;

/**
 * A stretch of what was written, in characters.
 *
 * @param from where it begins, from 0
 * @param to behind its last character
 */
public record Place(int from, int to) {
    /** The stretch from here to the end of another. */
    public Place to(Place other) {
        return new Place(from, other.to);
    }
}
