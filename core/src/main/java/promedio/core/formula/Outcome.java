package promedio.core.formula;

import java.util.List;
import java.util.Optional;
import promedio.core.number.Figure;
import promedio.core.sentence.Sentence;

/** What computing a measure comes to: a figure, several figures, or undefined with its reason. */
public sealed interface Outcome {

    /** One figure. */
    record Single(Figure figure) implements Outcome {
        @Override
        public List<Figure> figures() {
            return List.of(figure);
        }
    }

    /** Several figures, ascending, of a measure that may have more than one (modes); never empty. */
    record Several(List<Figure> figures) implements Outcome {
        /** Copies the figures. */
        public Several {
            figures = List.copyOf(figures);
        }
    }

    /** No value, and why, in one sentence. */
    record Undefined(Sentence reason) implements Outcome {
        @Override
        public List<Figure> figures() {
            return List.of();
        }
    }

    /** The figures; none when undefined. */
    List<Figure> figures();

    /** The figure where there is exactly one. */
    default Optional<Figure> single() {
        return figures().size() == 1 ? Optional.of(figures().get(0)) : Optional.empty();
    }

    /** The reason where it is undefined. */
    default Optional<Sentence> whyUndefined() {
        return this instanceof Undefined undefined ? Optional.of(undefined.reason()) : Optional.empty();
    }
}
