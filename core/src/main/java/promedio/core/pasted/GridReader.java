package promedio.core.pasted;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import promedio.core.sentence.Sentence;

/** Finds the table in lines taken apart: which are headings, which totals, and whether it stands or lies on its side. */
final class GridReader {
    private static final int MOST_LYING_ROWS = 24;
    private static final int MOST_COLUMNS = 40;

    private final PastedCells cells;
    private final List<PastedRows.Row> rows;
    private final List<Sentence> told = new ArrayList<>();

    private GridReader(List<PastedRows.Row> rows, PastedCells cells) {
        this.rows = rows;
        this.cells = cells;
    }

    /** The table in some rows; empty where they are none. */
    static Optional<Grid> read(List<PastedRows.Row> rows, PastedCells cells) {
        return rows.size() < 2 ? Optional.empty() : new GridReader(rows, cells).read();
    }

    private Optional<Grid> read() {
        long standing = rows.stream()
                .filter(row -> countClasses(row) >= 1 && row.cells().stream().anyMatch(cells::isNumber))
                .count();
        boolean lying = rows.size() <= MOST_LYING_ROWS
                && rows.stream().anyMatch(this::isRowOfClasses)
                && standing * 2 < rows.size();
        if (lying) {
            return lying(rows);
        }
        long classed = rows.stream().filter(row -> countClasses(row) == 1).count();
        if (classed >= 2 || standing >= 2) {
            return standing();
        }
        return rows.size() <= MOST_LYING_ROWS && lieOnTheirSide() ? lying(rows).or(this::standing) : standing();
    }

    private boolean isClassLike(String cell) {
        return cells.isClass(cell) || cells.begins(cell).isPresent();
    }

    private long countClasses(PastedRows.Row row) {
        return row.cells().stream().filter(this::isClassLike).count();
    }

    private boolean isRowOfClasses(PastedRows.Row row) {
        long classes = countClasses(row);
        long numbers = row.cells().stream().filter(cells::isNumber).count();
        return classes >= 2 && numbers <= classes / 2;
    }

    /** Rows of numbers, each perhaps behind a label, that are as long as each other: values over their frequencies. */
    private boolean lieOnTheirSide() {
        boolean labelled = rows.stream().allMatch(row -> row.size() > 2 && !isData(row.cell(0)));
        List<PastedRows.Row> bare;
        if (labelled) {
            boolean named = rows.stream().anyMatch(PastedRows.Row::labelled)
                    || rows.stream()
                            .skip(1)
                            .anyMatch(row -> Role.of(row.cell(0)).isPresent() || Role.isCounted(row.cell(0)));
            bare = rows.stream().map(this::withoutLabel).toList();
            boolean data = bare.stream()
                    .allMatch(row -> row.cells().subList(0, row.size() - 1).stream()
                                    .allMatch(this::isData)
                            && (isData(row.cell(row.size() - 1)) || cells.isTotalWord(row.cell(row.size() - 1))));
            boolean alike =
                    bare.stream().mapToInt(PastedRows.Row::size).distinct().count() <= 2;
            return data && alike && (rows.size() == 2 || named && hasRoles());
        }
        boolean same = rows.stream().mapToInt(PastedRows.Row::size).distinct().count() == 1;
        boolean numbers = rows.stream().allMatch(row -> row.cells().stream().allMatch(cells::isNumber));
        return numbers
                && rows.stream().noneMatch(PastedRows.Row::goesOn)
                && (rows.size() == 2 && same && rows.get(0).size() >= 3
                        || isWrapped(rows.stream().map(PastedRows.Row::cells).toList()));
    }

