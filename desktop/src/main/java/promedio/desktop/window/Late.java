package promedio.desktop.window;

import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.layout.Pane;

/** A view that is made when it is first wanted, in its place: the window comes up with what it shows and nothing else. */
final class Late<V extends Node> {
    private final Pane place;
    private final Supplier<V> make;
    private V view;

    Late(Pane place, Supplier<V> make) {
        this.place = place;
        this.make = make;
    }

    /** The view, made now if it was not; not shown as yet. */
    V get() {
        if (view == null) {
            make();
            show(false);
        }
        return view;
    }

    private void make() {
        view = make.get();
        place.getChildren().add(view);
    }

    /** Shows or hides the view; one that was never shown is not made to be hidden. */
    void show(boolean shown) {
        if (shown && view == null) {
            make();
        }
        if (view != null) {
            view.setVisible(shown);
            view.setManaged(shown);
        }
    }

    void ifMade(Consumer<V> use) {
        if (view != null) {
            use.accept(view);
        }
    }

    boolean isShown() {
        return view != null && view.isVisible();
    }
}
