package promedio.desktop.model.own;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import promedio.core.assignment.SampleSheet;
import promedio.core.ownwork.CellMark;
import promedio.core.ownwork.CellPlace;
import promedio.core.ownwork.OwnLine;
import promedio.core.ownwork.OwnLines;
import promedio.core.ownwork.OwnMarker;
import promedio.core.ownwork.OwnMarks;
import promedio.core.ownwork.OwnSaid;
import promedio.core.ownwork.OwnSheet;
import promedio.core.ownwork.Quantity;
import promedio.core.sentence.Sentence;
import promedio.desktop.model.desk.SheetFigures;

/**
 * A student's working with its marks.
 *
 * @param sample the sample that is worked
 * @param sheet what was marked
 * @param answers the answers of the lines below it
 * @param results what comes of the cells that are some arithmetic, by how they are written
 * @param marks the marks of its cells and totals
 * @param lines the marks of the lines below it
 * @param mistakes what is wrong, cell by cell
 * @param whole the whole in a few sentences
 */
public record OwnMarked(
        SampleSheet sample,
        OwnSheet sheet,
        Map<String, String> answers,
        Map<String, String> results,
        OwnMarks marks,
        List<OwnLine> lines,
        List<OwnSaid.Said> mistakes,
        List<Sentence> whole) {
    /**
     * Marks a working.
     *
     * @param answers the answers of the lines below it, by question
     */
    public static OwnMarked of(SheetFigures figures, OwnSheet sheet, Map<String, String> answers) {
        List<String> means = Stream.ofNullable(answers.get("mean")).toList();
        OwnMarks marks = OwnMarker.mark(sheet.table(), figures.sample(), figures.card(), sheet.said(), means);
        List<OwnLines.Line> below = sheet.lines().stream()
                .filter(answers::containsKey)
                .map(line -> new OwnLines.Line(line, answers.get(line)))
                .toList();
        List<OwnLine> lines = figures.linesBelow(marks, below);
        List<OwnSaid.Said> mistakes = OwnSaid.mistakes(marks);
        List<Sentence> whole = new ArrayList<>(OwnSaid.whole(marks, List.of()));
        List<String> without = new ArrayList<>(OwnSaid.totalsWithout(marks));
        lines.stream()
                .filter(line -> line.id().equals("follows"))
                .flatMap(line -> figures.line(line.question()).stream())
                .map(line -> line.label() + " " + line.figure())
                .forEach(without::add);
        boolean one = mistakes.stream().filter(OwnSaid.Said::first).count() == 1;
        if (one && !without.isEmpty()) {
            whole.add(Sentence.of("own.without", String.join(", ", without)));
        }
        return new OwnMarked(figures.basis(), sheet, answers, marks.results(), marks, lines, mistakes, whole);
    }

    /** The mark of a cell, as long as what is written there is what was marked. */
    public Optional<CellMark> at(CellPlace place, String text) {
        return place.row() <= marks.cells().size()
                ? marks.at(place).filter(mark -> mark.text().equals(text))
                : Optional.empty();
    }

    /** The mark of a line below the table, where it follows from totals of the table. */
    Optional<Sentence> follows(String question) {
        return lines.stream()
                .filter(line -> line.question().equals(question))
                .findFirst()
                .flatMap(OwnLine::first)
                .map(this::heading)
                .map(heading -> Sentence.of("own.follows-from", heading));
    }

    private String heading(Quantity what) {
        int at = marks.columns().indexOf(Optional.of(what));
        return at < 0 ? what.id() : sheet.columns().get(at).heading();
    }
}
