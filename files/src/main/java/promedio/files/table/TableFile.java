package promedio.files.table;

import java.nio.charset.Charset;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import promedio.core.data.Table;
import promedio.core.data.TableReading;
import promedio.core.sentence.Sentence;

/**
 * A file as it was read.
 *
 * @param source what the file is called
 * @param format what it is
 * @param sheet the sheet that was read
 * @param sheets the names of all sheets of a workbook
 * @param encoding how its characters are encoded
 * @param delimiter what parts its cells; empty where there is one column
 * @param preamble the lines before the heading or the first row
 * @param heading whether the first row named the columns
 * @param reading its cells as columns
 * @param told what was passed over
 * @param lines on which line each row stands
 */
public record TableFile(
        String source,
        Format format,
        Optional<String> sheet,
        List<String> sheets,
        Optional<Charset> encoding,
        Optional<Delimiter> delimiter,
        List<String> preamble,
        boolean heading,
        TableReading reading,
        List<Sentence> told,
        Lines lines) {
    /** What a file is. */
    public enum Format {
        /** Text whose cells are parted by some character. */
        DELIMITED("delimited"),
        /** A workbook, ISO/IEC 29500. */
        XLSX("xlsx"),
        /** A workbook, ISO/IEC 26300. */
        ODS("ods"),
        /** A list of objects or of lists. */
        JSON("json"),
        /** A web page with a table. */
        HTML("html");

        private final String id;

        Format(String id) {
            this.id = id;
        }

        /** The stable id. */
        public String id() {
            return id;
        }

        /** Whether it is text. */
        public boolean isText() {
            return this != XLSX && this != ODS;
        }
    }

    /** Copies the lists. */
    public TableFile {
        sheets = List.copyOf(sheets);
        preamble = List.copyOf(preamble);
        told = List.copyOf(told);
    }

    /** What would have to be said for the file to be read just so again, whatever is guessed then. */
    public ReadingOptions asRead(ReadingOptions said) {
        // Objects name their columns themselves: no row of them is a heading.
        boolean guessed = format != Format.JSON;
        return new ReadingOptions(
                sheet,
                guessed ? OptionalInt.of(preamble.size()) : said.skip(),
                guessed ? Optional.of(heading) : said.heading(),
                delimiter,
                encoding,
                Optional.of(reading.decimalMark()),
                said.thousands(),
                said.dates(),
                said.missing(),
                said.columns());
    }

    /** The table. */
    public Table table() {
        return reading.table();
    }
}
