package promedio.files.table;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import javax.xml.namespace.QName;
import javax.xml.stream.XMLEventFactory;
import javax.xml.stream.XMLEventReader;
import javax.xml.stream.XMLEventWriter;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.events.Attribute;
import javax.xml.stream.events.StartElement;
import javax.xml.stream.events.XMLEvent;

/**
 * What the library that reads workbooks does not know: cells that say of themselves that they are dates and hold ISO 8601 (ISO/IEC 29500,
 * {@code t="d"}), numbers of very many digits, which take it minutes, and a workbook without styles. Such a workbook is copied with texts
 * in the place of those cells, and with styles that say nothing.
 */
final class OddCells {
    private static final String SHEETS = "xl/worksheets/";
    private static final byte[] SAID = " t=?d?".getBytes(StandardCharsets.US_ASCII);
    private static final QName TYPE = new QName("t");

    private static final String STYLES = "xl/styles.xml";
    private static final String TYPES = "[Content_Types].xml";
    private static final String RELATIONS = "xl/_rels/workbook.xml.rels";
    private static final String NO_STYLES =
            "<styleSheet xmlns=\"http://schemas.openxmlformats.org/spreadsheetml/2006/main\"/>";
    private static final String STYLES_TYPE = "<Override PartName=\"/xl/styles.xml\" ContentType=\""
            + "application/vnd.openxmlformats-officedocument.spreadsheetml.styles+xml\"/>";
    private static final String STYLES_RELATION = "<Relationship Id=\"rIdOfNoStyles\" Type=\""
            + "http://schemas.openxmlformats.org/officeDocument/2006/relationships/styles\" Target=\"styles.xml\"/>";

    /** How much of a sign has gone by. */
    private int matched;

    private int digits;
    private boolean seen;

    /** Whether an entry can hold cells. */
    static boolean canHold(String entry) {
        return entry.startsWith(SHEETS) && entry.endsWith(".xml");
    }

    /** Looks for such cells in bytes that go by; what looks like one and is none only costs time. */
    void pass(byte[] block, int length) {
        for (int i = 0; i < length && !seen; i++) {
            byte sign = block[i];
            byte wanted = SAID[matched];
            boolean fits = wanted == '?' ? sign == '"' || sign == '\'' : sign == wanted;
            matched = fits ? matched + 1 : sign == SAID[0] ? 1 : 0;
            seen = matched == SAID.length;
            matched = seen ? 0 : matched;
            digits = sign >= '0' && sign <= '9' ? digits + 1 : 0;
            seen |= digits > WorkbookText.LONG;
        }
    }

    /** Whether a workbook has nothing that says how its cells look. */
    static boolean hasNoStyles(ZipFile workbook) {
        return workbook.getEntry("xl/workbook.xml") != null && workbook.getEntry(STYLES) == null;
    }

    /** Whether one was seen. */
    boolean seen() {
        return seen;
    }

    /** A copy of a workbook in which they are known: a temporary file. */
    static Path asTexts(Path workbook) throws IOException, XMLStreamException {
        Path copy = Files.createTempFile("promedio", ".xlsx");
        try (ZipFile from = new ZipFile(workbook.toFile());
                ZipOutputStream to = new ZipOutputStream(Files.newOutputStream(copy))) {
            boolean bare = hasNoStyles(from);
            for (ZipEntry entry : Collections.list(from.entries())) {
                to.putNextEntry(new ZipEntry(entry.getName()));
                try (InputStream in = from.getInputStream(entry)) {
                    if (canHold(entry.getName())) {
                        copy(in, to);
                    } else if (bare && entry.getName().equals(TYPES)) {
                        added(in, "</Types>", STYLES_TYPE, to);
                    } else if (bare && entry.getName().equals(RELATIONS)) {
                        added(in, "</Relationships>", STYLES_RELATION, to);
                    } else {
                        in.transferTo(to);
                    }
                }
                to.closeEntry();
            }
            if (bare) {
                to.putNextEntry(new ZipEntry(STYLES));
                to.write(NO_STYLES.getBytes(StandardCharsets.UTF_8));
                to.closeEntry();
            }
        } catch (IOException | XMLStreamException broken) {
            Files.deleteIfExists(copy);
            throw broken;
        }
        return copy;
    }

    private static void copy(InputStream in, OutputStream out) throws XMLStreamException {
        XMLEventReader reader = SafeXml.factory().createXMLEventReader(in);
        XMLEventWriter writer =
                XMLOutputFactory.newDefaultFactory().createXMLEventWriter(out, StandardCharsets.UTF_8.name());
        XMLEventFactory events = XMLEventFactory.newDefaultFactory();
        List<XMLEvent> cell = new ArrayList<>();
        int length = 0;
        while (reader.hasNext()) {
            XMLEvent event = reader.nextEvent();
            if (event.isStartElement() && isCell(event.asStartElement().getName())) {
                length = 0;
                cell.add(event);
            } else if (cell.isEmpty()) {
                writer.add(event);
            } else {
                cell.add(event);
                length += event.isCharacters() ? event.asCharacters().getData().length() : 0;
                if (event.isEndElement() && isCell(event.asEndElement().getName())) {
                    write(cell, length > WorkbookText.LONG, events, writer);
                    cell.clear();
                }
            }
        }
        for (XMLEvent event : cell) {
            writer.add(event);
        }
        writer.flush();
    }

    private static boolean isCell(QName name) {
        return name.getLocalPart().equals("c");
    }

    private static void write(List<XMLEvent> cell, boolean isLong, XMLEventFactory events, XMLEventWriter writer)
            throws XMLStreamException {
        writer.add(known(cell.get(0).asStartElement(), isLong, events));
        for (XMLEvent event : cell.subList(1, cell.size())) {
            writer.add(event);
        }
    }

    /** A cell that says it is a text, where it holds a date or a long number. */
    private static XMLEvent known(StartElement element, boolean isLong, XMLEventFactory events) {
        Attribute type = element.getAttributeByName(TYPE);
        boolean date = type != null && type.getValue().equals("d");
        boolean number = isLong && (type == null || type.getValue().equals("n"));
        if (!date && !number) {
            return element;
        }
        List<Attribute> attributes = new ArrayList<>();
        element.getAttributes().forEachRemaining(one -> {
            if (!one.getName().equals(TYPE)) {
                attributes.add(one);
            }
        });
        attributes.add(events.createAttribute(TYPE, "str"));
        return events.createStartElement(element.getName(), attributes.iterator(), element.getNamespaces());
    }

    /** Copies a part with something more before its end. */
    private static void added(InputStream in, String end, String more, OutputStream out) throws IOException {
        String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        int at = text.lastIndexOf(end);
        String whole = at < 0 ? text : text.substring(0, at) + more + text.substring(at);
        out.write(whole.getBytes(StandardCharsets.UTF_8));
    }
}
