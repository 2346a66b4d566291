package promedio.files.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.files.InputProblem;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class WorkbooksTest {
    private static final String ODS = "application/vnd.oasis.opendocument.spreadsheet";

    private static TableFile read(byte[] bytes, ReadingOptions options) throws InputProblem {
        return TableFiles.read("-", new ByteArrayInputStream(bytes), options, Watch.NOBODY);
    }

    private static byte[] zip(Map<String, byte[]> entries) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue());
            }
        }
        return bytes.toByteArray();
    }

    private static byte[] ods(String tables) throws IOException {
        String content =
                """
                <?xml version="1.0" encoding="UTF-8"?><office:document-content
                 xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0"
                 xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0"
                 xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0"><office:body><office:spreadsheet>"""
                        + tables + "</office:spreadsheet></office:body></office:document-content>";
        Map<String, byte[]> entries = new LinkedHashMap<>();
        entries.put("mimetype", ODS.getBytes(StandardCharsets.UTF_8));
        entries.put("content.xml", content.getBytes(StandardCharsets.UTF_8));
        return zip(entries);
    }

    private static String number(String value) {
        return "<table:table-cell office:value-type='float' office:value='" + value
                + "'><text:p>shown</text:p></table:table-cell>";
    }

    private static String word(String text) {
        return "<table:table-cell office:value-type='string'><text:p>" + text + "</text:p></table:table-cell>";
    }

    /** A workbook of one sheet as others write it: with styles or without, and with one shared text. */
    private static byte[] bare(String rows, boolean styles) throws IOException {
        return bare(rows, styles, "name='A' ");
    }

    private static byte[] bare(String rows, boolean styles, String named) throws IOException {
        String office = "http://schemas.openxmlformats.org/officeDocument/2006/relationships";
        String packages = "http://schemas.openxmlformats.org/package/2006";
        String main = "http://schemas.openxmlformats.org/spreadsheetml/2006/main";
        String type = "application/vnd.openxmlformats-officedocument.spreadsheetml.";
        Map<String, String> parts = new LinkedHashMap<>();
        parts.put(
                "workbook",
                "<workbook xmlns='" + main + "' xmlns:r='" + office + "'><sheets><sheet " + named
                        + "sheetId='1' r:id='worksheet'/></sheets></workbook>");
        parts.put("worksheet", "<worksheet xmlns='" + main + "'><sheetData>" + rows + "</sheetData></worksheet>");
        parts.put("sharedStrings", "<sst xmlns='" + main + "'><si><t>n</t></si></sst>");
        if (styles) {
            parts.put("styles", "<styleSheet xmlns='" + main + "'/>");
        }
        StringBuilder types = new StringBuilder("<Types xmlns='" + packages + "/content-types'>"
                + "<Default Extension='rels' ContentType='application/vnd.openxmlformats-package.relationships+xml'/>");
        StringBuilder related = new StringBuilder("<Relationships xmlns='" + packages + "/relationships'>");
        Map<String, byte[]> entries = new LinkedHashMap<>();
        parts.forEach((name, part) -> {
            String suffix = name.equals("workbook") ? "sheet.main" : name;
            types.append("<Override PartName='/xl/" + name + ".xml' ContentType='" + type + suffix + "+xml'/>");
            related.append(
                    name.equals("workbook")
                            ? ""
                            : "<Relationship Id='" + name + "' Type='" + office + "/" + name + "' Target='" + name
                                    + ".xml'/>");
            entries.put("xl/" + name + ".xml", part.getBytes(StandardCharsets.UTF_8));
        });
        entries.put("xl/worksheets/none.xml", new byte[0]);
        entries.put("[Content_Types].xml", types.append("</Types>").toString().getBytes(StandardCharsets.UTF_8));
        entries.put(
                "xl/_rels/workbook.xml.rels",
                related.append("</Relationships>").toString().getBytes(StandardCharsets.UTF_8));
        entries.put(
                "_rels/.rels",
                ("<Relationships xmlns='" + packages + "/relationships'><Relationship Id='w' Type='" + office
                                + "/officeDocument' Target='xl/workbook.xml'/></Relationships>")
                        .getBytes(StandardCharsets.UTF_8));
        entries.remove("xl/worksheets/none.xml");
        byte[] sheet = entries.remove("xl/worksheet.xml");
        entries.put("xl/worksheets/sheet1.xml", sheet);
        for (String part : new String[] {"[Content_Types].xml", "xl/_rels/workbook.xml.rels"}) {
            entries.computeIfPresent(part, (name, bytes) -> new String(bytes, StandardCharsets.UTF_8)
                    .replace("/xl/worksheet.xml", "/xl/worksheets/sheet1.xml")
                    .replace("Target='worksheet.xml'", "Target='worksheets/sheet1.xml'")
                    .getBytes(StandardCharsets.UTF_8));
        }
        return zip(entries);
    }

    @Test
    void a_workbook_without_styles_is_no_damaged_one_and_lost_texts_and_endless_numbers_are_told() throws Exception {
        String rows = "<row r='1'><c r='A1' t='s'><v>0</v></c></row><row r='2'><c r='A2'><v>3</v></c></row>"
                + "<row r='3'><c r='A3'>%s</c></row><row r='4'><c r='A4'><v>5</v></c></row>";
        for (boolean styles : new boolean[] {true, false}) {
            TableFile plain = read(bare(String.format(rows, "<v>4</v>"), styles), ReadingOptions.GUESSED);
            assertThat(plain.table().columns().get(0).entries().texts()).containsExactly("3", "4", "5");
            assertThat(plain.told()).isEmpty();
            String endless = "7".repeat(300_000);
            TableFile vast = assertTimeoutPreemptively(
                    Duration.ofSeconds(20),
                    () -> read(bare(String.format(rows, "<v>" + endless + "</v>"), styles), ReadingOptions.GUESSED));
            assertThat(vast.table().columns().get(0).entries().text(1)).isEqualTo(endless);
            TableFile lost = read(
                    bare(String.format(rows, "<v>4</v>").replace("r='A3'", "r='A3' t=\"s\""), styles),
                    ReadingOptions.GUESSED);
            assertThat(lost.told())
                    .extracting(Object::toString)
                    .containsExactly("Some cells refer to texts that are not in the workbook: they are empty.");
        }
        String endless = "7".repeat(300_000);
        TableFile ods = assertTimeoutPreemptively(
                Duration.ofSeconds(20),
                () -> read(
                        ods("<table:table table:name='A'><table:table-row>" + word("n")
                                + "</table:table-row><table:table-row>" + number(endless)
                                + "</table:table-row></table:table>"),
                        ReadingOptions.GUESSED));
        assertThat(ods.table().rows()).isEqualTo(1);
    }

    @Test
    void a_sheet_without_a_name_is_called_by_its_number() throws Exception {
        String rows = "<row r='1'><c r='A1' t='s'><v>0</v></c></row><row r='2'><c r='A2'><v>3</v></c></row>";
        TableFile read = read(bare(rows, true, ""), ReadingOptions.GUESSED);
        assertThat(read.sheets()).containsExactly("sheet 1");
        assertThat(read.table().columns().get(0).entries().texts()).containsExactly("3");
        assertThatThrownBy(() -> read(
                        bare("<row r='1'><c r='A1'><v>3</v></c></row><row r='x'/>", true, ""), ReadingOptions.GUESSED))
                .isInstanceOf(InputProblem.class)
                .hasMessageContaining("“sheet 1” cannot be read from row 2 on");
    }

    private static byte[] xlsx() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        Workbook workbook = new Workbook(bytes, "Promedio", "1.0");
        workbook.newWorksheet("empty");
        Worksheet sheet = workbook.newWorksheet("log");
        sheet.value(0, 0, "Repair cafe log");
        String[] heads = {"day", "item", "minutes", "share", "mended", "at"};
        for (int i = 0; i < heads.length; i++) {
            sheet.value(2, i, heads[i]);
        }
        for (int row = 3; row < 6; row++) {
            sheet.value(row, 0, LocalDate.of(2031, 4, row));
            sheet.style(row, 0).format("yyyy-mm-dd").set();
            sheet.value(row, 1, row == 4 ? "lamp" : "kettle");
            sheet.value(row, 2, row * 0.1 + 0.2);
            sheet.value(row, 3, 0.12);
            sheet.style(row, 3).format("0%").set();
            sheet.value(row, 4, row == 4);
            sheet.value(row, 5, LocalDateTime.of(2031, 4, row, 18, 30));
            sheet.style(row, 5).format("dd/mm/yyyy hh:mm").set();
        }
        sheet.formula(6, 2, "SUM(C4:C6)");
        Worksheet other = workbook.newWorksheet("other");
        other.value(0, 0, "x");
        other.value(1, 0, 7);
        workbook.finish();
        return bytes.toByteArray();
    }

    /** 3 · 0.1 + 0.2 is 0.5 in the file; 4 · 0.1 + 0.2 stands there as 0.6000000000000001, and was 0.6. */
    @Test
    void a_workbook_is_read_with_its_dates_its_percents_and_the_numbers_that_were_meant() throws Exception {
        TableFile file = read(xlsx(), ReadingOptions.GUESSED);
        assertThat(TableFilesTest.told(file))
                .startsWith(
                        "xlsx log, skip 2, heading, 3 rows",
                        "day: date y-m-d 3/0/0",
                        "item: text 3/0/0",
                        "minutes: number 3/0/0",
                        "share: number 3/0/0",
                        "mended: text 3/0/0",
                        "at: date y-m-d 3/0/0");
        assertThat(file.table().row(1))
                .containsExactly("2031-04-04", "lamp", "0.6", "0.12", "yes", "2031-04-04T18:30:00");
        assertThat(file.told().toString()).contains("percent");
        assertThat(file.sheets()).containsExactly("empty", "log", "other");
        assertThat(read(xlsx(), ReadingOptions.GUESSED.withSheet(Optional.of("other")))
                        .table()
                        .row(0))
                .containsExactly("7");
        assertThat(read(xlsx(), ReadingOptions.GUESSED.withSheet(Optional.of("3")))
                        .sheet())
                .contains("other");
        assertThatThrownBy(() -> read(xlsx(), ReadingOptions.GUESSED.withSheet(Optional.of("fourth"))))
                .hasMessageContaining("empty, log, other");
    }

    /** A cell may say that it is a date, and hold ISO 8601 in place of a number of days. */
    @Test
    void a_date_that_a_workbook_holds_as_such_is_a_date(@TempDir Path folder) throws Exception {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        Path file = Files.write(folder.resolve("log.xlsx"), xlsx());
        try (ZipFile zip = new ZipFile(file.toFile())) {
            for (ZipEntry entry : Collections.list(zip.entries())) {
                entries.put(entry.getName(), zip.getInputStream(entry).readAllBytes());
            }
        }
        entries.computeIfPresent("xl/worksheets/sheet2.xml", (name, bytes) -> new String(bytes, StandardCharsets.UTF_8)
                .replaceAll("<c r=\"A([456])\"[^>]*><v>[^<]*", "<c r=\"A$1\" t=\"d\"><v>2031-05-0$1T00:00:00")
                .getBytes(StandardCharsets.UTF_8));
        TableFile read = read(zip(entries), ReadingOptions.GUESSED);
        assertThat(TableFilesTest.told(read)).contains("day: date y-m-d 3/0/0");
        assertThat(read.table().row(1)).startsWith("2031-05-05", "lamp");
    }

    @Test
    void an_open_workbook_is_read_with_repeats_notes_and_covered_cells() throws Exception {
        byte[] bytes = ods("<table:table table:name='leer'/><table:table table:name='log'>"
                + "<table:table-row>" + word("item") + word("minutes") + word("day") + "</table:table-row>"
                + "<table:table-row table:number-rows-repeated='2'>" + word("lamp") + number("4.0999999999999996")
                + "<table:table-cell office:value-type='date' office:date-value='2031-04-05T00:00:00'><text:p>5 April</text:p></table:table-cell>"
                + "<table:table-cell table:number-columns-repeated='16000'/></table:table-row>"
                + "<table:table-row><table:table-cell office:value-type='string'><office:annotation><text:p>look</text:p></office:annotation>"
                + "<text:p>old<text:s text:c='2'/>kettle</text:p></table:table-cell><table:covered-table-cell office:value-type='float' office:value='3'/>"
                + "<table:table-cell office:value-type='date' office:date-value='2031-04-06'/></table:table-row>"
                + "<table:table-row table:number-rows-repeated='1048000'><table:table-cell table:number-columns-repeated='1024'/></table:table-row>"
                + "</table:table>");
        TableFile file = read(bytes, ReadingOptions.GUESSED);
        assertThat(TableFilesTest.told(file))
                .startsWith(
                        "ods log, heading, 3 rows",
                        "item: text 3/0/0",
                        "minutes: number 2/1/0",
                        "day: date y-m-d 3/0/0");
        assertThat(file.table().row(0)).containsExactly("lamp", "4.1", "2031-04-05");
        assertThat(file.table().row(2)).containsExactly("old  kettle", "", "2031-04-06");
    }

    @Test
    void what_would_unpack_to_far_more_than_it_is_gets_refused() throws Exception {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            zip.putNextEntry(new ZipEntry("mimetype"));
            zip.write(ODS.getBytes(StandardCharsets.UTF_8));
            zip.putNextEntry(new ZipEntry("content.xml"));
            byte[] block = new byte[1 << 20];
            for (int i = 0; i < 130; i++) {
                zip.write(block);
            }
        }
        assertThatThrownBy(() -> read(bytes.toByteArray(), ReadingOptions.GUESSED))
                .isInstanceOf(InputProblem.class)
                .hasMessageContaining("unpack");
        byte[] rows = ods("<table:table table:name='t'><table:table-row table:number-rows-repeated='9000000000'>"
                + number("1") + "</table:table-row></table:table>");
        assertThatThrownBy(() -> read(rows, ReadingOptions.GUESSED)).isInstanceOf(InputProblem.class);
        // What stands there once and counts eighty million times, along the rows or across them, is refused before it
        // is gone through.
        String wide = "<table:table-row>"
                + number("1").replace("<table:table-cell", "<table:table-cell table:number-columns-repeated='16000'")
                + "</table:table-row>";
        for (String all : List.of(
                "<table:table-row table:number-rows-repeated='80000000'>" + number("1") + "</table:table-row>",
                wide.repeat(5_000))) {
            byte[] vast = ods("<table:table table:name='t'>" + all + "</table:table>");
            assertTimeoutPreemptively(
                    Duration.ofSeconds(5), () -> assertThatThrownBy(() -> read(vast, ReadingOptions.GUESSED))
                            .hasMessageContaining("unpack"));
        }
        byte[] columns = ods(
                "<table:table table:name='t'><table:table-row><table:table-cell office:value-type='float' office:value='1'"
                        + " table:number-columns-repeated='90000'/></table:table-row></table:table>");
        assertThatThrownBy(() -> read(columns, ReadingOptions.GUESSED)).hasMessageContaining("16 384");
    }

    @Test
    void external_entities_and_encryption_are_refused() throws Exception {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        entries.put("mimetype", ODS.getBytes(StandardCharsets.UTF_8));
        entries.put(
                "content.xml",
                "<!DOCTYPE a [<!ENTITY b SYSTEM 'file:///etc/hostname'>]><a>&b;</a>".getBytes(StandardCharsets.UTF_8));
        assertThatThrownBy(() -> read(zip(entries), ReadingOptions.GUESSED)).isInstanceOf(InputProblem.class);
        entries.put("META-INF/manifest.xml", "<manifest:encryption-data/>".getBytes(StandardCharsets.UTF_8));
        assertThatThrownBy(() -> read(zip(entries), ReadingOptions.GUESSED)).hasMessageContaining("encrypted");
    }

    @Test
    void damaged_workbooks_are_refused_in_a_sentence() throws Exception {
        byte[] whole = xlsx();
        Random random = new Random(11);
        for (int i = 0; i < 60; i++) {
            byte[] damaged = whole.clone();
            for (int k = 0; k < 5; k++) {
                damaged[4 + random.nextInt(damaged.length - 4)] = (byte) random.nextInt(256);
            }
            try {
                read(damaged, ReadingOptions.GUESSED);
            } catch (InputProblem problem) {
                assertThat(problem.sentence().toString()).isNotEmpty();
            }
        }
    }

    @Test
    void a_name_that_may_not_be_bound_is_damage() throws Exception {
        byte[] sheet = ods("<xmlns:table table:name='t'></xmlns:table>");
        assertThatThrownBy(() -> read(sheet, ReadingOptions.GUESSED))
                .isInstanceOf(InputProblem.class)
                .hasMessageContaining("damaged");
    }

    /** A byte that is no character, inside a sheet: the workbook is called damaged, and the parser prints nothing of its own. */
    @Test
    void a_member_that_is_no_text_is_damage_and_no_word_of_the_parser_is_printed() throws Exception {
        byte[] cells =
                ods("<table:table table:name='t'><table:table-row>" + word("a#b") + "</table:table-row></table:table>");
        // One that has no styles is written anew before it is read.
        byte[] bare = bare("<row r='1'><c r='A1' t='inlineStr'><is><t>a#b</t></is></c></row>", false);
        for (byte[] sheet : List.of(cells, bare)) {
            Map<String, byte[]> members = new LinkedHashMap<>();
            try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(sheet))) {
                for (ZipEntry entry; (entry = in.getNextEntry()) != null; ) {
                    String text = new String(in.readAllBytes(), StandardCharsets.ISO_8859_1);
                    members.put(entry.getName(), text.replace("a#b", "a\u00ffb").getBytes(StandardCharsets.ISO_8859_1));
                }
            }
            PrintStream before = System.err;
            ByteArrayOutputStream printed = new ByteArrayOutputStream();
            System.setErr(new PrintStream(printed, true, StandardCharsets.UTF_8));
            try {
                assertThatThrownBy(() -> read(zip(members), ReadingOptions.GUESSED))
                        .hasMessageContaining("damaged");
            } finally {
                System.setErr(before);
            }
            assertThat(printed.toString(StandardCharsets.UTF_8)).isEmpty();
        }
    }
}
