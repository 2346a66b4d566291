package promedio.desktop.shelf;

import java.util.Locale;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.layout.VBox;
import javafx.scene.shape.SVGPath;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CourseCard;
import promedio.core.number.Exact;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Visible;
import promedio.core.working.FigureText;
import promedio.desktop.control.Tip;
import promedio.desktop.model.shelf.ShelfSummary;
import promedio.desktop.text.Words;

/** A sample on the shelf: its name, how many values, and a strip of their dots. */
final class ShelfCard extends Button {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass LINKED = PseudoClass.getPseudoClass("linked");
    private static final double STRIP = 104;
    private static final double HEIGHT = 26;
    private static final int LONGEST_NAME = 200;

    private final Label name = new Label();
    private final Label facts = new Label(" ");
    private final SVGPath dots = new SVGPath();

    ShelfCard(String sheetId) {
        name.getStyleClass().add("shelf-name");
        name.setWrapText(false);
        name.setTextOverrun(OverrunStyle.ELLIPSIS);
        facts.getStyleClass().add("shelf-facts");
        Tip.whenCut(name);
        Tip.whenCut(facts);
        dots.getStyleClass().add("shelf-dots");
        VBox box = new VBox(name, facts, dots);
        box.setMaxWidth(Double.MAX_VALUE);
        box.setMinWidth(0);
        setGraphic(box);
        setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        getStyleClass().add("shelf-card");
        setMaxWidth(Double.MAX_VALUE);
        setMinHeight(USE_PREF_SIZE);
        setId("sample-" + sheetId);
    }

    void show(SampleSheet sheet, boolean chosen) {
        String shown = Visible.line(sheet.name(), LONGEST_NAME);
        name.setText(shown);
        setAccessibleText(shown);
        pseudoClassStateChanged(CHOSEN, chosen);
        pseudoClassStateChanged(LINKED, sheet.link().isPresent());
    }

    void show(ShelfSummary summary) {
        facts.setText(facts(summary));
        dots.setContent(summary.places().stream()
                .map(place -> String.format(
                        Locale.ROOT,
                        "M%.1f %.1fa2 2 0 1 0 4 0a2 2 0 1 0 -4 0",
                        place.across() * STRIP,
                        2 + (1 - place.up()) * HEIGHT))
                .collect(Collectors.joining()));
    }

    private static String facts(ShelfSummary summary) {
        Exact count = summary.count();
        String number = new FigureText(CourseCard.STANDARD, 0).carried(count);
        if (count.signum() == 0) {
            return Words.of("shelf.none");
        }
        boolean one = count.equals(Exact.ONE);
        String values =
                switch (summary.sheet().kind().form()) {
                    case VALUES -> one ? Words.of("shelf.value") : Words.of("shelf.values", number);
                    case FREQUENCIES -> Words.of("shelf.table", number);
                    case CLASSES -> Words.of("shelf.classes", summary.sheet().size(), number);
                    case PAIRS -> Words.of(one ? "shelf.pair" : "shelf.pairs", number);
                    case GIVENS -> Words.of(one ? "shelf.given" : "shelf.givens", number);
                    case CATEGORIES -> Words.of("shelf.none");
                };
        // Of several variables none has the unit of all.
        return summary.sheet().unit().isEmpty() || summary.sheet().can(Use.VARIABLES)
                ? values
                : values + " · " + Visible.line(summary.sheet().unit(), LONGEST_NAME);
    }
}
