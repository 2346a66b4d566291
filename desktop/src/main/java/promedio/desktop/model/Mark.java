package promedio.desktop.model;

import java.util.Optional;
import promedio.core.course.CourseCard;
import promedio.core.marking.Verdict;
import promedio.core.number.Figure;
import promedio.core.working.FigureText;
import promedio.desktop.text.Words;

/**
 * A verdict in the tutor's words.
 *
 * @param kind what it comes to
 * @param word the short word beside the answer
 * @param detail what else is to be said; may be empty
 */
public record Mark(Kind kind, String word, String detail) {
    /** What a verdict comes to; each has a glyph, a word and a colour of its own. */
    public enum Kind {
        /** Right. */
        AGREES,
        /** Right as far as it goes. */
        ROUNDED,
        /** Right under another rule. */
        CONVENTION,
        /** Not right. */
        DIFFERS,
        /** Not an answer. */
        UNREADABLE
    }

    /** The same with one more sentence, where there is one. */
    Mark with(Optional<String> more) {
        return more.map(said -> new Mark(kind, word, detail.isEmpty() ? said : detail + " " + said))
                .orElse(this);
    }

    /** A verdict in words. */
    public static Mark of(Verdict verdict, CourseCard card, FigureText text) {
        return verdict.fold(new Telling(card, text));
    }

    private static final class Telling implements Verdict.Cases<Mark> {
        private final CourseCard card;
        private final FigureText text;

        Telling(CourseCard card, FigureText text) {
            this.card = card;
            this.text = text;
        }

        @Override
        public Mark agrees(Verdict.Agrees verdict) {
            return new Mark(
                    Kind.AGREES, Words.of("mark.agrees"), verdict.beyond() ? Words.of("mark.agrees.beyond") : "");
        }

        @Override
        public Mark agreesRounded(Verdict.AgreesRounded verdict) {
            return new Mark(Kind.ROUNDED, Words.of("mark.rounded"), "");
        }

        @Override
        public Mark convention(Verdict.Convention verdict) {
            return new Mark(
                    Kind.CONVENTION,
                    Words.of("mark.convention"),
                    Words.of(
                            "mark.convention.detail",
                            Words.of(promedio.core.sentence.Sentence.of(
                                    "card." + verdict.key().id())),
                            Words.of(CourseCard.wordsOf(verdict.key(), verdict.choiceId())),
                            text.answer(verdict.value()),
                            Words.of(card.words(verdict.key()))));
        }

        @Override
        public Mark namesTheClass(Verdict.NamesTheClass verdict) {
            return new Mark(Kind.ROUNDED, Words.of("mark.names-class"), Words.of("mark.names-class.detail"));
        }

        @Override
        public Mark drift(Verdict.Drift verdict) {
            String exact = text.answer(verdict.exact());
            String detail = verdict.line()
                    .map(line -> verdict.unnamed()
                            ? Words.of("mark.drift.quotient", verdict.places(), exact)
                            : Words.of(
                                    "mark.drift.line", card.letters().of(line).text(), verdict.places(), exact))
                    .orElseGet(() -> Words.of("mark.drift.every-line", verdict.places(), exact));
            return new Mark(Kind.ROUNDED, Words.of("mark.drift"), detail);
        }

        @Override
        public Mark otherMeasure(Verdict.OtherMeasure verdict) {
            return new Mark(
                    Kind.DIFFERS,
                    Words.of("mark.other-measure"),
                    Words.of(
                            "mark.other-measure.detail",
                            Words.of(verdict.measure().label())));
        }

        @Override
        public Mark differs(Verdict.Differs verdict) {
            Figure by = verdict.difference();
            return new Mark(
                    Kind.DIFFERS,
                    Words.of("mark.differs"),
                    Words.of(by.signum() > 0 ? "mark.differs.more" : "mark.differs.less", text.answer(by.abs())));
        }

        @Override
        public Mark differsInKind(Verdict.DiffersInKind verdict) {
            return new Mark(Kind.DIFFERS, Words.of("mark.differs"), Words.of(verdict.why()));
        }

        @Override
        public Mark unreadable(Verdict.Unreadable verdict) {
            return new Mark(Kind.UNREADABLE, Words.of("mark.unreadable"), Words.of("mark.unreadable.detail"));
        }
    }
}
