package promedio.files.table;

import java.io.IOException;
import java.io.Reader;
import java.io.StringWriter;
import java.util.List;
import promedio.core.sentence.Sentence;
import promedio.files.InputProblem;
import promedio.files.html.HtmlTables;

/** The tables of a web page. */
final class HtmlSheets implements Sheets {
    private final List<HtmlTables.Found> tables;

    HtmlSheets(String source, Reader text) throws IOException, InputProblem {
        StringWriter page = new StringWriter();
        try (text) {
            text.transferTo(page);
        }
        if (page.getBuffer().length() > DelimitedText.LARGEST_CELL) {
            throw new InputProblem(Sentence.of("input.page-too-large", source));
        }
        this.tables = HtmlTables.all(page.toString());
        if (tables.isEmpty()) {
            throw new InputProblem(Sentence.of("input.no-table", source));
        }
    }

    @Override
    public List<String> names() {
        return tables.stream().map(HtmlTables.Found::name).toList();
    }

    @Override
    public void give(int sheet, RowTaker rows) throws InputProblem {
        long number = 0;
        for (List<String> row : tables.get(sheet).rows()) {
            row.forEach(rows::cell);
            rows.endRow(++number);
        }
    }

    @Override
    public List<Sentence> told() {
        return List.of();
    }
}
