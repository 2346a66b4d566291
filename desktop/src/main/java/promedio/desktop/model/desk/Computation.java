package promedio.desktop.model.desk;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyLongWrapper;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CourseCard;
import promedio.core.marking.Mark;

/**
 * Computes the figures of the chosen sheet in the background. A result is shown unless a newer one was asked for; while a
 * value is only tried, results on the way are shown too, and the figures as they stand are kept beside them.
 */
final class Computation {
    private final Lanes lanes;
    private final Consumer<Throwable> failed;
    private final ReadOnlyObjectWrapper<SheetFigures> figures = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<SheetFigures> settled = new ReadOnlyObjectWrapper<>();
    private final BooleanProperty computing = new SimpleBooleanProperty();
    private final BooleanProperty markingNow = new SimpleBooleanProperty();
    private final ReadOnlyBooleanWrapper busy = new ReadOnlyBooleanWrapper();
    private final Map<String, SheetFigures> computed = new HashMap<>();
    private final AtomicLong asked = new AtomicLong();
    private final ReadOnlyLongWrapper marked = new ReadOnlyLongWrapper();
    private final Set<String> marking = new HashSet<>();
    private long shown;
    private boolean trying;

    Computation(Lanes lanes, Consumer<Throwable> failed) {
        this.lanes = lanes;
        this.failed = failed;
        busy.bind(computing.or(markingNow));
    }

    ReadOnlyObjectWrapper<SheetFigures> figures() {
        return figures;
    }

    /** The figures without a value that is only tried. */
    ReadOnlyObjectWrapper<SheetFigures> settled() {
        return settled;
    }

    ReadOnlyBooleanWrapper busy() {
        return busy;
    }

    /** Whether figures are on their way. */
    boolean isComputing() {
        return computing.get();
    }

    /** Forgets all that was computed. */
    void forget() {
        computed.clear();
    }

    /** Shows nothing. */
    void clear() {
        asked.incrementAndGet();
        trying = false;
        settled.set(null);
        figures.set(null);
        computing.set(false);
    }

    /** The marks that came later than the figures they belong to, counted. */
    ReadOnlyLongWrapper marked() {
        return marked;
    }

    /** The mark of an answer; none while it is being marked. */
    Optional<Mark> mark(String question, String answer, Answered answered) {
        // While a value is only being tried, answers are held against the figures as they stand.
        SheetFigures held = (trying ? settled : figures).get();
        if (held == null) {
            return Optional.empty();
        }
        Optional<Mark> known = held.known(question, answer, answered);
        if (known.isEmpty() && held.line(question).isPresent() && marking.add(question)) {
            behind(Set.of(question), () -> held.mark(question, answer, answered));
            return held.known(question, answer, answered);
        }
        return known;
    }

    private void endMarking(String question) {
        marking.remove(question);
        markingNow.set(!marking.isEmpty());
    }

    /** Shows the figures of a sheet with the marks of its answers, at once when they are known. */
    void show(SampleSheet sheet, CourseCard card, Set<String> questions, Answered answered) {
        trying = false;
        SheetFigures known = computed.get(sheet.id());
        if (known != null && known.sheet() == sheet && known.card().equals(card)) {
            asked.incrementAndGet();
            settled.set(known);
            figures.set(known);
            computing.set(false);
            return;
        }
        long mine = asked.incrementAndGet();
        computing.set(true);
        // The first figures of all are shown at once, and marks come after them.
        boolean first = computed.isEmpty() && figures.get() == null;
        lanes.of(Lane.FIGURES)
                .run(
                        () -> {
                            SheetFigures made = SheetFigures.of(sheet, card, questions);
                            return first ? made : marked(made, answered);
                        },
                        result -> {
                            if (mine == asked.get()) {
                                shown = mine;
                                computed.put(sheet.id(), result);
                                computing.set(false);
                                if (first) {
                                    behind(answered.answers().keySet(), () -> marked(result, answered));
                                }
                                settled.set(result);
                                figures.set(result);
                            }
                        },
                        failure -> fail(mine, failure));
    }

    /** Shows nothing rather than figures of something else. */
    private void fail(long mine, Throwable failure) {
        if (mine == asked.get()) {
            clear();
        }
        failed.accept(failure);
    }

    /** Marks answers behind figures that are shown without; that there are marks is told once for all of them. */
    private void behind(Set<String> questions, Supplier<?> marks) {
        if (questions.isEmpty()) {
            return;
        }
        marking.addAll(questions);
        markingNow.set(true);
        lanes.of(Lane.MARKING)
                .run(
                        marks,
                        made -> {
                            questions.forEach(this::endMarking);
                            marked.set(marked.get() + 1);
                        },
                        failure -> {
                            questions.forEach(this::endMarking);
                            failed.accept(failure);
                        });
    }

    private static SheetFigures marked(SheetFigures figures, Answered answered) {
        answered.answers().forEach((question, answer) -> figures.line(question)
                .ifPresent(line -> figures.mark(question, answer, answered)));
        return figures;
    }

    /** Shows what a changed sheet would come to; work that came too late is skipped. */
    void tryOut(SampleSheet sheet, SampleSheet basis, CourseCard card, Set<String> questions) {
        trying = true;
        long mine = asked.incrementAndGet();
        computing.set(true);
        lanes.of(Lane.FIGURES)
                .run(
                        () -> mine < asked.get() ? null : SheetFigures.tried(sheet, basis, card, questions),
                        result -> {
                            if (result != null && trying && mine > shown) {
                                shown = mine;
                                figures.set(result);
                            }
                            if (mine == asked.get()) {
                                computing.set(false);
                            }
                        },
                        failure -> fail(mine, failure));
    }
}
