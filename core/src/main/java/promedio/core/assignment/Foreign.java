package promedio.core.assignment;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;

/**
 * What a file holds that this version does not know: it is told, never read as something else, and written back as it stood.
 *
 * @param rules rules of the course card, or known ones with unknown choices, by key, each as its file has it
 * @param samples samples of kinds that are not known
 * @param pieces what stands elsewhere in the file and is not what the format says
 */
public record Foreign(Map<String, String> rules, List<Unread> samples, List<Piece> pieces) {
    /** Nothing. */
    public static final Foreign NOTHING = new Foreign(Map.of(), List.of(), List.of());

    private static final int MOST_TOLD = 3;
    private static final int LONGEST = 40;

    /**
     * What cannot be read as the format says.
     *
     * @param at where it stood in the document, as a JSON pointer
     * @param value it itself, as JSON
     */
    public record Piece(String at, String value) {}

    /**
     * A sample of a kind that is not known.
     *
     * @param at its place on the shelf
     * @param id its id
     * @param name what it is called
     * @param kind the kind, as its file calls it
     * @param description what its file says of it
     * @param content its entries, as its file has them
     */
    public record Unread(int at, String id, String name, String kind, String description, String content) {}

    /** Copies what it is given. */
    public Foreign {
        rules = Collections.unmodifiableMap(new LinkedHashMap<>(rules));
        samples = List.copyOf(samples);
        pieces = List.copyOf(pieces);
    }

    /** The same as it may be handed to somebody else: without what nobody could read. */
    public Foreign withoutPieces() {
        return new Foreign(rules, samples, List.of());
    }

    /** What is left of the rules once other choices were made on the card. */
    Foreign after(CourseCard before, CourseCard now) {
        Map<String, String> left = new LinkedHashMap<>(rules);
        left.keySet().removeIf(rule -> CardKey.find(rule)
                .filter(key -> !before.get(key).equals(now.get(key)))
                .isPresent());
        return new Foreign(left, samples, pieces);
    }

    /** A sentence on each. */
    public List<Sentence> told() {
        List<Sentence> told = new ArrayList<>();
        rules.forEach((key, choice) -> told.add(Sentence.of("foreign.rule", key, choice)));
        samples.forEach(sample -> told.add(Sentence.of("foreign.sample", sample.name(), sample.kind())));
        if (!pieces.isEmpty()) {
            String shown = pieces.stream()
                    .limit(MOST_TOLD)
                    .map(piece -> Visible.line(piece.at(), LONGEST) + " " + Visible.line(piece.value(), LONGEST))
                    .collect(Collectors.joining("; "));
            String more = pieces.size() > MOST_TOLD ? shown + "; …" : shown;
            told.add(
                    pieces.size() == 1
                            ? Sentence.of("foreign.piece", more)
                            : Sentence.of("foreign.pieces", pieces.size(), more));
        }
        return told;
    }
}
