package promedio.desktop.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.OpenEnds;
import promedio.core.data.Entries;
import promedio.core.number.Exact;
import promedio.core.sample.SampleKind;
import promedio.core.tabulate.Tabulation;

/**
 * The demo assignment: the log of a repair café in an invented town, made by this small seeded program, so that it is the
 * same everywhere. An imaginary student has answered some of its questions, with typical slips.
 */
public final class Demo {
    private static final long SEED = 20_240_406L;

    private Demo() {}

    /** The assignment with its samples and the student's answers. */
    public static Assignment assignment() {
        List<Edit> edits = new ArrayList<>();
        edits.add(new Edit.Retitle("Repair café, sheet 3"));
        edits.add(new Edit.ChangeCard(CourseCard.STANDARD.with(CardKey.OPEN_ENDS, OpenEnds.SAME_WIDTH)));
        List<SampleSheet> sheets = List.of(minutes(), visitors(), ages(), kilograms(), waiting());
        for (int i = 0; i < sheets.size(); i++) {
            edits.add(new Edit.AddSheet(i, sheets.get(i)));
        }
        edits.addAll(DemoQuestions.posed());
        edits.addAll(DemoAnswers.written());
        edits.add(DemoWorking.written());
        return new Edit.Together("", edits).apply(Assignment.EMPTY);
    }

    /** Minutes at the bench of twenty-four repairs; two were not written down. */
    private static SampleSheet minutes() {
        SplittableRandom random = new SplittableRandom(SEED);
        List<String> entries = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            double tail = -Math.log(1 - random.nextDouble()) * 24;
            long minutes = Math.round(8 + tail);
            entries.add(Long.toString(minutes <= 40 ? minutes : Math.round(minutes / 5.0) * 5));
        }
        entries.set(17, "120");
        entries.set(4, "15");
        entries.set(9, "15");
        entries.add(6, "n/a");
        entries.add(15, "n/a");
        return SampleSheet.list("minutes", "Minutes at the bench", "min", Entries.of(entries))
                .withMissingCodes(java.util.Set.of("n/a"))
                .tabulated(Optional.of(Tabulation.of(Exact.ZERO, Exact.of(20), 7, false)));
    }

    /** Visitors of thirty-one evenings, as a frequency table. */
    private static SampleSheet visitors() {
        SplittableRandom random = new SplittableRandom(SEED + 1);
        int[] times = new int[12];
        for (int evening = 0; evening < 31; evening++) {
            int visitors = 0;
            for (int k = 0; k < 11; k++) {
                visitors += random.nextDouble() < 0.55 ? 1 : 0;
            }
            times[visitors]++;
        }
        List<String> values = new ArrayList<>();
        List<String> frequencies = new ArrayList<>();
        for (int visitors = 0; visitors < times.length; visitors++) {
            if (times[visitors] > 0) {
                values.add(Integer.toString(visitors + 8));
                frequencies.add(Integer.toString(times[visitors]));
            }
        }
        return SampleSheet.frequencies("visitors", "Visitors", "people", Entries.of(values), Entries.of(frequencies));
    }

    /** The age of the item in years, with a word and a slip of the pen among them. */
    private static SampleSheet ages() {
        SplittableRandom random = new SplittableRandom(SEED + 2);
        List<String> entries = new ArrayList<>();
        for (int i = 0; i < 19; i++) {
            entries.add(Integer.toString(1 + random.nextInt(14)));
        }
        entries.add(4, "unknown");
        entries.add(11, "1O");
        entries.add("");
        return SampleSheet.list("ages", "Age of the item", "years", Entries.of(entries));
    }

    /** Weight saved from the tip in kilograms. */
    private static SampleSheet kilograms() {
        SplittableRandom random = new SplittableRandom(SEED + 3);
        List<String> entries = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            long tenths = Math.round(4 + Math.pow(random.nextDouble(), 2.2) * 130);
            entries.add(tenths / 10 + "." + tenths % 10);
        }
        return SampleSheet.list("kilograms", "Weight saved", "kg", Entries.of(entries));
    }

    /** Waiting times as they stand printed in the café’s yearly report: a class table with an open last class. */
    private static SampleSheet waiting() {
        return SampleSheet.table(
                SampleKind.CLASSES,
                "waiting",
                "Waiting time",
                "min",
                Entries.of(
                        "0 to under 5",
                        "5 to under 10",
                        "10 to under 15",
                        "15 to under 20",
                        "20 to under 30",
                        "30 to under 45",
                        "45 and over"),
                Entries.of("18", "27", "26", "34", "31", "17", "7"));
    }
}