    /** Blocks of two rows as long as each other, of which the first go on rising from block to block and the second do not. */
    private boolean isWrapped(List<List<String>> lines) {
        if (lines.size() < 4 || lines.size() % 2 != 0) {
            return false;
        }
        List<String> first = new ArrayList<>();
        List<String> second = new ArrayList<>();
        for (int i = 0; i < lines.size(); i += 2) {
            first.addAll(lines.get(i));
            second.addAll(lines.get(i + 1));
            if (lines.get(i).size() != lines.get(i + 1).size()) {
                return false;
            }
        }
        return first.size() >= 5 && TableForm.rises(first, cells) && !TableForm.rises(second, cells);
    }

    /** Whether a label says frequency, or the first row counts up over rows of other figures. */
    private boolean hasRoles() {
        return rows.stream()
                .anyMatch(row -> Role.of(row.cell(0))
                                .filter(role -> role == Role.FREQUENCY
                                        || role == Role.CUMULATIVE
                                        || role == Role.PRODUCT
                                        || role == Role.SHARE)
                                .isPresent()
                        || Role.isCounted(row.cell(0)));
    }

    private boolean isData(String cell) {
        return cells.isNumber(cell)
                || isClassLike(cell)
                || cell.isBlank()
                || cells.isOpen(cell)
                        && cell.strip().length() == 1
                        && !Character.isLetter(cell.strip().charAt(0));
    }

    /** The cells behind a label; where that says frequency, letters stand for unknown ones. */
    private PastedRows.Row withoutLabel(PastedRows.Row row) {
        boolean frequencies =
                Role.of(row.cell(0)).filter(Role.FREQUENCY::equals).isPresent() || Role.isCounted(row.cell(0));
        List<String> behind = row.cells().subList(1, row.size()).stream()
                .map(cell -> frequencies && cells.isOpen(cell) ? "?" : cell)
                .toList();
        return new PastedRows.Row(behind, false, row.block(), false, false);
    }

    // ---- lying on its side

