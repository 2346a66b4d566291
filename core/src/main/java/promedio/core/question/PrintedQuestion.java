package promedio.core.question;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.pasted.Found;
import promedio.core.pasted.Reading;
import promedio.core.sentence.Sentence;

/**
 * A question as it is printed: definitions for questions, section 18.
 *
 * @param text its words, as they stand
 * @param number its number on the sheet; empty where it has none
 * @param readings the sensible readings of its data, the likeliest first; none where there are no data
 * @param given what is said to be given, by name
 * @param asked what is asked, in the order of the text, each once
 * @param open what a person must do, in its words
 * @param told what decided, and what was not understood, a sentence each
 */
public record PrintedQuestion(
        String text,
        Optional<String> number,
        List<Reading> readings,
        Map<String, String> given,
        List<Wanted> asked,
        List<String> open,
        List<Sentence> told) {
    /** Copies lists and map. */
    public PrintedQuestion {
        readings = List.copyOf(readings);
        given = Collections.unmodifiableMap(new LinkedHashMap<>(given));
        asked = List.copyOf(asked);
        open = List.copyOf(open);
        told = List.copyOf(told);
    }

    /** The samples of the likeliest reading. */
    public List<Found> samples() {
        return readings.isEmpty() ? List.of() : readings.get(0).samples();
    }

    /** Whether anything is asked, of the program or of a person. */
    public boolean asks() {
        return !asked.isEmpty() || !open.isEmpty();
    }

    /**
     * A quantity that is asked.
     *
     * @param measure the key of its measure; without a convention where the course decides
     * @param of which of the samples it is of, from 0
     * @param words the words that ask for it
     * @param places how many decimal places are asked; empty where nobody says
     * @param figures how many significant figures; empty where nobody says
     * @param method the hand method that is asked for; empty where none is named
     * @param part the letter of the part that asks for it; empty where there are no parts
     */
    public record Wanted(
            String measure,
            int of,
            String words,
            Optional<Integer> places,
            Optional<Integer> figures,
            Optional<String> method,
            Optional<String> part) {}
}
