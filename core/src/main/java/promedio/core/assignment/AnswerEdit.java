package promedio.core.assignment;

import java.util.Optional;

/** Edits of what is asked and answered: answers, covers, hints, and what a tutor sets. */
public sealed interface AnswerEdit extends Edit
        permits AnswerEdit.CoverFigures,
                AnswerEdit.LiftCover,
                AnswerEdit.GiveHints,
                AnswerEdit.TakeHint,
                AnswerEdit.PoseTask,
                AnswerEdit.DropTask,
                AnswerEdit.SetCard,
                AnswerEdit.WriteAnswer {

    /** Figures covered until they are answered, or open. */
    @Edit.Written("cover")
    record CoverFigures(boolean on) implements AnswerEdit {
        @Override
        public Assignment apply(Assignment before) {
            return before.with(all -> all.asking(before.asking().covering(on)));
        }

        @Override
        public String undoKey() {
            return on ? "cover" : "uncover";
        }
    }

    /** The cover of one figure lifted before there was an answer. */
    @Edit.Written("lift")
    record LiftCover(String sheetId, String measure) implements AnswerEdit {
        @Override
        public Assignment apply(Assignment before) {
            return before.covers(sheetId, measure)
                    ? before.attempting(new Assignment.Question(sheetId, measure), Attempt::lifting)
                    : before;
        }

        @Override
        public String undoKey() {
            return "lift-cover";
        }
    }

    /** Marks give hints, or say at once what happened. */
    @Edit.Written("hints")
    record GiveHints(boolean on) implements AnswerEdit {
        @Override
        public Assignment apply(Assignment before) {
            return before.with(all -> all.asking(before.asking().hinting(on)));
        }

        @Override
        public String undoKey() {
            return on ? "give-hints" : "tell-mistakes";
        }
    }

    /** One more hint to the answer as it is. */
    @Edit.Written("hint")
    record TakeHint(String sheetId, String measure) implements AnswerEdit {
        @Override
        public Assignment apply(Assignment before) {
            return before.attempt(sheetId, measure).isAnswered()
                    ? before.attempting(new Assignment.Question(sheetId, measure), Attempt::hinted)
                    : before;
        }

        @Override
        public String undoKey() {
            return "take-hint";
        }
    }

    /** A question posed at a place among the questions, or posed otherwise. */
    @Edit.Written("pose")
    record PoseTask(int at, Task task) implements AnswerEdit {
        @Override
        public Assignment apply(Assignment before) {
            return before.sheet(task.question().sheetId()).isPresent()
                    ? before.with(all -> all.tasks(before.tasks().posing(at, task)))
                    : before;
        }

        @Override
        public String undoKey() {
            return "pose-question";
        }
    }

    /** A question that is no longer posed. */
    @Edit.Written("drop-question")
    record DropTask(String sheetId, String measure) implements AnswerEdit {
        @Override
        public Assignment apply(Assignment before) {
            return before.with(all -> all.tasks(before.tasks().without(new Assignment.Question(sheetId, measure))));
        }

        @Override
        public String undoKey() {
            return "drop-question";
        }
    }

    /** The card as it is set with the assignment, or left open. */
    @Edit.Written("set-card")
    record SetCard(boolean on) implements AnswerEdit {
        @Override
        public Assignment apply(Assignment before) {
            return before.with(
                    all -> all.tasks(before.tasks().set(on ? Optional.of(before.card()) : Optional.empty())));
        }

        @Override
        public String undoKey() {
            return on ? "set-card" : "leave-card-open";
        }
    }

    /** An answer written, changed, or wiped out by an empty text. */
    @Edit.Written("answer")
    record WriteAnswer(String sheetId, String measure, String answer) implements AnswerEdit {
        @Override
        public Assignment apply(Assignment before) {
            return before.attempting(
                    new Assignment.Question(sheetId, measure),
                    attempt -> attempt.answering(answer, before.asking().covered()));
        }

        @Override
        public String undoKey() {
            return "answer";
        }
    }
}
