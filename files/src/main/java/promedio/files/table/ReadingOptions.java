package promedio.files.table;

import java.nio.charset.Charset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import promedio.core.data.DateForm;
import promedio.core.data.ThousandsMark;

/**
 * What is said about how a file is to be read; what is not said is told by the file itself. Definitions for tables, section 9.
 *
 * @param sheet the sheet of a workbook, by its name or its number from 1
 * @param skip how many lines stand before the heading or the first row
 * @param heading whether the first row read names the columns
 * @param delimiter what parts cells
 * @param encoding how characters are encoded
 * @param decimalMark {@code '.'} or {@code ','}
 * @param thousands what parts thousands
 * @param dates the order of the parts of dates
 * @param missing cells that mean missing, each {@code CODE} or {@code COLUMN=CODE}
 * @param columns the columns wanted, by name or by number from 1; all where there are none
 */
public record ReadingOptions(
        Optional<String> sheet,
        OptionalInt skip,
        Optional<Boolean> heading,
        Optional<Delimiter> delimiter,
        Optional<Charset> encoding,
        Optional<Character> decimalMark,
        Optional<ThousandsMark> thousands,
        Optional<DateForm> dates,
        List<String> missing,
        List<String> columns) {
    /** Nothing is said. */
    public static final ReadingOptions GUESSED = new ReadingOptions(
            Optional.empty(),
            OptionalInt.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            List.of(),
            List.of());

    /** Copies the lists. */
    public ReadingOptions {
        missing = List.copyOf(missing);
        columns = List.copyOf(columns);
    }

    /** The same with a sheet. */
    public ReadingOptions withSheet(Optional<String> other) {
        return new ReadingOptions(
                other, skip, heading, delimiter, encoding, decimalMark, thousands, dates, missing, columns);
    }

    /** The same with so many lines left out at the head. */
    public ReadingOptions withSkip(OptionalInt other) {
        return new ReadingOptions(
                sheet, other, heading, delimiter, encoding, decimalMark, thousands, dates, missing, columns);
    }

    /** The same with a heading or without. */
    public ReadingOptions withHeading(Optional<Boolean> other) {
        return new ReadingOptions(
                sheet, skip, other, delimiter, encoding, decimalMark, thousands, dates, missing, columns);
    }

    /** The same with a delimiter. */
    public ReadingOptions withDelimiter(Optional<Delimiter> other) {
        return new ReadingOptions(
                sheet, skip, heading, other, encoding, decimalMark, thousands, dates, missing, columns);
    }

    /** The same with an encoding. */
    public ReadingOptions withEncoding(Optional<Charset> other) {
        return new ReadingOptions(
                sheet, skip, heading, delimiter, other, decimalMark, thousands, dates, missing, columns);
    }

    /** The same of all columns. */
    public ReadingOptions withAllColumns() {
        return new ReadingOptions(
                sheet, skip, heading, delimiter, encoding, decimalMark, thousands, dates, missing, List.of());
    }

    /** The same with a decimal mark. */
    public ReadingOptions withDecimalMark(Optional<Character> other) {
        return new ReadingOptions(sheet, skip, heading, delimiter, encoding, other, thousands, dates, missing, columns);
    }

    /** The same with something that parts thousands. */
    public ReadingOptions withThousands(Optional<ThousandsMark> other) {
        return new ReadingOptions(
                sheet, skip, heading, delimiter, encoding, decimalMark, other, dates, missing, columns);
    }

    /** The same with an order of the parts of dates. */
    public ReadingOptions withDates(Optional<DateForm> other) {
        return new ReadingOptions(
                sheet, skip, heading, delimiter, encoding, decimalMark, thousands, other, missing, columns);
    }

    /** The same with another code for missing. */
    public ReadingOptions withMissing(String code) {
        List<String> more = new ArrayList<>(missing);
        more.add(code);
        return withMissing(more);
    }

    /** The same with other codes for missing. */
    public ReadingOptions withMissing(List<String> codes) {
        return new ReadingOptions(
                sheet, skip, heading, delimiter, encoding, decimalMark, thousands, dates, codes, columns);
    }

    /** The same with other columns wanted. */
    public ReadingOptions withColumns(List<String> wanted) {
        return new ReadingOptions(
                sheet, skip, heading, delimiter, encoding, decimalMark, thousands, dates, missing, wanted);
    }
}
