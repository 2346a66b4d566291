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
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.events.Attribute;
import javax.xml.stream.events.StartElement;
import javax.xml.stream.events.XMLEvent;

/**
 * Cells of a workbook that say of themselves that they are dates and hold ISO 8601 (ISO/IEC 29500, {@code t="d"}). The library that reads
 * workbooks does not know them, so that such a workbook is copied with texts in their place.
 */
final class DateCells {
    private static final String SHEETS = "xl/worksheets/";
    private static final byte[] SAID = " t=?d?".getBytes(StandardCharsets.US_ASCII);
    private static final QName TYPE = new QName("t");

    /** How much of a sign has gone by. */
    private int matched;

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
        }
    }

    /** Whether one was seen. */
    boolean seen() {
        return seen;
    }

    /** A copy of a workbook in which they are texts: a temporary file. */
    static Path asTexts(Path workbook) throws IOException {
        Path copy = Files.createTempFile("promedio", ".xlsx");
        try (ZipFile from = new ZipFile(workbook.toFile());
                ZipOutputStream to = new ZipOutputStream(Files.newOutputStream(copy))) {
            for (ZipEntry entry : Collections.list(from.entries())) {
                to.putNextEntry(new ZipEntry(entry.getName()));
                try (InputStream in = from.getInputStream(entry)) {
                    if (canHold(entry.getName())) {
                        copy(in, to);
                    } else {
                        in.transferTo(to);
                    }
                }
                to.closeEntry();
            }
        } catch (IOException | XMLStreamException broken) {
            Files.deleteIfExists(copy);
            throw broken instanceof IOException full ? full : new IOException(broken);
        }
        return copy;
    }

    private static void copy(InputStream in, OutputStream out) throws XMLStreamException {
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        XMLEventReader reader = factory.createXMLEventReader(in);
        XMLEventWriter writer =
                XMLOutputFactory.newDefaultFactory().createXMLEventWriter(out, StandardCharsets.UTF_8.name());
        XMLEventFactory events = XMLEventFactory.newDefaultFactory();
        while (reader.hasNext()) {
            XMLEvent event = reader.nextEvent();
            writer.add(event.isStartElement() ? asText(event.asStartElement(), events) : event);
        }
        writer.flush();
    }

    private static XMLEvent asText(StartElement element, XMLEventFactory events) {
        Attribute type = element.getAttributeByName(TYPE);
        boolean date = element.getName().getLocalPart().equals("c")
                && type != null
                && type.getValue().equals("d");
        if (!date) {
            return element;
        }
        List<Attribute> attributes = new ArrayList<>();
        element.getAttributes()
                .forEachRemaining(
                        one -> attributes.add(one.getName().equals(TYPE) ? events.createAttribute(TYPE, "str") : one));
        return events.createStartElement(element.getName(), attributes.iterator(), element.getNamespaces());
    }
}
