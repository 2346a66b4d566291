package promedio.desktop.command;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.charset.Charset;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import promedio.core.data.Column;
import promedio.core.data.PointedOut;
import promedio.core.data.Summary;
import promedio.core.data.Table;
import promedio.core.number.SignificantText;
import promedio.core.sentence.Visible;
import promedio.files.table.Delimiter;
import promedio.files.table.TableFile;

/** How a file was read as a data table, in JSON and in words: definitions for tables, section 9. */
final class ReadText {
    private static final int SHOWN_ROWS = 6;
    private static final int SHOWN_TEXTS = 6;
    private static final int DIGITS = 15;
    private static final int LONGEST_CELL = 1_000;

    private ReadText() {}

    static String json(TableFile file) {
        ObjectNode object = new ObjectMapper().createObjectNode();
        object.put("source", file.source()).put("format", file.format().id());
        file.sheet().ifPresent(sheet -> object.put("sheet", sheet));
        file.encoding().ifPresent(encoding -> object.put("encoding", encoding.name()));
        file.delimiter().ifPresent(delimiter -> object.put("delimiter", delimiter.id()));
        object.put("skipped", Integer.toString(file.preamble().size())).put("heading", file.heading());
        object.put("decimal-mark", file.reading().decimalMark() == ',' ? "comma" : "point");
        object.put("thousands", file.reading().thousands().id());
        Table table = file.table();
        object.put("rows", Integer.toString(table.rows()));
        columns(object, table);
        int shown = Math.min(SHOWN_ROWS, table.rows());
        rows(object.putArray("first"), table, 0, shown);
        rows(object.putArray("last"), table, table.rows() - shown, table.rows());
        ArrayNode pointedOut = object.putArray("pointed-out");
        file.reading().pointedOut().forEach(notice -> pointedOut(pointedOut.addObject(), notice));
        if (!file.sheets().isEmpty()) {
            ArrayNode sheets = object.putArray("sheets");
            file.sheets().forEach(sheets::add);
        }
        ArrayNode told = object.putArray("told");
        file.told().forEach(sentence -> told.add(sentence.toString()));
        return object.toString();
    }

    /** The columns in short. */
    static void columns(ObjectNode object, Table table) {
        ArrayNode columns = object.putArray("columns");
        Summary.of(table.columns()).forEach(summary -> column(columns.addObject(), summary));
    }

    private static void column(ObjectNode object, Summary summary) {
        Column column = summary.column();
        object.put("name", column.name());
        if (!column.unit().isEmpty()) {
            object.put("unit", column.unit());
        }
        object.put("kind", column.kind().id());
        if (column instanceof Column.OfNumbers numbers) {
            object.put("whole", numbers.isWhole());
        }
        object.put("count", Integer.toString(column.count())).put("missing", Integer.toString(column.missing()));
        if (column instanceof Column.OfNumbers) {
            object.put("not-numbers", Integer.toString(column.others()));
        } else if (column instanceof Column.OfDates dates) {
            object.put("not-dates", Integer.toString(column.others()))
                    .put("dates", dates.form().id());
        }
        object.put("distinct", Integer.toString(summary.distinct()));
        summary.least().ifPresent(least -> object.put("minimum", written(least)));
        summary.largest().ifPresent(largest -> object.put("maximum", written(largest)));
        summary.mean().ifPresent(mean -> object.put("mean", SignificantText.of(mean, DIGITS)));
        if (summary.isApproximate()) {
            object.put("approximate", true);
        }
        if (column instanceof Column.OfCategories) {
            ArrayNode commonest = object.putArray("commonest");
            for (Map.Entry<String, Integer> text : shown(summary)) {
                commonest.addArray().add(cut(text.getKey())).add(Integer.toString(text.getValue()));
            }
        }
    }

    private static List<Map.Entry<String, Integer>> shown(Summary summary) {
        return summary.commonest()
                .subList(0, Math.min(SHOWN_TEXTS, summary.commonest().size()));
    }

    private static String written(Summary.Bound bound) {
        return bound.number().map(number -> SignificantText.of(number, DIGITS)).orElseGet(() -> bound.date()
                .orElseThrow());
    }

    private static void rows(ArrayNode list, Table table, int from, int to) {
        for (int row = from; row < to; row++) {
            ArrayNode cells = list.addArray();
            table.row(row).forEach(cell -> cells.add(cut(cell)));
        }
    }

    /** A cell of millions of characters is known by its first. */
    private static String cut(String cell) {
        return cell.length() <= LONGEST_CELL ? cell : cell.substring(0, LONGEST_CELL) + "…";
    }

    private static void pointedOut(ObjectNode object, PointedOut notice) {
        object.put("what", notice.what());
        notice.column().ifPresent(column -> object.put("column", column));
        notice.row().ifPresent(row -> object.put("row", Long.toString(row)));
        notice.value().ifPresent(value -> object.put("value", value));
        notice.cells().ifPresent(cells -> object.put("cells", Long.toString(cells)));
        if (!notice.readings().isEmpty()) {
            ArrayNode readings = object.putArray("readings");
            notice.readings().forEach(readings::add);
        }
    }

    static String text(TableFile file) {
        StringBuilder text = new StringBuilder(Visible.line(file.source()));
        Table table = file.table();
        String how = file.format().id()
                + file.sheet()
                        .map(sheet -> ", sheet “" + Visible.line(sheet) + "”")
                        .orElse("")
                + file.delimiter()
                        .map(Delimiter::id)
                        .map(id -> ", " + Visible.line(id))
                        .orElse("")
                + file.encoding().map(Charset::name).map(name -> ", " + name).orElse("")
                + (file.reading().decimalMark() == ',' ? ", decimal comma" : "")
                + (file.heading() ? ", with a heading" : ", without a heading");
        text.append(": ")
                .append(table.rows())
                .append(" rows, ")
                .append(table.columns().size())
                .append(" columns (");
        text.append(how).append(")");
        for (Summary summary : Summary.of(table.columns())) {
            Column column = summary.column();
            text.append(String.format(
                    Locale.ROOT,
                    "%n  %-28s %-9s %s",
                    Visible.line(column.name(), 28),
                    column.kind().id(),
                    line(summary)));
        }
        file.told().forEach(sentence -> text.append(String.format("%n  %s", sentence)));
        file.reading().pointedOut().forEach(notice -> text.append(String.format("%n  %s", notice.sentence())));
        return text.toString();
    }

    private static String line(Summary summary) {
        Column column = summary.column();
        StringBuilder line = new StringBuilder(column.count() + " cells");
        line.append(column.missing() > 0 ? ", " + column.missing() + " missing" : "");
        line.append(column.others() > 0 ? ", " + column.others() + " of another kind" : "");
        line.append(", ").append(summary.distinct()).append(" different");
        summary.least().ifPresent(least -> line.append(", ")
                .append(written(least))
                .append(" to ")
                .append(written(summary.largest().orElseThrow())));
        summary.mean().ifPresent(mean -> line.append(summary.isApproximate() ? ", mean ≈ " : ", mean ")
                .append(SignificantText.of(mean, 6)));
        shown(summary).forEach(text -> line.append(", ")
                .append(Visible.line(text.getKey(), 20))
                .append(' ')
                .append(text.getValue()));
        return line.toString();
    }
}
