package promedio.core.pasted;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import promedio.core.sentence.Sentence;

/** A cell on each line, as tables come out of some printed pages: column by column, or row by row. */
final class CellLines {
    private static final int MOST = 4_000;
    private static final Pattern SEVERAL = Pattern.compile("[0-9]\\s+[0-9]");

    private static final Pattern HEADING = Pattern.compile("[\\p{L}(Σ%#].{0,60}");
    private static final Pattern CODE =
            Pattern.compile("(?i)n/?a|n\\.a\\.?|nil|none|missing|absent|unknown|not known|null");

    private final List<String> lines;
    private final PastedCells cells;
    private final List<Sentence> told = new ArrayList<>();

    private CellLines(List<String> lines, PastedCells cells) {
        this.lines = lines;
        this.cells = cells;
    }

    /** The table; empty where more than a cell stands on a line, or the cells make none. */
    static Optional<Grid> read(List<String> lines, PastedCells cells) {
        List<String> filled = new ArrayList<>(lines.stream()
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .toList());
        if (filled.size() < 4 || filled.size() > MOST) {
            return Optional.empty();
        }
        return new CellLines(filled, cells).read();
    }

    private boolean isData(String cell) {
        return cells.isNumber(cell) || isClass(cell);
    }

    private boolean isClass(String cell) {
        return cells.isClass(cell) || cells.begins(cell).isPresent();
    }

    /** Whether a line can head a column: words, and none of those that stand for a missing value. */
    private static boolean isHeading(String line) {
        return HEADING.matcher(line).matches() && !isCode(line);
    }

    /** Whether a line is a usual code for a missing value. */
    static boolean isCode(String line) {
        return CODE.matcher(line.strip()).matches();
    }

    private Optional<Grid> read() {
        List<String> kept = new ArrayList<>(lines);
        int size = kept.size();
        boolean total = size > 5 && cells.isTotalWord(kept.get(size - 2)) && cells.isNumber(kept.get(size - 1));
        if (total) {
            told.add(Sentence.of("pasted.left-out.total", kept.get(size - 2) + " " + kept.get(size - 1)));
            kept = kept.subList(0, size - 2);
        } else if (cells.isTotalOf(kept.get(size - 1))) {
            told.add(Sentence.of("pasted.left-out.total", kept.get(size - 1)));
            kept = kept.subList(0, size - 1);
        }
        for (String cell : kept) {
            if (!isData(cell)
                    && cell.chars().filter(Character::isDigit).count() > 2
                    && SEVERAL.matcher(cell).find()) {
                return Optional.empty();
            }
        }
        List<Integer> words = new ArrayList<>();
        for (int i = 0; i < kept.size(); i++) {
            if (!isData(kept.get(i))) {
                words.add(i);
            }
        }
        List<String> all = kept;
        Optional<Grid> columns = byColumns(all, words);
        return columns.or(() -> byRows(all, words)).or(() -> words.isEmpty() ? halves(all) : Optional.empty());
    }

    /** A heading, k cells, a heading, k cells. */
    private Optional<Grid> byColumns(List<String> all, List<Integer> words) {
        boolean headed = words.stream().map(all::get).allMatch(CellLines::isHeading)
                || words.stream().map(all::get).anyMatch(line -> Role.of(line)
                        .filter(Role.FREQUENCY::equals)
                        .isPresent());
        boolean distinct = words.stream().map(all::get).distinct().count() == words.size();
        if (words.size() < 2 || words.get(0) != 0 || !headed || !distinct) {
            return Optional.empty();
        }
        int length = words.get(1) - 1;
        List<String> headings = new ArrayList<>();
        List<List<String>> columns = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            int end = i + 1 < words.size() ? words.get(i + 1) : all.size();
            List<String> column = new ArrayList<>(all.subList(words.get(i) + 1, end));
            if (column.size() == length + 1
                    && i + 1 == words.size()
                    && TableForm.isTotalOf(column.subList(0, length), column.get(length), cells)) {
                told.add(Sentence.of("pasted.left-out.total", column.remove(length)));
            }
            if (column.size() != length || length < 2) {
                return Optional.empty();
            }
            headings.add(PastedCells.bare(all.get(words.get(i))));
            columns.add(column);
        }
        return Optional.of(new Grid(headings, columns, Layout.CELLS, told));
    }

    /** The headings, then the cells of each row one after another; without headings class and number by turns. */
    private Optional<Grid> byRows(List<String> all, List<Integer> words) {
        int heads = 0;
        while (heads < words.size() && words.get(heads) == heads) {
            heads++;
        }
        List<String> data = all.subList(heads, all.size());
        boolean classes = data.stream().anyMatch(this::isClass);
        int width = heads >= 2 ? heads : classes ? 2 : 0;
        List<String> head = all.subList(0, heads);
        boolean known = classes || head.stream().anyMatch(line -> Role.of(line).isPresent() || Role.isCounted(line));
        boolean open = words.size() - heads > 2
                || !known
                || !head.stream().allMatch(line -> HEADING.matcher(line).matches());
        if (width < 2 || data.size() < 2 * width || data.size() % width != 0 || open) {
            return Optional.empty();
        }
        List<List<String>> rows = new ArrayList<>();
        for (int i = 0; i < data.size(); i += width) {
            List<String> row = data.subList(i, i + width);
            boolean fits = classes
                    ? isClass(row.get(0)) && !isClass(row.get(1))
                    : row.stream().allMatch(cell -> cells.isNumber(cell) || cells.isOpen(cell));
            if (!fits) {
                return Optional.empty();
            }
            rows.add(row);
        }
        List<String> headings = heads == width
                ? all.subList(0, heads).stream().map(PastedCells::bare).toList()
                : heads == 1 ? List.of(PastedCells.bare(all.get(0)), "") : Collections.nCopies(width, "");
        return Optional.of(new Grid(headings, Grid.turned(rows), Layout.CELLS, told));
    }

    /** All classes, then as many numbers. */
    private Optional<Grid> halves(List<String> all) {
        int half = all.size() / 2;
        boolean even = all.size() % 2 == 0
                && all.subList(0, half).stream().allMatch(this::isClass)
                && all.subList(half, all.size()).stream().allMatch(cells::isNumber);
        return even
                ? Optional.of(new Grid(
                        List.of("", ""),
                        List.of(all.subList(0, half), all.subList(half, all.size())),
                        Layout.CELLS,
                        told))
                : Optional.empty();
    }
}
