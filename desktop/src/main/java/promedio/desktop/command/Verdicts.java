package promedio.desktop.command;

import java.util.List;
import java.util.Optional;
import promedio.core.marking.Verdict;
import promedio.core.number.Figure;

/**
 * A verdict as the command line prints it.
 *
 * @param id the word for it
 * @param explanations what may have happened
 */
record Verdicts(String id, List<Told> explanations) {
    /**
     * One explanation.
     *
     * @param slip its id
     * @param also the id of a second one made with it
     * @param detail what happened; empty where the mark says it
     * @param value the figure that comes of it
     * @param where of something copied wrong, where it stands
     */
    record Told(String slip, Optional<String> also, String detail, Optional<Figure> value, Optional<String> where) {
        static Told of(String slip, Figure value) {
            return new Told(slip, Optional.empty(), "", Optional.of(value), Optional.empty());
        }
    }

    /** The words for the kinds of verdicts. */
    static final class Telling implements Verdict.Cases<Verdicts> {
        private static Verdicts bare(String id) {
            return new Verdicts(id, List.of());
        }

        @Override
        public Verdicts agrees(Verdict.Agrees verdict) {
            return bare("agrees");
        }

        @Override
        public Verdicts agreesRounded(Verdict.AgreesRounded verdict) {
            return bare("agrees-rounded");
        }

        @Override
        public Verdicts namesTheClass(Verdict.NamesTheClass verdict) {
            return bare("names-the-class");
        }

        @Override
        public Verdicts convention(Verdict.Convention verdict) {
            return new Verdicts("convention", List.of(Told.of(verdict.slip(), verdict.value())));
        }

        @Override
        public Verdicts follows(Verdict.Follows verdict) {
            return new Verdicts("follows", List.of(Told.of(verdict.from().get(0).question(), verdict.value())));
        }

        @Override
        public Verdicts drift(Verdict.Drift verdict) {
            return new Verdicts("drift", List.of(Told.of("early-rounding", verdict.value())));
        }

        @Override
        public Verdicts slipped(Verdict.Slipped verdict) {
            return new Verdicts(
                    "slip", verdict.likely().stream().map(MarkCommand::told).toList());
        }

        @Override
        public Verdicts otherMeasure(Verdict.OtherMeasure verdict) {
            return new Verdicts("slip", List.of(Told.of("other-measure", verdict.value())));
        }

        @Override
        public Verdicts differs(Verdict.Differs verdict) {
            return bare("differs");
        }

        @Override
        public Verdicts differsInKind(Verdict.DiffersInKind verdict) {
            return bare("differs");
        }

        @Override
        public Verdicts unreadable(Verdict.Unreadable verdict) {
            return bare("unreadable");
        }
    }
}
