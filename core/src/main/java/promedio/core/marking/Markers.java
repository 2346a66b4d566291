package promedio.core.marking;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Function;
import promedio.core.course.CourseCard;
import promedio.core.measure.MeasuredIn;
import promedio.core.sample.Sample;

/** The markers of one sample, one for each card that its questions are marked under: a question may ask for other places. */
public final class Markers {
    private final Sample sample;
    private final Function<CourseCard, Sample> reading;
    private final MeasuredIn units;
    private final Map<CourseCard, Marker> made = new HashMap<>();

    /**
     * No markers yet.
     *
     * @param reading the sample as it is read under another card
     * @param units the units of its values
     */
    public Markers(Sample sample, Function<CourseCard, Sample> reading, MeasuredIn units) {
        this.sample = sample;
        this.reading = reading;
        this.units = units;
    }

    /** The marker under a card. */
    public Marker under(CourseCard card) {
        return made.computeIfAbsent(card, one -> new Marker(sample, one, reading, units));
    }
}
