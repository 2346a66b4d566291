package promedio.files.document;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import promedio.core.data.Guarded;
import promedio.core.document.Block;
import promedio.core.document.Document;
import promedio.core.document.Inline;
import promedio.core.document.Phrase;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.files.picture.Drawing;
import promedio.files.picture.Look;
import promedio.files.picture.PictureFiles;

/**
 * Documents as HTML, formulas as MathML and pictures as SVG: for the clipboard as they stand between other things, and as a page of
 * their own that refers to nothing outside. No cell is a formula where it is pasted into another program.
 */
public final class HtmlText {
    /** What no text of a page may hold. */
    private static final Pattern NO_CHARACTERS = Pattern.compile("[\\x{fffe}\\x{ffff}]");

    /** What stands before an SVG that is a file of its own. */
    private static final Pattern DECLARATION = Pattern.compile("<\\?xml[^>]*\\?>\\s*");

    private static final String STYLE = "body{font-family:serif;max-width:48em;margin:2em auto;padding:0 1em}"
            + "table{border-collapse:collapse;margin:1em 0}td,th{padding:.15em .7em;text-align:left}"
            + "thead th{border-bottom:1px solid}tfoot td{border-top:1px solid}caption{text-align:left;font-weight:bold}"
            + "math{font-size:1.1em}.new-page{break-before:page}";

    private final Function<Sentence, String> words;

    /**
     * A writer.
     *
     * @param words how sentences are said
     */
    public HtmlText(Function<Sentence, String> words) {
        this.words = words;
    }

    /**
     * Blocks without a page around them.
     *
     * @throws UncheckedIOException when a picture cannot be made
     */
    public String fragment(Document document) {
        Blocks blocks = new Blocks();
        return document.blocks().stream().map(block -> block.fold(blocks)).collect(Collectors.joining());
    }

    /**
     * A page of its own.
     *
     * @param title its title
     * @param language the language of its words
     */
    public String page(String title, Locale language, Document document) {
        return "<!DOCTYPE html>\n<html lang=\"" + escaped(language.toLanguageTag())
                + "\"><head><meta charset=\"utf-8\"><title>"
                + escaped(title) + "</title><style>" + STYLE + "</style></head><body>\n" + fragment(document)
                + "</body></html>\n";
    }

    private static String escaped(String text) {
        return NO_CHARACTERS
                .matcher(Visible.encodable(Visible.line(text)))
                .replaceAll("\ufffd")
                .replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }

    private final class Pieces implements Inline.Cases<String> {
        @Override
        public String text(Inline.Text text) {
            return escaped(text.text());
        }

        @Override
        public String said(Inline.Said said) {
            return escaped(words.apply(said.sentence()));
        }

        @Override
        public String maths(Inline.Maths maths) {
            return maths.notation().mathMl();
        }
    }

    private final class Blocks implements Block.Cases<String> {
        private final Pieces pieces = new Pieces();
        private boolean breaks;
        private int figures;

        private String words(Phrase phrase) {
            return phrase.parts().stream().map(part -> part.fold(pieces)).collect(Collectors.joining());
        }

        /** A piece of the page; the first behind a page break begins a new one. */
        private String element(String name, String content) {
            String begins = breaks ? "<" + name + " class=\"new-page\">" : "<" + name + ">";
            breaks = false;
            return begins + content + "</" + name + ">\n";
        }

        @Override
        public String heading(Block.Heading heading) {
            return element("h" + Math.max(1, Math.min(6, heading.level())), words(heading.words()));
        }

        @Override
        public String paragraph(Block.Paragraph paragraph) {
            return element("p", words(paragraph.words()));
        }

        @Override
        public String mathematics(Block.Mathematics mathematics) {
            return element("p", words(Phrase.of(mathematics.line()).and(mathematics.beside())));
        }

        @Override
        public String table(Block.Table table) {
            String caption = table.caption().isEmpty() ? "" : "<caption>" + words(table.caption()) + "</caption>";
            String heads = table.heads().isEmpty() ? "" : "<thead>" + row(table.heads(), "th") + "</thead>";
            String totals = table.totals().isEmpty() ? "" : "<tfoot>" + row(table.totals(), "td") + "</tfoot>";
            String rows = table.rows().stream().map(row -> row(row, "td")).collect(Collectors.joining());
            return element("table", caption + heads + "<tbody>" + rows + "</tbody>" + totals);
        }

        private String row(List<Phrase> cells, String name) {
            String between = "</" + name + "><" + name + ">";
            return cells.stream()
                    .map(this::cell)
                    .collect(Collectors.joining(between, "<tr><" + name + ">", "</" + name + "></tr>"));
        }

        /** Where a cell begins as a formula does, an apostrophe stands before it. */
        private String cell(Phrase cell) {
            boolean formula = cell.parts().stream()
                    .limit(1)
                    .anyMatch(first -> first instanceof Inline.Text text && Guarded.isFormula(text.text()));
            return (formula ? "'" : "") + words(cell);
        }

        @Override
        public String drawn(Block.Drawn drawn) {
            Drawing drawing = new Drawing(drawn.picture(), Look.PAPER, drawn.text());
            String alternative = new PlainInline(words).of(drawn.alternative());
            try {
                byte[] svg = new PictureFiles(drawing, alternative, drawn.width(), drawn.height())
                        .bytes(PictureFiles.Format.SVG, 1);
                figures++;
                // What a picture calls its title is one of several in a page.
                return element(
                        "figure",
                        DECLARATION
                                .matcher(new String(svg, StandardCharsets.UTF_8))
                                .replaceFirst("")
                                .replace("id=\"title\"", "id=\"title-" + figures + "\"")
                                .replace("id=\"description\"", "id=\"description-" + figures + "\"")
                                .replace(
                                        "aria-labelledby=\"title description\"",
                                        "aria-labelledby=\"title-" + figures + " description-" + figures + "\""));
            } catch (IOException unmade) {
                throw new UncheckedIOException(unmade);
            }
        }

        @Override
        public String marked(Block.Marked marked) {
            Phrase line = marked.named()
                    .and(marked.asked())
                    .and(Phrase.of(marked.answer()))
                    .and(Phrase.of(marked.mark().word()));
            return element("p", words(line.and(Phrase.of(marked.mark().details()))));
        }

        @Override
        public String pageBreak(Block.PageBreak pageBreak) {
            breaks = true;
            return "";
        }
    }
}
