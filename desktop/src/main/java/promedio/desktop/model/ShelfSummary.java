package promedio.desktop.model;

import java.util.ArrayList;
import java.util.List;
import promedio.core.assignment.Interpretation;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CourseCard;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;

/**
 * What the shelf shows of a sample: how many values, and where they lie.
 *
 * @param sheet the sample
 * @param count n
 * @param places where values lie between the smallest, 0, and the largest, 1; at most {@link #MOST} of them
 */
public record ShelfSummary(SampleSheet sheet, Exact count, List<Double> places) {
    private static final int MOST = 60;

    /** Copies the places. */
    public ShelfSummary {
        places = List.copyOf(places);
    }

    /** Reads a sheet for the shelf. */
    public static ShelfSummary of(SampleSheet sheet, CourseCard card) {
        Sample sample = Interpretation.of(sheet, card).sample();
        if (sample.isEmpty() || sample.rows() == 0) {
            return new ShelfSummary(sheet, sample.count(), List.of());
        }
        Decimals distinct = sample.ranking().distinct();
        double least = distinct.toDouble(0);
        double width = distinct.toDouble(distinct.size() - 1) - least;
        boolean[] taken = new boolean[MOST];
        for (int i = 0; i < distinct.size(); i++) {
            double share = width > 0 ? (distinct.toDouble(i) - least) / width : 0.5;
            taken[(int) Math.min(MOST - 1L, Math.round(share * (MOST - 1)))] = true;
        }
        List<Double> places = new ArrayList<>();
        for (int i = 0; i < MOST; i++) {
            if (taken[i]) {
                places.add(i / (MOST - 1.0));
            }
        }
        return new ShelfSummary(sheet, sample.count(), places);
    }
}
