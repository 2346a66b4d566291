package promedio.desktop.classes;

import javafx.scene.control.ScrollPane;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.SheetFigures;

/** The page Classes; {@link ClassesPaper} is what is written on it. */
public final class ClassesPage extends ScrollPane {
    private static final int LARGE = 10_000;

    private final DeskModel model;
    private ClassesPaper paper;
    private SheetFigures shown;

    /** The page of a desk. */
    public ClassesPage(DeskModel model) {
        this.model = model;
        getStyleClass().add("page-scroll");
        setFitToWidth(true);
        setFitToHeight(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        widthProperty().addListener((property, before, now) -> {
            if (paper != null) {
                paper.arrange();
            }
        });
        visibleProperty().addListener((property, before, visible) -> show());
        model.shownProperty().addListener((property, before, now) -> show());
        show();
    }

    /** Shows the figures as they are; a page that nobody sees lets go of the past figures of a large sample. */
    private void show() {
        SheetFigures figures = model.figuresProperty().get();
        boolean large = shown != null && shown.sheet().size() > LARGE;
        if (figures == null || large && !isVisible() && figures != shown) {
            shown = null;
            paper = null;
            setContent(null);
        } else if (isVisible()) {
            if (paper == null) {
                paper = new ClassesPaper(model, widthProperty());
                setContent(paper);
            }
            shown = figures;
            paper.show(figures);
        }
    }
}