    private Optional<Grid> lying(List<PastedRows.Row> all) {
        List<PastedRows.Row> body = all.stream()
                .filter(row -> row.cells().stream().anyMatch(this::isData))
                .toList();
        List<String> labels = new ArrayList<>();
        List<List<String>> lines = new ArrayList<>();
        boolean first = body.get(0).size() > 1 && !isData(body.get(0).cell(0));
        for (PastedRows.Row row : body) {
            boolean label =
                    row.size() > 1 && !isData(row.cell(0)) && (!cells.isOpen(row.cell(0)) || first || row.labelled());
            labels.add(label ? PastedCells.bare(row.cell(0)) : "");
            lines.add(label ? row.cells().subList(1, row.size()) : row.cells());
        }
        boolean blocks = merge(labels, lines);
        if (lines.size() < 2) {
            return Optional.empty();
        }
        dropTotals(lines);
        int width = lines.get(0).size();
        List<Integer> kept = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            if (lines.get(i).size() == width) {
                kept.add(i);
            } else if (i == 1 || lines.get(i).stream().anyMatch(cells::isNumber)) {
                return Optional.empty();
            }
        }
        if (width < 2 || kept.size() < 2) {
            return Optional.empty();
        }
        all.stream()
                .filter(row -> !body.contains(row))
                .map(row -> String.join(" ", row.cells()))
                .forEach(text -> told.add(Sentence.of("pasted.left-out.line", text)));
        return Optional.of(new Grid(
                kept.stream().map(labels::get).toList(),
                kept.stream().map(lines::get).toList(),
                blocks ? Layout.WRAPPED : Layout.LYING,
                told));
    }

    /** Joins the blocks that a long table was wrapped into; says whether there were several. */
    private boolean merge(List<String> labels, List<List<String>> lines) {
        int period = period(labels, lines);
        if (period == 0) {
            return false;
        }
        List<List<String>> joined = new ArrayList<>();
        for (int i = 0; i < period; i++) {
            List<String> whole = new ArrayList<>();
            for (int j = i; j < lines.size(); j += period) {
                whole.addAll(lines.get(j));
            }
            joined.add(whole);
        }
        lines.clear();
        lines.addAll(joined);
        while (labels.size() > period) {
            labels.remove(labels.size() - 1);
        }
        return true;
    }

    /** After how many rows the next block begins; 0 for one block. */
    private int period(List<String> labels, List<List<String>> lines) {
        int size = lines.size();
        List<Integer> begins = new ArrayList<>();
        for (int i = 0; i < size; i++) {
            boolean classes = lines.get(i).stream().filter(this::isClassLike).count() * 2
                    >= lines.get(i).size();
            boolean again = i > 0 && !labels.get(0).isEmpty() && labels.get(i).equals(labels.get(0));
            if (i == 0 || classes || again) {
                begins.add(i);
            }
        }
        boolean unlabelled = labels.stream().skip(2).allMatch(String::isEmpty);
        if (begins.size() < 2 && unlabelled && isWrapped(lines)) {
            return 2;
        }
        int period = begins.size() < 2 ? 0 : begins.get(1);
        boolean even = period >= 2 && size % period == 0 && begins.size() == size / period;
        for (int i = 0; even && i < size; i++) {
            boolean sameLabel = labels.get(i).isEmpty() || labels.get(i).equals(labels.get(i % period));
            int block = i - i % period;
            int longer = lines.get(i).size() - lines.get(block).size();
            even = sameLabel && (longer == 0 || longer == 1 && i + period >= size);
        }
        return even ? period : 0;
    }

    /** A total at the end of a row, with the word for it or without, is no column. */
    private void dropTotals(List<List<String>> lines) {
        List<String> first = lines.get(0);
        int last = first.size() - 1;
        boolean word = last > 0 && (cells.isTotalWord(first.get(last)) || cells.isTotalOf(first.get(last)));
        int width = word ? last : first.size();
        if (word) {
            lines.set(0, first.subList(0, last));
        }
        boolean dropped = false;
        for (int i = 1; i < lines.size(); i++) {
            List<String> line = lines.get(i);
            boolean longer = line.size() == width + 1;
            if (longer && (word || TableForm.isTotalOf(line.subList(0, width), line.get(width), cells))) {
                lines.set(i, line.subList(0, width));
                if (!dropped) {
                    told.add(Totals.told(line.subList(0, width), line.get(width), cells));
                    dropped = true;
                }
            } else if (longer && cells.isTotalOf(line.get(width))) {
                lines.set(i, line.subList(0, width));
                told.add(Sentence.of("pasted.left-out.total", line.get(width)));
                dropped = true;
            }
        }
        if (word && !dropped) {
            told.add(Sentence.of("pasted.left-out.total", first.get(last)));
        }
    }

    // ---- standing

    private Optional<Grid> standing() {
        int head = 0;
        while (head < rows.size() && rows.get(head).words() && !isBodyOfWords(head)) {
            head++;
        }
        List<PastedRows.Row> body = new ArrayList<>(rows.subList(head, rows.size()));
        if (body.isEmpty()) {
            return Optional.empty();
        }
        int width = commonWidth(body);
        if (width < 2 || width > MOST_COLUMNS) {
            return Optional.empty();
        }
        Optional<PastedRows.Row> preamble = titled(body, width);
        while (preamble.isPresent() && body.size() > 2) {
            told.add(Sentence.of(
                    "pasted.left-out.line", String.join(" ", body.remove(0).cells())));
            if (body.get(0).words()) {
                head = rows.size() - body.size() + 1;
                body.remove(0);
            }
            preamble = titled(body, width);
        }
        List<String> headings = head == 0 ? Collections.nCopies(width, "") : headings(rows.get(head - 1), width);
        for (PastedRows.Row line : rows.subList(0, Math.max(0, head - 1))) {
            if (told.isEmpty()) {
                told.add(Sentence.of("pasted.left-out.line", String.join(" ", line.cells())));
            }
        }
        Optional<List<List<String>>> fitted = fitted(body, width, head > 0 ? 1 : 2);
        return fitted.map(lines -> new Grid(headings, Grid.turned(lines), Layout.STANDING, told));
    }

    /** Words below words are a body only where all rows are words; a table of them is none here. */
    private boolean isBodyOfWords(int row) {
        return rows.subList(row, rows.size()).stream().allMatch(PastedRows.Row::words);
    }

    private int commonWidth(List<PastedRows.Row> body) {
        int[] counts = new int[MOST_COLUMNS + 2];
        for (PastedRows.Row row : body) {
            counts[Math.min(row.size(), MOST_COLUMNS + 1)]++;
        }
        int best = 0;
        for (int width = 0; width < counts.length; width++) {
            best = counts[width] >= counts[best] && counts[width] > 0 ? width : best;
        }
        return best;
    }

    /** The first row when it is no row of the table but a line of text with a number in it. */
    private Optional<PastedRows.Row> titled(List<PastedRows.Row> body, int width) {
        PastedRows.Row first = body.get(0);
        boolean worded = first.cells().stream().anyMatch(cell -> !isData(cell) && cell.split("\\s+").length > 1);
        return first.size() != width && worded && !cells.isTotalWord(first.cell(0))
                ? Optional.of(first)
                : Optional.empty();
    }

    private List<String> headings(PastedRows.Row head, int width) {
        if (head.size() == width) {
            return head.cells().stream().map(PastedCells::bare).toList();
        }
        List<String> words = head.cells().stream()
                .flatMap(cell -> Stream.of(cell.split("\\s+")))
                .filter(word -> !word.isEmpty())
                .toList();
        return Role.headings(words, width)
                .map(found -> found.stream().map(PastedCells::bare).toList())
                .orElseGet(() -> {
                    told.add(Sentence.of("pasted.left-out.line", String.join(" ", head.cells())));
                    return Collections.nCopies(width, "");
                });
    }

    /** Rows of one width; totals go, and few lines that do not fit are told; empty where many do not fit. */
    private Optional<List<List<String>>> fitted(List<PastedRows.Row> body, int width, int fewest) {
        List<List<String>> lines = new ArrayList<>();
        List<PastedRows.Row> odd = new ArrayList<>();
        List<String> totals = new ArrayList<>();
        for (int i = 0; i < body.size(); i++) {
            PastedRows.Row row = body.get(i);
            String first = row.cells().stream()
                    .filter(cell -> !cell.isBlank())
                    .findFirst()
                    .orElse("");
            boolean total = (cells.isTotalWord(first) || cells.isTotalOf(first)) && i >= 2;
            if (total) {
                totals.add(String.join(" ", row.cells()).strip());
            } else if (row.words() && i == body.size() - 1 && i >= 2) {
                odd.add(row);
            } else if ((row.size() < width || row.cell(0).isBlank())
                    && i == body.size() - 1
                    && lines.size() >= 2
                    && endsInTotals(row, lines)) {
                totals.add(String.join(" ", row.cells()).strip());
            } else if (row.size() == width) {
                lines.add(row.cells());
            } else if (!row.cells().stream().allMatch(String::isBlank)) {
                odd.add(row);
            }
        }
        if (lines.size() < fewest || odd.size() > 1 + lines.size() / 8) {
            return Optional.empty();
        }
        totals.forEach(total -> told.add(Totals.told(total, lines, cells)));
        odd.forEach(row -> told.add(Sentence.of("pasted.left-out.line", String.join(" ", row.cells()))));
        return Optional.of(lines);
    }

    /** A last row without a first cell: each of its numbers is the sum of some column. */
    private boolean endsInTotals(PastedRows.Row row, List<List<String>> lines) {
        List<List<String>> columns = Grid.turned(lines);
        List<String> filled =
                row.cells().stream().filter(cell -> !cell.isBlank()).toList();
        return !filled.isEmpty()
                && filled.stream().allMatch(cell -> columns.stream()
                        .anyMatch(column -> TableForm.isTotalOf(column, cell, cells)));
    }
}
