package promedio.core.assignment;

import java.util.regex.Pattern;

/** A letter or a sign that stands for a frequency nobody knows yet: {@code p}, {@code f₁}, {@code ?}. */
public final class OpenFrequency {
    private static final Pattern OPEN = Pattern.compile("\\?+|_+|…|\\.{3}|[\\p{L}][₀-₉0-9]?'?");

    private OpenFrequency() {}

    /** Whether a text is such a letter or sign. */
    public static boolean is(String text) {
        return OPEN.matcher(text.strip()).matches();
    }
}
