package promedio.files.table;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import javax.xml.stream.util.StreamReaderDelegate;
import promedio.core.sentence.Sentence;
import promedio.files.InputProblem;

/** The sheets of a workbook, ISO/IEC 26300, row by row: its file is streamed, since no library does. */
final class OdsSheets implements Sheets {
    private static final String TABLE = "urn:oasis:names:tc:opendocument:xmlns:table:1.0";
    private static final String OFFICE = "urn:oasis:names:tc:opendocument:xmlns:office:1.0";
    private static final String TEXT = "urn:oasis:names:tc:opendocument:xmlns:text:1.0";

    private static final int MOST_COLUMNS = 16_384;
    private static final int MOST_BLANK_ROWS = 1_000;
    /** A few bytes that say "eighty million rows like this" are no table. */
    private static final long MOST_REPEATED = 5_000_000;

    private static final long MOST_CELLS = 200_000_000;
    private static final int WATCHED = 1_000;

    private final Source source;
    private final Path path;
    private final List<String> names = new ArrayList<>();
    private boolean percents;

    OdsSheets(Source source, Path path) throws IOException, InputProblem {
        this.source = source;
        this.path = path;
        parse(-1, null);
    }

    @Override
    public List<String> names() {
        return List.copyOf(names);
    }

    @Override
    public void give(int sheet, RowTaker rows) throws InputProblem, IOException {
        percents = false;
        parse(sheet, rows);
    }

    @Override
    public List<Sentence> told() {
        return percents ? List.of(Sentence.of("reading.percents")) : List.of();
    }

    /** Reads the names of all sheets, or hands out one. */
    private void parse(int wanted, RowTaker rows) throws IOException, InputProblem {
        try (ZipFile zip = new ZipFile(path.toFile())) {
            ZipEntry content = zip.getEntry("content.xml");
            try (InputStream in = zip.getInputStream(content)) {
                XMLStreamReader xml = new Guarded(SafeXml.factory().createXMLStreamReader(in));
                int sheet = -1;
                while (xml.hasNext()) {
                    if (xml.next() == XMLStreamConstants.START_ELEMENT && is(xml, TABLE, "table")) {
                        sheet++;
                        if (wanted < 0) {
                            names.add(attribute(xml, TABLE, "name", "sheet " + (sheet + 1)));
                        } else if (sheet == wanted) {
                            new SheetReader(xml, rows).read();
                            return;
                        }
                    }
                }
            }
        } catch (XMLStreamException broken) {
            if (broken.getNestedException() instanceof IOException problem) {
                throw problem;
            }
            throw new InputProblem(Sentence.of("input.archive.broken", source.name()), broken);
        }
    }

    /** A reader for which a name that nobody may bind is damage like any other; the library ends with another exception there. */
    private static final class Guarded extends StreamReaderDelegate {
        Guarded(XMLStreamReader reader) {
            super(reader);
        }

        @Override
        public int next() throws XMLStreamException {
            try {
                return super.next();
            } catch (RuntimeException broken) {
                throw new XMLStreamException(broken.getMessage(), broken);
            }
        }
    }

    private static boolean is(XMLStreamReader xml, String space, String name) {
        return xml.getLocalName().equals(name) && space.equals(xml.getNamespaceURI());
    }

    private static String attribute(XMLStreamReader xml, String space, String name, String otherwise) {
        String value = xml.getAttributeValue(space, name);
        return value == null ? otherwise : value;
    }

    /** Reads one table up to its end. */
    private final class SheetReader {
        private final XMLStreamReader xml;
        private final RowTaker rows;
        private long number;
        private long blankRows;
        private long cells;
        /** The cells that stand in the file once and count more often. */
        private long repeated;

        SheetReader(XMLStreamReader xml, RowTaker rows) {
            this.xml = xml;
            this.rows = rows;
        }

        void read() throws XMLStreamException, InputProblem, IOException {
            for (int depth = 1; depth > 0; ) {
                int event = xml.next();
                if (event == XMLStreamConstants.START_ELEMENT && is(xml, TABLE, "table-row")) {
                    row();
                } else if (event == XMLStreamConstants.START_ELEMENT) {
                    depth++;
                } else if (event == XMLStreamConstants.END_ELEMENT) {
                    depth--;
                }
            }
        }

        private long repeated(String name) {
            String times = attribute(xml, TABLE, name, "1");
            return times.matches("[0-9]{1,12}") ? Math.max(1, Long.parseLong(times)) : 1;
        }

