package promedio.core.marking;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Function;
import promedio.core.course.CourseCard;
import promedio.core.sample.Sample;

/** The markers of one sample, one for each card that its questions are marked under: a question may ask for other places. */
public final class Markers {
    private final Sample sample;
    private final Function<CourseCard, Sample> reading;
    private final String unit;
    private final Map<CourseCard, Marker> made = new HashMap<>();

    /**
     * No markers yet.
     *
     * @param reading the sample as it is read under another card
     * @param unit the unit of its values; empty where they have none
     */
    public Markers(Sample sample, Function<CourseCard, Sample> reading, String unit) {
        this.sample = sample;
        this.reading = reading;
        this.unit = unit;
    }

    /** The marker under a card. */
    public Marker under(CourseCard card) {
        return made.computeIfAbsent(card, one -> new Marker(sample, one, reading, unit));
    }
}
