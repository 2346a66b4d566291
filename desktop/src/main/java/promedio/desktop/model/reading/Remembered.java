package promedio.desktop.model.reading;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CourseCard;
import promedio.core.pasted.Found;
import promedio.core.pasted.Pasted;
import promedio.core.pasted.Reading;
import promedio.core.question.PrintedQuestion;
import promedio.core.question.QuestionReader;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.desk.Latest;

/** How the samples on the desk were read: as they were made, and found out anew from the texts that are kept with them. */
final class Remembered {
    private static final int MOST_NOTES = 24;

    private final Desk desk;
    private final Deque<HowRead> notes = new ArrayDeque<>();
    private final ReadOnlyIntegerWrapper count = new ReadOnlyIntegerWrapper();
    private final Latest reading;

    Remembered(Desk desk) {
        this.desk = desk;
        reading = new Latest(desk, Lane.READING);
    }

    /** How a sample was read, while its entries stand as they were read. */
    Optional<HowRead> of(SampleSheet sheet) {
        return notes.stream().filter(note -> note.made(sheet)).findFirst();
    }

    /** How often notes have come that were not there before. */
    ReadOnlyIntegerProperty countProperty() {
        return count.getReadOnlyProperty();
    }

    /** Remembers how samples were read that were made just now. */
    void add(HowRead note) {
        notes.addFirst(note);
        while (notes.size() > MOST_NOTES) {
            notes.removeLast();
        }
    }

    /** Finds out anew how the samples of another assignment were read from the texts that are kept with them. */
    void readAgain() {
        Assignment laid = desk.assignment();
        List<String> texts = laid.sheets().stream()
                .flatMap(sheet -> sheet.pasted().stream())
                .distinct()
                .limit(MOST_NOTES)
                .toList();
        notes.clear();
        reading.stop();
        if (!texts.isEmpty()) {
            reading.run(
                    () -> texts.stream()
                            .flatMap(text -> again(laid.sheets(), text, readings(text, laid.card())).stream())
                            .toList(),
                    found -> {
                        notes.addAll(found);
                        count.set(count.get() + 1);
                    });
        }
    }

    /** The readings of a text, of a question those of its data. */
    private static List<Reading> readings(String text, CourseCard card) {
        return QuestionReader.single(text, card)
                .map(PrintedQuestion::readings)
                .orElseGet(() -> Pasted.read(text, card.numerals()));
    }

    /** The first reading of a text that has made samples which still are as it made them; once for each time that it was pasted. */
    private static List<HowRead> again(List<SampleSheet> sheets, String text, List<Reading> readings) {
        for (int i = 0; i < readings.size(); i++) {
            List<Found> found = readings.get(i).samples();
            List<SampleSheet> made = sheets.stream()
                    .filter(sheet -> sheet.pasted().equals(Optional.of(text)))
                    .filter(sheet -> found.stream()
                            .anyMatch(one ->
                                    one.kind() == sheet.kind() && one.columns().equals(sheet.columns())))
                    .toList();
            if (!made.isEmpty()) {
                List<HowRead> notes = new ArrayList<>();
                for (int at = 0; at < made.size(); at += found.size()) {
                    List<SampleSheet> once = made.subList(at, Math.min(made.size(), at + found.size()));
                    notes.add(new HowRead(readings, i, once, "", text));
                }
                return notes;
            }
        }
        return List.of();
    }
}
