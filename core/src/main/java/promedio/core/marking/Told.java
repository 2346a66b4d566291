package promedio.core.marking;

import java.util.List;
import java.util.Optional;
import promedio.core.number.Figure;

/**
 * A verdict under its stable id, as it is printed and exported.
 *
 * @param id the word for it
 * @param explanations what may have happened
 */
public record Told(String id, List<Reason> explanations) {
    /**
     * One explanation.
     *
     * @param slip its id
     * @param also the id of a second one made with it
     * @param detail what happened; empty where the mark says it
     * @param value the figure that comes of it
     * @param where of something copied wrong, where it stands
     */
    public record Reason(
            String slip, Optional<String> also, String detail, Optional<Figure> value, Optional<String> where) {
        static Reason of(String slip, Figure value) {
            return new Reason(slip, Optional.empty(), "", Optional.of(value), Optional.empty());
        }
    }

    /** What is to be printed of a verdict. */
    public static Told of(Verdict verdict) {
        return verdict.fold(new Telling());
    }

    /** The words for the kinds of verdicts. */
    private static final class Telling implements Verdict.Cases<Told> {
        private static Reason reason(Explanation one) {
            return new Reason(one.slip(), one.also(), one.told().toString(), Optional.of(one.value()), one.where());
        }

        private static Told bare(String id) {
            return new Told(id, List.of());
        }

        @Override
        public Told agrees(Verdict.Agrees verdict) {
            return bare("agrees");
        }

        @Override
        public Told agreesRounded(Verdict.AgreesRounded verdict) {
            return bare("agrees-rounded");
        }

        @Override
        public Told namesTheClass(Verdict.NamesTheClass verdict) {
            return bare("names-the-class");
        }

        @Override
        public Told convention(Verdict.Convention verdict) {
            return new Told("convention", List.of(Reason.of(verdict.slip(), verdict.value())));
        }

        @Override
        public Told follows(Verdict.Follows verdict) {
            return new Told("follows", List.of(Reason.of(verdict.from().get(0).question(), verdict.value())));
        }

        @Override
        public Told drift(Verdict.Drift verdict) {
            return new Told("drift", List.of(Reason.of("early-rounding", verdict.value())));
        }

        @Override
        public Told slipped(Verdict.Slipped verdict) {
            return new Told(
                    "slip", verdict.likely().stream().map(Telling::reason).toList());
        }

        @Override
        public Told otherMeasure(Verdict.OtherMeasure verdict) {
            return new Told("slip", List.of(Reason.of("other-measure", verdict.value())));
        }

        @Override
        public Told differs(Verdict.Differs verdict) {
            return bare("differs");
        }

        @Override
        public Told differsInKind(Verdict.DiffersInKind verdict) {
            return bare("differs");
        }

        @Override
        public Told unreadable(Verdict.Unreadable verdict) {
            return bare("unreadable");
        }
    }
}
