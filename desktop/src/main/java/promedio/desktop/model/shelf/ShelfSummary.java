package promedio.desktop.model.shelf;

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
 * @param places where values lie; at most {@link #MOST} places
 */
public record ShelfSummary(SampleSheet sheet, Exact count, List<Place> places) {
    private static final int MOST = 60;

    /**
     * Where a value lies, or a pair.
     *
     * @param across between the smallest, 0, and the largest, 1
     * @param up the same of the second of a pair; 1 for what is no pair
     */
    public record Place(double across, double up) {}

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
        List<Place> places =
                switch (sheet.kind().above()) {
                    case LINE -> strip(sample);
                    case CROSS -> pairs(sample);
                    case NOTHING -> List.of();
                };
        return new ShelfSummary(sheet, sample.count(), places);
    }

    /** The places that a value stands at. */
    private static List<Place> strip(Sample sample) {
        Decimals distinct = sample.ranking().distinct();
        double least = distinct.toDouble(0);
        double width = distinct.toDouble(distinct.size() - 1) - least;
        boolean[] taken = new boolean[MOST];
        for (int i = 0; i < distinct.size(); i++) {
            double share = width > 0 ? (distinct.toDouble(i) - least) / width : 0.5;
            taken[(int) Math.min(MOST - 1L, Math.round(share * (MOST - 1)))] = true;
        }
        List<Place> places = new ArrayList<>();
        for (int i = 0; i < MOST; i++) {
            if (taken[i]) {
                places.add(new Place(i / (MOST - 1.0), 1));
            }
        }
        return places;
    }

    /** Some of the pairs, evenly chosen. */
    private static List<Place> pairs(Sample sample) {
        Sample second = sample.paired().orElseThrow().second();
        int step = 1 + (sample.rows() - 1) / MOST;
        List<Place> places = new ArrayList<>();
        for (int row = 0; row < sample.rows(); row += step) {
            places.add(new Place(share(sample, row), share(second, row)));
        }
        return places;
    }

    private static double share(Sample of, int row) {
        Decimals distinct = of.ranking().distinct();
        double least = distinct.toDouble(0);
        double width = distinct.toDouble(distinct.size() - 1) - least;
        return width > 0 ? (of.values().toDouble(row) - least) / width : 0.5;
    }
}