        private void row() throws XMLStreamException, InputProblem, IOException {
            long times = repeated("number-rows-repeated");
            List<String> row = cells();
            if (row.isEmpty()) {
                blankRows += times;
                number += times;
                return;
            }
            for (long blank = Math.max(1, blankRows - MOST_BLANK_ROWS); blank <= blankRows; blank++) {
                rows.endRow(number - blankRows + blank);
            }
            blankRows = 0;
            cells += times * row.size();
            repeated += (times - 1) * row.size();
            if (cells > MOST_CELLS || repeated > MOST_REPEATED) {
                throw new InputProblem(Sentence.of("input.bomb", source.name()));
            }
            for (long i = 0; i < times; i++) {
                number++;
                row.forEach(rows::cell);
                rows.endRow(number);
                if (number % WATCHED == 0) {
                    source.watch().at(number, -1);
                    if (source.watch().isStopped()) {
                        throw new java.io.InterruptedIOException("stopped");
                    }
                }
            }
        }

        /** The cells of a row without the empty ones at its end. */
        private List<String> cells() throws XMLStreamException, InputProblem {
            List<String> row = new ArrayList<>();
            long empty = 0;
            while (true) {
                int event = xml.next();
                if (event == XMLStreamConstants.END_ELEMENT && is(xml, TABLE, "table-row")) {
                    return row;
                }
                if (event != XMLStreamConstants.START_ELEMENT) {
                    continue;
                }
                if (!is(xml, TABLE, "table-cell") && !is(xml, TABLE, "covered-table-cell")) {
                    skip();
                    continue;
                }
                long times = repeated("number-columns-repeated");
                boolean covered = is(xml, TABLE, "covered-table-cell");
                String text = cell();
                if (text.isEmpty() || covered) {
                    empty += times;
                    continue;
                }
                if (row.size() + empty + times > MOST_COLUMNS) {
                    throw new InputProblem(Sentence.of("input.too-wide", source.name(), Long.toString(number + 1)));
                }
                for (; empty > 0; empty--) {
                    row.add("");
                }
                repeated += times - 1;
                for (long i = 0; i < times; i++) {
                    row.add(text);
                }
            }
        }

        private String cell() throws XMLStreamException, InputProblem {
            String type = attribute(xml, OFFICE, "value-type", "");
            String value = attribute(xml, OFFICE, "value", "");
            String date = attribute(xml, OFFICE, "date-value", "");
            String time = attribute(xml, OFFICE, "time-value", "");
            String yes = attribute(xml, OFFICE, "boolean-value", "");
            String shown = shown();
            return switch (type) {
                case "float", "currency" -> WorkbookText.number(value);
                case "percentage" -> {
                    percents = true;
                    yield WorkbookText.number(value);
                }
                case "date" -> date.endsWith("T00:00:00") ? date.substring(0, date.indexOf('T')) : date;
                case "time" -> clock(time);
                case "boolean" -> yes.equals("true") ? "yes" : "no";
                default -> shown;
            };
        }

        /** {@code PT18H30M05S} as {@code 18:30:05}. */
        private String clock(String time) {
            try {
                java.time.Duration length = java.time.Duration.parse(time);
                return String.format(
                        java.util.Locale.ROOT,
                        "%02d:%02d:%02d",
                        length.toHours(),
                        length.toMinutesPart(),
                        length.toSecondsPart());
            } catch (java.time.DateTimeException none) {
                return time;
            }
        }

        /** The text of a cell, its paragraphs after one another, without notes. */
        private String shown() throws XMLStreamException, InputProblem {
            StringBuilder text = new StringBuilder();
            int paragraphs = 0;
            for (int depth = 1; depth > 0; ) {
                int event = xml.next();
                if (event == XMLStreamConstants.START_ELEMENT) {
                    if (is(xml, OFFICE, "annotation")) {
                        skip();
                        continue;
                    }
                    depth++;
                    if (is(xml, TEXT, "p") && paragraphs++ > 0) {
                        text.append(' ');
                    } else if (is(xml, TEXT, "s")) {
                        String count = attribute(xml, TEXT, "c", "1");
                        text.append(" ".repeat(count.matches("[0-9]{1,3}") ? Integer.parseInt(count) : 1));
                    } else if (is(xml, TEXT, "tab") || is(xml, TEXT, "line-break")) {
                        text.append(' ');
                    }
                } else if (event == XMLStreamConstants.END_ELEMENT) {
                    depth--;
                } else if (event == XMLStreamConstants.CHARACTERS || event == XMLStreamConstants.CDATA) {
                    if (paragraphs > 0) {
                        text.append(xml.getText());
                    }
                    if (text.length() > DelimitedText.LARGEST_CELL) {
                        throw new InputProblem(Sentence.of("input.cell-too-large", source.name()));
                    }
                }
            }
            return text.toString();
        }

        /** Passes over an element with all that is in it. */
        private void skip() throws XMLStreamException {
            for (int depth = 1; depth > 0; ) {
                int event = xml.next();
                if (event == XMLStreamConstants.START_ELEMENT) {
                    depth++;
                } else if (event == XMLStreamConstants.END_ELEMENT) {
                    depth--;
                }
            }
        }
    }
}
