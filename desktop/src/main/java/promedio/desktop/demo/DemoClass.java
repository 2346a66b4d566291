package promedio.desktop.demo;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Interpretation;
import promedio.core.assignment.Task;
import promedio.core.formula.Evaluation;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.number.Figure;
import promedio.core.number.HalfRule;
import promedio.core.sample.Sample;
import promedio.core.slip.Asked;
import promedio.core.slip.Slip;
import promedio.core.slip.Slips;

/** What an invented class answered to the demo assignment: many right, many with a common mistake, some anything, some nothing. */
public final class DemoClass {
    private static final long SEED = 20_310_601L;
    private static final int PLACES = 2;
    private static final int COMMON = 4;
    private static final List<String> NAMES = List.of(
            "Ada", "Bo", "Carla", "Dinh", "Elif", "Farid", "Greta", "Hugo", "Ines", "Jonas", "Kaja", "Luis", "Mira",
            "Noor", "Olga", "Pia", "Quentin", "Rosa", "Sven", "Tara", "Umut", "Vera", "Wim", "Yara");

    private final SplittableRandom random = new SplittableRandom(SEED);

    private DemoClass() {}

    /** Writes the answers to an assignment’s questions into a folder: a student a row. */
    public static Path write(Path folder, Assignment assignment) throws IOException {
        return Files.writeString(
                folder.resolve("answers.csv"), new DemoClass().text(assignment), StandardCharsets.UTF_8);
    }

    private String text(Assignment assignment) {
        List<Task> tasks = assignment.tasks().all();
        StringBuilder text = new StringBuilder("Name,")
                .append(IntStream.rangeClosed(1, tasks.size())
                        .mapToObj(Integer::toString)
                        .collect(Collectors.joining(",")))
                .append('\n');
        for (String name : NAMES) {
            text.append(name);
            tasks.forEach(task -> text.append(',').append(answer(assignment, task)));
            text.append('\n');
        }
        return text.toString();
    }

    private String answer(Assignment assignment, Task task) {
        Sample sample = Interpretation.of(
                        assignment.sheet(task.question().sheetId()).orElseThrow(), assignment.card())
                .sample();
        Measure measure = Catalogue.of(sample)
                .find(task.question().measure(), assignment.card())
                .orElseThrow();
        Figure right = measure.outcome(Evaluation.of(sample)).single().orElseThrow();
        double luck = random.nextDouble();
        if (luck < 0.07) {
            return "";
        }
        if (luck < 0.62) {
            return written(right);
        }
        return luck < 0.92 ? written(mistaken(measure, sample, right)) : Integer.toString(random.nextInt(5, 60));
    }

    /** What a common mistake leads to. */
    private Figure mistaken(Measure measure, Sample sample, Figure right) {
        Asked asked = Asked.of(measure, Evaluation.of(sample));
        List<Figure> figures = new ArrayList<>();
        for (Slip slip : Slips.all()) {
            if (slip.commonness() >= COMMON) {
                slip.changes()
                        .apply(asked)
                        .forEach(changed -> changed.way().figure().ifPresent(figures::add));
            }
        }
        return figures.isEmpty() ? right : figures.get(random.nextInt(figures.size()));
    }

    private static String written(Figure figure) {
        return figure.toPlaces(PLACES, HalfRule.HALF_UP).toPlainString();
    }
}
