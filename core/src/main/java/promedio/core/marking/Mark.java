package promedio.core.marking;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import promedio.core.course.CourseCard;
import promedio.core.measure.Measure;
import promedio.core.number.Figure;
import promedio.core.sentence.Sentence;
import promedio.core.slip.Slips;
import promedio.core.working.FigureText;

/**
 * A verdict in the tutor's words.
 *
 * @param kind what it comes to
 * @param word the short word beside the answer
 * @param details what else is to be said
 * @param likeliest the mistake that most likely led to the answer, where one is known
 * @param fault what kind of fault it is, for a hint that does not give it away; empty where there is none
 */
public record Mark(
        Kind kind, Sentence word, List<Sentence> details, Optional<Explanation> likeliest, Optional<Sentence> fault) {
    /** What a verdict comes to; each has a glyph, a word and a colour of its own. */
    public enum Kind {
        /** Right. */
        AGREES,
        /** Right as far as it goes. */
        ROUNDED,
        /** Right under another rule. */
        CONVENTION,
        /** Worked rightly from something earlier that is not right. */
        FOLLOWS,
        /** Not right. */
        DIFFERS,
        /** Not an answer. */
        UNREADABLE
    }

    /** Copies the sentences. */
    public Mark {
        details = List.copyOf(details);
    }

    /** Of an answer that follows from something earlier, with what is to be said of that. */
    public static Mark following(Sentence detail) {
        return new Mark(Kind.FOLLOWS, Sentence.of("mark.follows"), List.of(detail), Optional.empty(), Optional.empty());
    }

    /** Whether it follows from an earlier answer that is not right. */
    public boolean follows() {
        return kind == Kind.FOLLOWS;
    }

    /** The same with one more sentence, where there is one. */
    public Mark with(Optional<Sentence> more) {
        return new Mark(
                kind, word, Stream.concat(details.stream(), more.stream()).toList(), likeliest, fault);
    }

    /** A verdict in words. */
    public static Mark of(Verdict verdict, CourseCard card, FigureText text) {
        return verdict.fold(new Telling(card, text));
    }

    private static final class Telling implements Verdict.Cases<Mark> {
        private static final Set<String> ROUNDING = Set.of("early-rounding", "truncated");

        private final CourseCard card;
        private final FigureText text;

        Telling(CourseCard card, FigureText text) {
            this.card = card;
            this.text = text;
        }

        private static Mark mark(Kind kind, String word, Sentence... details) {
            return new Mark(kind, Sentence.of(word), List.of(details), Optional.empty(), Optional.empty());
        }

        private static Mark fault(String kind, String word, Sentence detail) {
            return new Mark(
                    Kind.DIFFERS,
                    Sentence.of(word),
                    List.of(detail),
                    Optional.empty(),
                    Optional.of(Sentence.of("hint.kind." + kind)));
        }

        @Override
        public Mark agrees(Verdict.Agrees verdict) {
            return verdict.beyond()
                    ? mark(Kind.AGREES, "mark.agrees", Sentence.of("mark.agrees.beyond"))
                    : mark(Kind.AGREES, "mark.agrees");
        }

        @Override
        public Mark agreesRounded(Verdict.AgreesRounded verdict) {
            return mark(Kind.ROUNDED, "mark.rounded");
        }

        @Override
        public Mark convention(Verdict.Convention verdict) {
            return mark(
                    Kind.CONVENTION,
                    "mark.convention",
                    Sentence.of(
                            "mark.convention.detail",
                            Sentence.of("card." + verdict.key().id()),
                            CourseCard.wordsOf(verdict.key(), verdict.choiceId()),
                            text.answer(verdict.value()),
                            card.words(verdict.key())));
        }

        @Override
        public Mark namesTheClass(Verdict.NamesTheClass verdict) {
            return mark(Kind.ROUNDED, "mark.names-class", Sentence.of("mark.names-class.detail"));
        }

        @Override
        public Mark drift(Verdict.Drift verdict) {
            String exact = text.answer(verdict.exact());
            return mark(
                    Kind.ROUNDED,
                    "mark.drift",
                    verdict.line()
                            .map(line -> verdict.unnamed()
                                    ? Sentence.of("mark.drift.quotient", verdict.places(), exact)
                                    : Sentence.of(
                                            "mark.drift.line",
                                            card.letters().of(line).text(),
                                            verdict.places(),
                                            exact))
                            .orElseGet(() -> Sentence.of("mark.drift.every-line", verdict.places(), exact)));
        }

        @Override
        public Mark follows(Verdict.Follows verdict) {
            List<Measure> all = verdict.from();
            Sentence from = all.get(0).label();
            for (int i = 1; i < all.size(); i++) {
                from = Sentence.of(
                        i == all.size() - 1 ? "mark.follows.and" : "mark.follows.comma",
                        from,
                        all.get(i).label());
            }
            return following(Sentence.of("mark.follows.detail", from));
        }

        @Override
        public Mark slipped(Verdict.Slipped verdict) {
            List<Sentence> details = new java.util.ArrayList<>();
            for (Explanation one : verdict.likely()) {
                details.add(details.isEmpty() ? one.told() : Sentence.of("slip.or", one.told()));
            }
            return new Mark(
                    Kind.DIFFERS,
                    Sentence.of("mark.slip"),
                    details,
                    Optional.of(verdict.likely().get(0)),
                    Optional.of(kind(verdict.likely().get(0))));
        }

        /** What kind of mistake it is; of a pair, of the first. */
        private static Sentence kind(Explanation mistake) {
            if (mistake.where().filter("answer"::equals).isPresent()) {
                return Sentence.of("hint.kind.answer");
            }
            Sentence kind = Slips.kind(mistake.slip())
                    .map(known -> Sentence.of("hint.kind." + known.name().toLowerCase(Locale.ROOT)))
                    .orElseGet(() ->
                            Sentence.of(ROUNDING.contains(mistake.slip()) ? "hint.kind.rounding" : "hint.kind.rule"));
            return mistake.also().isPresent() ? Sentence.of("hint.kind.two", kind) : kind;
        }

        @Override
        public Mark otherMeasure(Verdict.OtherMeasure verdict) {
            return fault(
                    "measure",
                    "mark.other-measure",
                    Sentence.of("mark.other-measure.detail", verdict.measure().label()));
        }

        @Override
        public Mark differs(Verdict.Differs verdict) {
            Figure by = verdict.difference();
            return fault(
                    "unknown",
                    "mark.differs",
                    Sentence.of(by.signum() > 0 ? "mark.differs.more" : "mark.differs.less", text.answer(by.abs())));
        }

        @Override
        public Mark differsInKind(Verdict.DiffersInKind verdict) {
            return fault("number", "mark.differs", verdict.why());
        }

        @Override
        public Mark unreadable(Verdict.Unreadable verdict) {
            return mark(Kind.UNREADABLE, "mark.unreadable", Sentence.of("mark.unreadable.detail"));
        }
    }
}
