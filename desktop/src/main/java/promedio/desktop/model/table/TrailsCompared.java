package promedio.desktop.model.table;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import promedio.core.assignment.DataTable;
import promedio.core.course.CourseCard;
import promedio.core.trail.Trail;
import promedio.core.trail.TwoTrails;
import promedio.core.trail.Walk;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.desk.Latest;
import promedio.desktop.text.Words;
import promedio.files.InputProblem;
import promedio.files.trail.TrailFiles;

/** The steps of the chosen table held against others: those it has now, to be changed then, those of another table, or of a file. */
public final class TrailsCompared {
    private final Desk desk;
    private final TableTrail trail;
    private final Latest holding;
    private final ReadOnlyObjectWrapper<Contrasted> shown = new ReadOnlyObjectWrapper<>();
    private String name = "";
    private Trail other;
    private String table = "";

    /**
     * Two trails, as the page Rows compares them.
     *
     * @param name what the other one is called
     * @param trails the two
     */
    public record Contrasted(String name, TwoTrails trails) {}

    /** What is compared with a trail of a desk. */
    public TrailsCompared(Desk desk, TableTrail trail) {
        this.desk = desk;
        holding = new Latest(desk, Lane.WALKING);
        this.trail = trail;
        trail.troddenProperty().addListener((property, before, now) -> work());
    }

    /** What is compared; null for nothing. */
    public ReadOnlyObjectProperty<Contrasted> shownProperty() {
        return shown.getReadOnlyProperty();
    }

    /** Other tables on the shelf that were read from the same file. */
    public List<DataTable> alike() {
        Optional<DataTable> chosen = desk.table();
        return desk.assignment().tables().stream()
                .filter(one -> chosen.filter(now -> now != one
                                && now.original().hash().equals(one.original().hash()))
                        .isPresent())
                .toList();
    }

    /** Holds the steps against those they are now, whatever is changed from here on. */
    public void withNow() {
        desk.table().ifPresent(now -> with(Words.of("contrast.before"), now.trail()));
    }

    /** Holds the steps against none. */
    public void withOriginal() {
        with(Words.of("contrast.original"), Trail.NONE);
    }

    /** Holds the steps against those of another table. */
    public void with(DataTable one) {
        with(one.name(), one.trail());
    }

    /** Holds the steps against those of a file. */
    public void with(Path file) {
        try {
            with(file.getFileName().toString(), TrailFiles.read(file.toString()));
        } catch (InputProblem problem) {
            desk.say(Words.of(problem.sentence()));
        }
    }

    private void with(String called, Trail trail) {
        name = called;
        other = trail;
        table = desk.selectedProperty().get();
        work();
    }

    /** Compares no more. */
    public void close() {
        other = null;
        shown.set(null);
    }

    private void work() {
        TableTrail.Trodden now = trail.troddenProperty().get();
        if (other == null || now == null || !now.table().id().equals(table)) {
            close();
            return;
        }
        Trail held = other;
        String called = name;
        CourseCard card = desk.assignment().card();
        Walk one = now.walk();
        holding.run(() -> TwoTrails.of(one, TableTrail.alongFrom(now.table(), one, held, card), card), made -> {
            boolean same = held == other && now == trail.troddenProperty().get();
            if (same) {
                shown.set(new Contrasted(called, made));
            }
        });
    }
}
