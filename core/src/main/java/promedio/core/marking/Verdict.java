package promedio.core.marking;

import java.util.List;
import java.util.Optional;
import promedio.core.course.CardKey;
import promedio.core.formula.Symbol;
import promedio.core.measure.Measure;
import promedio.core.number.Figure;
import promedio.core.sentence.Sentence;

/** What is to be said of an answer: definitions, section 6. */
public sealed interface Verdict {

    /**
     * Every digit given is right.
     *
     * @param beyond whether digits beyond the places asked are not right, which is mentioned
     */
    record Agrees(boolean beyond) implements Verdict {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.agrees(this);
        }
    }

    /**
     * Right as far as it goes, with fewer places than asked.
     *
     * @param places the places given
     */
    record AgreesRounded(int places) implements Verdict {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.agreesRounded(this);
        }
    }

    /**
     * The right class where a value in it was asked.
     *
     * @param label the class
     */
    record NamesTheClass(String label) implements Verdict {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.namesTheClass(this);
        }
    }

    /**
     * Right after changing one key of the card.
     *
     * @param key the key
     * @param choiceId the choice under which it is right
     * @param measure the measure under that choice
     * @param value its value
     */
    record Convention(CardKey<?> key, String choiceId, Measure measure, Figure value) implements Verdict {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.convention(this);
        }

        /** The stable id: {@code other-divisor} and so on. */
        public String slip() {
            return slip(key);
        }

        /** The id for a key of the card. */
        static String slip(CardKey<?> key) {
            if (key == CardKey.DIVISOR || key == CardKey.GROUPED_DIVISOR) {
                return "other-divisor";
            }
            if (key == CardKey.QUARTILES || key == CardKey.QUANTILES) {
                return "other-quartile-rule";
            }
            if (key == CardKey.GROUPED_POSITION) {
                return "other-position";
            }
            return key == CardKey.SKEWNESS ? "other-skewness" : "other-convention";
        }
    }

    /**
     * What rounding on the way leads to; not a fault.
     *
     * @param places the places rounded to
     * @param line the one line that was rounded; empty for every line
     * @param unnamed whether that line is a quotient without a symbol
     * @param value what it leads to
     * @param exact the exact value
     */
    record Drift(int places, Optional<Symbol> line, boolean unnamed, Figure value, Figure exact) implements Verdict {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.drift(this);
        }
    }

    /**
     * Right given the same student's earlier answer to another question.
     *
     * @param from the other questions
     * @param value what follows from their answers
     */
    record Follows(List<Measure> from, Figure value) implements Verdict {
        /** Copies the list. */
        public Follows {
            from = List.copyOf(from);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.follows(this);
        }
    }

    /**
     * A mistake that is known leads to it, or one of several.
     *
     * @param likely what may have happened, the likeliest first
     */
    record Slipped(List<Explanation> likely) implements Verdict {
        /** Copies the list. */
        public Slipped {
            likely = List.copyOf(likely);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.slipped(this);
        }
    }

    /**
     * The right value of another measure.
     *
     * @param measure the other measure
     * @param value its value
     */
    record OtherMeasure(Measure measure, Figure value) implements Verdict {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.otherMeasure(this);
        }
    }

    /**
     * No explanation found.
     *
     * @param difference the answer minus the value
     */
    record Differs(Figure difference) implements Verdict {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.differs(this);
        }
    }

    /**
     * Differs in kind: a number where there is none, “none” where there is one, another number of modes.
     *
     * @param why what there is instead
     */
    record DiffersInKind(Sentence why) implements Verdict {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.differsInKind(this);
        }
    }

    /** Not an answer. */
    record Unreadable() implements Verdict {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.unreadable(this);
        }
    }

    /** One answer for each kind. */
    interface Cases<R> {
        /** Right. */
        R agrees(Agrees verdict);

        /** Right, with fewer places. */
        R agreesRounded(AgreesRounded verdict);

        /** The right class. */
        R namesTheClass(NamesTheClass verdict);

        /** Right under another convention. */
        R convention(Convention verdict);

        /** Rounded on the way. */
        R drift(Drift verdict);

        /** Follows from an earlier answer. */
        R follows(Follows verdict);

        /** A mistake. */
        R slipped(Slipped verdict);

        /** Another measure. */
        R otherMeasure(OtherMeasure verdict);

        /** Unexplained. */
        R differs(Differs verdict);

        /** Another kind of answer. */
        R differsInKind(DiffersInKind verdict);

        /** Not an answer. */
        R unreadable(Unreadable verdict);
    }

    /** The answer of this kind's case. */
    <R> R fold(Cases<R> cases);
}
