package promedio.files.table;

import java.io.Closeable;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.xml.stream.XMLStreamException;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;
import org.dhatim.fastexcel.reader.Sheet;
import promedio.core.sentence.Sentence;
import promedio.files.InputProblem;

/** The sheets of a workbook, ISO/IEC 29500, row by row. */
final class XlsxSheets implements Sheets, Closeable {
    private static final int MOST_COLUMNS = 16_384;
    private static final int MOST_BLANK_ROWS = 1_000;
    private static final int WATCHED = 1_000;
    private static final String MIDNIGHT = "T00:00:00";
    private static final Pattern DAY = Pattern.compile("[0-9]{4}-[0-9]{2}-[0-9]{2}T");

    private final Source source;
    private final ReadableWorkbook workbook;
    private final List<Sheet> sheets;
    /** A copy of the workbook that goes when this is closed. */
    private final Optional<Path> copy;

    private boolean percents;
    private final boolean lost;

    private XlsxSheets(Source source, ReadableWorkbook workbook, Optional<Path> copy, boolean lost) {
        this.lost = lost;
        this.source = source;
        this.copy = copy;
        this.workbook = workbook;
        this.sheets = workbook.getSheets().toList();
    }

    /**
     * Opens a workbook.
     *
     * @param checked what was seen of it
     */
    static XlsxSheets open(Source source, Path path, Zip.Checked checked) throws IOException, InputProblem {
        Optional<Path> copy = checked.odd() ? Optional.of(known(source, path)) : Optional.empty();
        try {
            return new XlsxSheets(
                    source,
                    new ReadableWorkbook(
                            copy.orElse(path).toFile(), new org.dhatim.fastexcel.reader.ReadingOptions(true, true)),
                    copy,
                    checked.lost());
        } catch (RuntimeException broken) {
            if (copy.isPresent()) {
                Files.deleteIfExists(copy.get());
            }
            throw new InputProblem(Sentence.of("input.archive.broken", source.name()), broken);
        }
    }

    /** A copy in which all is known; one that cannot be written anew is damaged. */
    private static Path known(Source source, Path path) throws IOException, InputProblem {
        try {
            return OddCells.asTexts(path);
        } catch (XMLStreamException broken) {
            throw new InputProblem(Sentence.of("input.archive.broken", source.name()), broken);
        }
    }

    @Override
    public List<String> names() {
        return IntStream.range(0, sheets.size()).mapToObj(this::name).toList();
    }

    /** A damaged workbook may have sheets without a name. */
    private String name(int index) {
        return Optional.ofNullable(sheets.get(index).getName()).orElse("sheet " + (index + 1));
    }

    @Override
    public void give(int index, RowTaker rows) throws InputProblem, IOException {
        percents = false;
        int last = 0;
        try (Stream<Row> stream = sheets.get(index).openStream()) {
            for (Row row : (Iterable<Row>) stream::iterator) {
                int number = row.getRowNum();
                for (int blank = last + 1; blank < number && blank <= last + MOST_BLANK_ROWS; blank++) {
                    rows.endRow(blank);
                }
                last = number;
                give(row, rows);
                rows.endRow(number);
                if (number % WATCHED == 0) {
                    source.watch().at(number, -1);
                    if (source.watch().isStopped()) {
                        throw new java.io.InterruptedIOException("stopped");
                    }
                }
            }
        } catch (RuntimeException broken) {
            throw new InputProblem(
                    Sentence.of("input.sheet.broken", source.name(), name(index), Integer.toString(last + 1)), broken);
        }
    }

    private void give(Row row, RowTaker rows) throws InputProblem {
        int at = 0;
        for (Cell cell : row) {
            if (cell == null) {
                continue;
            }
            int column = cell.getColumnIndex();
            if (column >= MOST_COLUMNS) {
                throw new InputProblem(Sentence.of("input.too-wide", source.name(), Integer.toString(row.getRowNum())));
            }
            for (; at < column; at++) {
                rows.cell("");
            }
            String text = text(cell);
            if (text.length() > DelimitedText.LARGEST_CELL) {
                throw new InputProblem(Sentence.of("input.cell-too-large", source.name()));
            }
            rows.cell(text);
            at++;
        }
    }

    private String text(Cell cell) {
        Object value = cell.getValue();
        String raw = cell.getRawValue();
        if (cell.getType() == CellType.ERROR || value == null) {
            return raw == null ? "" : isoDate(raw);
        }
        if (value instanceof Boolean yes) {
            return yes ? "yes" : "no";
        }
        if (value instanceof java.math.BigDecimal) {
            Integer id = cell.getDataFormatId();
            String format = cell.getDataFormatString();
            if (WorkbookText.isDate(id, format)) {
                return WorkbookText.date(raw, workbook.isDate1904(), WorkbookText.isTime(id, format));
            }
            percents |= WorkbookText.isPercent(id, format);
            return WorkbookText.number(raw);
        }
        String text = value.toString();
        return cell.getType() == CellType.FORMULA || cell.getType() == CellType.STRING ? isoDate(text) : text;
    }

    /** A date that the file holds as ISO 8601 is no error. */
    private static String isoDate(String raw) {
        return raw.endsWith(MIDNIGHT)
                        && DAY.matcher(raw).lookingAt()
                        && raw.indexOf('T') + MIDNIGHT.length() == raw.length()
                ? raw.substring(0, raw.indexOf('T'))
                : raw;
    }

    @Override
    public List<Sentence> told() {
        List<Sentence> told = new ArrayList<>();
        if (percents) {
            told.add(Sentence.of("reading.percents"));
        }
        if (lost) {
            told.add(Sentence.of("reading.lost-texts"));
        }
        return told;
    }

    @Override
    public void close() throws IOException {
        workbook.close();
        if (copy.isPresent()) {
            Files.deleteIfExists(copy.get());
        }
    }
}
