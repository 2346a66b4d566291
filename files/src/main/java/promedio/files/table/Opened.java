package promedio.files.table;

import java.io.CharConversionException;
import java.io.Closeable;
import java.io.IOException;
import java.io.InterruptedIOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.zip.ZipException;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.files.InputProblem;

/** A file of any format, ready to hand out the cells of its sheets; a file without sheets has one without a name. */
final class Opened implements Closeable {
    private static final int MOST_SHOWN = 31;
    /** Where nothing parts cells, each line is one: no file has this character. */
    private static final Delimiter NOTHING = new Delimiter("", '\ufffe');

    private final TableFile.Format format;
    private final Optional<Charset> encoding;
    private final Optional<Delimiter> delimiter;
    private final Sheets sheets;
    private final List<Integer> candidates;
    private final Closeable close;
    private final boolean numbersAsNames;

    private Opened(
            TableFile.Format format,
            Optional<Charset> encoding,
            Optional<Delimiter> delimiter,
            Sheets sheets,
            List<Integer> candidates,
            Closeable close,
            boolean numbersAsNames) {
        this.numbersAsNames = numbersAsNames;
        this.format = format;
        this.encoding = encoding;
        this.delimiter = delimiter;
        this.sheets = sheets;
        this.candidates = candidates;
        this.close = close;
    }

    /** A file whose names are no numbers. */
    private Opened(
            TableFile.Format format,
            Optional<Charset> encoding,
            Sheets sheets,
            List<Integer> candidates,
            Closeable close) {
        this(format, encoding, Optional.empty(), sheets, candidates, close, false);
    }

    /** What is done with an opened file. */
    interface Use<T> {
        /** Does it. */
        T with(Opened file) throws InputProblem, IOException;
    }

    /** Opens a file, does something with it, and closes it; whatever goes wrong is said in a sentence. */
    static <T> T with(Source source, ReadingOptions options, Use<T> use) throws InputProblem {
        try (Opened file = of(source, options)) {
            return use.with(file);
        } catch (InterruptedIOException stopped) {
            throw new InputProblem(Sentence.of("input.stopped", source.name()), stopped);
        } catch (CharConversionException | ZipException damaged) {
            throw new InputProblem(Sentence.of("input.archive.broken", source.name()), damaged);
        } catch (IOException broken) {
            throw new InputProblem(Sentence.of("input.unreadable", source.name()), broken);
        } catch (OutOfMemoryError tooLarge) {
            throw new InputProblem(Sentence.of("input.memory", source.name()), tooLarge);
        }
    }

    private static Opened of(Source source, ReadingOptions options) throws InputProblem, IOException {
        TableFile.Format format = Formats.of(source);
        if (!format.isText()) {
            return workbook(source, options, format);
        }
        TextInput text = TextInput.of(source, options.encoding());
        Optional<Charset> encoding = Optional.of(text.encoding());
        if (format == TableFile.Format.HTML) {
            Sheets pages = new HtmlSheets(source.name(), text.open());
            List<Integer> asked = candidates(source, pages.names(), options);
            return new Opened(format, encoding, pages, asked, () -> {});
        }
        if (format == TableFile.Format.JSON) {
            Sheets one = new OneSheet(text, rows -> new JsonRows(source.name(), text::open).give(rows));
            return new Opened(format, encoding, one, List.of(0), () -> {});
        }
        boolean decimalComma = options.decimalMark().filter(mark -> mark == ',').isPresent();
        String sample = text.sample();
        Optional<Delimiter> delimiter = options.delimiter().or(() -> DelimitedText.delimiter(sample, decimalComma));
        Sheets one = new OneSheet(
                text, rows -> DelimitedText.give(source.name(), text.open(), delimiter.orElse(NOTHING), rows));
        boolean names = delimiter
                .filter(sign -> !sign.equals(Delimiter.BLANKS) && sample.indexOf('"') >= 0)
                .filter(sign -> DelimitedText.hasNumbersAsNames(sample, sign))
                .isPresent();
        return new Opened(format, encoding, delimiter, one, List.of(0), () -> {}, names);
    }

    private static Opened workbook(Source source, ReadingOptions options, TableFile.Format format)
            throws InputProblem, IOException {
        Path path = Zip.file(source);
        try {
            Zip.Checked checked = Zip.check(source, path);
            if (format == TableFile.Format.ODS) {
                Sheets sheets = new OdsSheets(source, path);
                List<Integer> asked = candidates(source, sheets.names(), options);
                return new Opened(format, Optional.empty(), sheets, asked, () -> Zip.forget(source, path));
            }
            XlsxSheets sheets = XlsxSheets.open(source, path, checked);
            List<Integer> asked;
            try {
                asked = candidates(source, sheets.names(), options);
            } catch (InputProblem problem) {
                sheets.close();
                throw problem;
            }
            return new Opened(format, Optional.empty(), sheets, asked, () -> {
                sheets.close();
                Zip.forget(source, path);
            });
        } catch (InputProblem | IOException problem) {
            Zip.forget(source, path);
            throw problem;
        }
    }

    /** The sheet that is asked for by name or by number, else all of them. */
    private static List<Integer> candidates(Source source, List<String> names, ReadingOptions options)
            throws InputProblem {
        if (options.sheet().isEmpty()) {
            return IntStream.range(0, names.size()).boxed().toList();
        }
        String asked = options.sheet().get().strip();
        int named = names.indexOf(asked);
        if (named >= 0) {
            return List.of(named);
        }
        if (asked.matches("[0-9]{1,6}") && Integer.parseInt(asked) >= 1 && Integer.parseInt(asked) <= names.size()) {
            return List.of(Integer.parseInt(asked) - 1);
        }
        throw new InputProblem(Sentence.of(
                "input.no-sheet",
                source.name(),
                Visible.line(asked, MOST_SHOWN),
                Visible.line(String.join(", ", names))));
    }

    TableFile.Format format() {
        return format;
    }

    Optional<Charset> encoding() {
        return encoding;
    }

    Optional<Delimiter> delimiter() {
        return delimiter;
    }

    /** Whether the first row of the text names the columns by numbers. */
    boolean hasNumbersAsNames() {
        return numbersAsNames;
    }

    /** The names of its sheets; none where it has no sheets. */
    List<String> names() {
        return sheets.names();
    }

    /** The sheets to look at, in that order; the first of them that has cells is meant. */
    List<Integer> candidates() {
        return candidates;
    }

    void give(int sheet, RowTaker rows) throws InputProblem, IOException {
        sheets.give(sheet, rows);
    }

    List<Sentence> told() {
        return sheets.told();
    }

    @Override
    public void close() throws IOException {
        close.close();
    }

    /** A text that is one table. */
    private record OneSheet(TextInput text, RowTaker.Giver giver) implements Sheets {
        @Override
        public List<String> names() {
            return List.of();
        }

        @Override
        public void give(int sheet, RowTaker rows) throws InputProblem, IOException {
            try {
                giver.give(rows);
            } catch (CharacterCodingException wrong) {
                throw text.notSo(wrong);
            }
        }

        @Override
        public List<Sentence> told() {
            return List.of();
        }
    }
}
