package promedio.core.assignment;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import promedio.core.course.CourseCard;

/**
 * One change of an assignment. The same edits serve undo, redo and whatever keeps a record of them: what an edit is made of
 * are its components, and {@link Written} is the word that stands for its kind in a record.
 */
public sealed interface Edit
        permits Edit.Retitle,
                Edit.ChangeCard,
                Edit.AddSheet,
                Edit.RemoveSheet,
                Edit.Gather,
                Edit.Together,
                SheetEdit,
                TableEdit,
                PictureEdit,
                JotEdit,
                OwnEdit,
                AnswerEdit {
    /** The stable word for a kind of edit. */
    @Retention(RetentionPolicy.RUNTIME)
    @Target(ElementType.TYPE)
    @interface Written {
        /** The word. */
        String value();
    }

    /** The assignment after this edit. Edits of a sheet that is not there change nothing. */
    Assignment apply(Assignment before);

    /** The key of what to call it in “Undo …”: the bundle's {@code edit.} keys. */
    String undoKey();

    /** Where a row of a sheet stands after this edit of an assignment; empty when it was taken out. */
    default OptionalInt rowAfter(Assignment before, String sheetId, int row) {
        return OptionalInt.of(row);
    }

    /** The same edit of a sheet whose rows stand elsewhere by now; empty when a row it is aimed at is gone. */
    default Optional<Edit> carried(RowMap rows) {
        return Optional.of(this);
    }

    /** Another title. */
    @Written("title")
    record Retitle(String title) implements Edit {
        @Override
        public Assignment apply(Assignment before) {
            return before.with(all -> all.title(title));
        }

        @Override
        public String undoKey() {
            return "retitle";
        }
    }

    /** Another course card. */
    @Written("card")
    record ChangeCard(CourseCard card) implements Edit {
        @Override
        public Assignment apply(Assignment before) {
            Assignment after = before.withCard(card);
            return card.numerals().equals(before.card().numerals()) ? after : Links.rewritten(after);
        }

        @Override
        public String undoKey() {
            return "change-card";
        }
    }

    /** A new sample at a place of the shelf. */
    @Written("add")
    record AddSheet(int at, SampleSheet sheet) implements Edit {
        /** @throws IllegalArgumentException for a sample of a column: {@link TableEdit.TakeColumn} makes those */
        public AddSheet {
            if (sheet.link().isPresent()) {
                throw new IllegalArgumentException("A sample of a column is taken, not added.");
            }
        }

        @Override
        public Assignment apply(Assignment before) {
            return before.withNewSheet(at, sheet);
        }

        @Override
        public String undoKey() {
            return "add-sample";
        }
    }

    /** A sample taken off the shelf, with its answers. */
    @Written("remove")
    record RemoveSheet(String sheetId) implements Edit {
        @Override
        public Assignment apply(Assignment before) {
            return before.withoutSheet(sheetId);
        }

        @Override
        public OptionalInt rowAfter(Assignment before, String sheet, int row) {
            return sheet.equals(sheetId) ? OptionalInt.empty() : OptionalInt.of(row);
        }

        @Override
        public String undoKey() {
            return "remove-sample";
        }
    }

    /**
     * Samples kept together as groups, or taken apart again.
     *
     * @param name what they are called together; empty to take them apart
     */
    @Written("gather")
    record Gather(List<String> sheetIds, String name) implements Edit {
        /** Copies the ids. */
        public Gather {
            sheetIds = List.copyOf(sheetIds);
        }

        @Override
        public Assignment apply(Assignment before) {
            Assignment after = before;
            for (String id : sheetIds) {
                after = after.withSheets(after.sheets().stream()
                        .map(sheet -> sheet.id().equals(id) ? sheet.among(name) : sheet)
                        .toList());
            }
            return after;
        }

        @Override
        public String undoKey() {
            return name.isEmpty() ? "groups-apart" : "gather-groups";
        }
    }

    /** Several edits made, undone and made again as one. */
    @Written("together")
    record Together(String name, List<Edit> edits) implements Edit {
        /** Copies the edits. */
        public Together {
            edits = List.copyOf(edits);
        }

        @Override
        public String undoKey() {
            return name;
        }

        @Override
        public Assignment apply(Assignment before) {
            Assignment after = before;
            for (Edit edit : edits) {
                after = edit.apply(after);
            }
            return after;
        }

        @Override
        public OptionalInt rowAfter(Assignment before, String sheet, int row) {
            Assignment now = before;
            OptionalInt at = OptionalInt.of(row);
            for (int i = 0; i < edits.size() && at.isPresent(); i++) {
                at = edits.get(i).rowAfter(now, sheet, at.getAsInt());
                now = edits.get(i).apply(now);
            }
            return at;
        }

        /** Only edits that leave each other’s rows where they are can be carried one by one. */
        @Override
        public Optional<Edit> carried(RowMap rows) {
            List<Edit> now = new ArrayList<>();
            for (Edit edit : edits) {
                Optional<Edit> one = edit instanceof SheetEdit.SetEntry ? edit.carried(rows) : Optional.empty();
                if (one.isEmpty()) {
                    return Optional.empty();
                }
                now.add(one.get());
            }
            return Optional.of(new Together(name, now));
        }
    }
}
