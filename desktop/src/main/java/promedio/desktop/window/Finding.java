package promedio.desktop.window;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Task;
import promedio.core.report.MeasureLine;
import promedio.core.sentence.Visible;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Page;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.text.Words;

/** Finds what an assignment holds by what it is called. */
final class Finding {
    private static final int LONGEST = 60;

    private final DeskModel model;
    private final Consumer<String> reveal;
    /** Everyday words for measures, by question. */
    private final Map<String, String> also = new HashMap<>();

    /** @param reveal goes to the row of a measure of the sample that is looked at */
    Finding(DeskModel model, Consumer<String> reveal) {
        this.model = model;
        this.reveal = reveal;
        for (String one : Words.of("find.also").split(";", -1)) {
            String[] parts = one.split(":", 2);
            also.put(parts[0].strip(), parts[1].strip().toLowerCase(Locale.getDefault()));
        }
    }

    /** Whether there is nothing that could be found. */
    boolean isEmpty() {
        return model.assignment().sheets().isEmpty()
                && model.assignment().tables().isEmpty();
    }

    /** What is called so, measures of the sample that is looked at first. */
    List<Findable> of(String text, int most) {
        String typed = text.strip().toLowerCase(Locale.getDefault());
        List<Findable> found = new ArrayList<>();
        SheetFigures figures = model.figuresProperty().get();
        if (figures != null) {
            figures.lines().stream().filter(line -> matches(line, typed)).forEach(line -> found.add(measure(line)));
        }
        if (!typed.isEmpty()) {
            found.addAll(things(typed));
        }
        return found.stream().limit(most).toList();
    }

    private Findable measure(MeasureLine line) {
        boolean covered = model.margin().covers(line.question());
        return new Findable(
                Words.of(line.label()),
                covered ? "" : Words.of(line.shown()) + " " + line.unit(),
                Optional.of(line),
                () -> reveal.accept(line.question()));
    }

    /** Samples, tables and questions. */
    private List<Findable> things(String typed) {
        Assignment assignment = model.assignment();
        List<Findable> found = new ArrayList<>();
        assignment.sheets().stream()
                .filter(sheet -> begins(sheet.name(), typed))
                .forEach(sheet ->
                        found.add(thing(sheet.name(), Words.of("find.sample"), () -> model.select(sheet.id()))));
        assignment.tables().stream()
                .filter(table -> begins(table.name(), typed))
                .forEach(table ->
                        found.add(thing(table.name(), Words.of("find.table"), () -> model.select(table.id()))));
        for (Task task : assignment.tasks().all()) {
            int number = assignment.tasks().number(task);
            String name = number + ". " + task.text();
            if (!task.text().isEmpty()
                    && (begins(task.text(), typed) || Integer.toString(number).equals(typed))) {
                String about = assignment
                        .sheet(task.question().sheetId())
                        .map(sheet -> sheet.name())
                        .orElse("");
                found.add(thing(name, Words.of("find.question", about), () -> {
                    model.select(task.question().sheetId());
                    model.looking().pageProperty().set(Page.MEASURES);
                    reveal.accept(task.question().measure());
                }));
            }
        }
        return found;
    }

    private static Findable thing(String name, String says, Runnable go) {
        return new Findable(Visible.line(name, LONGEST), says, Optional.empty(), go);
    }

    /** Every word typed begins a word of the name or of what it is called every day, or the whole is the symbol. */
    private boolean matches(MeasureLine line, String typed) {
        String plain = line.symbol().text().toLowerCase(Locale.getDefault());
        return begins(Words.of(line.label()), typed)
                || plain.equals(typed)
                || line.question().equals(typed.replace(' ', '-'))
                || typed.length() > 2
                        && Arrays.stream(also.getOrDefault(line.question(), "").split(",", -1))
                                .anyMatch(words -> begins(words, typed));
    }

    private static boolean begins(String name, String typed) {
        String lower = " " + name.toLowerCase(Locale.getDefault());
        return Arrays.stream(typed.split("\\s+", -1))
                .allMatch(word -> lower.contains(" " + word) || lower.contains("-" + word));
    }
}
