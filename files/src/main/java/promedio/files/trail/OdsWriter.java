package promedio.files.trail;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import promedio.core.sentence.Visible;
import promedio.core.trail.Field;
import promedio.core.vector.Kind;

/** Writes a table as an OpenDocument workbook (ISO/IEC 26300): numbers as numbers, dates as dates, yes and no as such. */
final class OdsWriter {
    private static final String MIME = "application/vnd.oasis.opendocument.spreadsheet";
    private static final String OFFICE = "urn:oasis:names:tc:opendocument:xmlns:office:1.0";
    private static final String TABLE = "urn:oasis:names:tc:opendocument:xmlns:table:1.0";
    private static final String TEXT = "urn:oasis:names:tc:opendocument:xmlns:text:1.0";
    private static final String MANIFEST = "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n"
            + "<manifest:manifest xmlns:manifest=\"urn:oasis:names:tc:opendocument:xmlns:manifest:1.0\" manifest:version=\"1.3\">"
            + "<manifest:file-entry manifest:full-path=\"/\" manifest:version=\"1.3\" manifest:media-type=\"" + MIME
            + "\"/><manifest:file-entry manifest:full-path=\"content.xml\" manifest:media-type=\"text/xml\"/>"
            + "</manifest:manifest>\n";

    private final TableWriter writer;

    OdsWriter(TableWriter writer) {
        this.writer = writer;
    }

    void write(OutputStream out) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        byte[] mime = MIME.getBytes(StandardCharsets.US_ASCII);
        ZipEntry first = new ZipEntry("mimetype");
        // The first entry is neither packed nor described behind, so that the format is told by the first bytes.
        first.setMethod(ZipEntry.STORED);
        first.setSize(mime.length);
        CRC32 check = new CRC32();
        check.update(mime);
        first.setCrc(check.getValue());
        zip.putNextEntry(first);
        zip.write(mime);
        zip.putNextEntry(new ZipEntry("META-INF/manifest.xml"));
        zip.write(MANIFEST.getBytes(StandardCharsets.UTF_8));
        zip.putNextEntry(new ZipEntry("content.xml"));
        try {
            content(zip);
        } catch (XMLStreamException problem) {
            throw new IOException(problem);
        }
        zip.closeEntry();
        zip.finish();
    }

    private void content(OutputStream out) throws XMLStreamException {
        XMLStreamWriter xml = XMLOutputFactory.newInstance().createXMLStreamWriter(out, "UTF-8");
        xml.writeStartDocument("UTF-8", "1.0");
        xml.writeStartElement("office", "document-content", OFFICE);
        xml.writeNamespace("office", OFFICE);
        xml.writeNamespace("table", TABLE);
        xml.writeNamespace("text", TEXT);
        xml.writeAttribute("office", OFFICE, "version", "1.3");
        xml.writeStartElement("office", "body", OFFICE);
        xml.writeStartElement("office", "spreadsheet", OFFICE);
        xml.writeStartElement("table", "table", TABLE);
        xml.writeAttribute("table", TABLE, "name", "Table");
        xml.writeEmptyElement("table", "table-column", TABLE);
        xml.writeAttribute(
                "table",
                TABLE,
                "number-columns-repeated",
                Integer.toString(writer.table().fields().size()));
        xml.writeStartElement("table", "table-row", TABLE);
        for (Field field : writer.table().fields()) {
            cell(xml, "string", "", field.name());
        }
        xml.writeEndElement();
        for (int row = 0; row < writer.table().rows(); row++) {
            xml.writeStartElement("table", "table-row", TABLE);
            for (Field field : writer.table().fields()) {
                cell(xml, field, row);
            }
            xml.writeEndElement();
        }
        xml.writeEndDocument();
        xml.flush();
    }

    private void cell(XMLStreamWriter xml, Field field, int row) throws XMLStreamException {
        String cell = writer.cell(field, row);
        if (cell.isEmpty()) {
            xml.writeEmptyElement("table", "table-cell", TABLE);
        } else if (TableWriter.isNumber(field, row, cell) && TableWriter.fits(cell)) {
            cell(xml, "float", "value", cell);
        } else if (field.kind() == Kind.DATE && !field.vector().isMissing(row)) {
            cell(xml, "date", "date-value", cell);
        } else if (field.kind() == Kind.TRUTH) {
            cell(xml, "boolean", "boolean-value", cell);
        } else {
            cell(xml, "string", "", cell);
        }
    }

    private static void cell(XMLStreamWriter xml, String type, String attribute, String cell)
            throws XMLStreamException {
        xml.writeStartElement("table", "table-cell", TABLE);
        xml.writeAttribute("office", OFFICE, "value-type", type);
        if (!attribute.isEmpty()) {
            String value = type.equals("boolean") ? Boolean.toString(cell.equals("yes")) : cell;
            xml.writeAttribute("office", OFFICE, attribute, value);
        }
        xml.writeStartElement("text", "p", TEXT);
        xml.writeCharacters(Visible.encodable(legal(cell)));
        xml.writeEndElement();
        xml.writeEndElement();
    }

    /** Characters that XML does not have are replaced. */
    private static String legal(String text) {
        return text.replaceAll("[\\x00-\\x08\\x0b\\x0c\\x0e-\\x1f\\ufffe\\uffff]", "\ufffd");
    }
}
