package promedio.files.document;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import promedio.core.data.Guarded;
import promedio.core.document.Block;
import promedio.core.document.Document;
import promedio.core.document.Phrase;
import promedio.core.sentence.Sentence;

/** Documents as plain text, the cells of tables with tabs between, as cells are pasted elsewhere. Pictures are told in words. */
public final class TabbedText {
    /** What would part a cell in two. */
    private static final Pattern PARTING = Pattern.compile("[\\t\\r\\n]+");

    private final PlainInline plain;
    private final UnaryOperator<String> cells;

    private TabbedText(Function<Sentence, String> words, UnaryOperator<String> cells) {
        this.plain = new PlainInline(words);
        this.cells = cells;
    }

    /**
     * Text in which no cell is a formula in another program.
     *
     * @param words how sentences are said
     */
    public static TabbedText guarded(Function<Sentence, String> words) {
        return new TabbedText(words, Guarded::cell);
    }

    /** Text with all cells as they are, for our own use. */
    public static TabbedText asItIs(Function<Sentence, String> words) {
        return new TabbedText(words, UnaryOperator.identity());
    }

    /** A document: blocks one below the other, an empty line before a table that something stands above. */
    public String of(Document document) {
        StringBuilder text = new StringBuilder();
        for (Block block : document.blocks()) {
            String written = block.fold(new Blocks());
            text.append(block instanceof Block.Table && !text.isEmpty() ? "\n" : "")
                    .append(written);
        }
        return text.toString();
    }

    private final class Blocks implements Block.Cases<String> {
        private String line(Phrase words) {
            return plain.of(words) + "\n";
        }

        @Override
        public String heading(Block.Heading heading) {
            return line(heading.words());
        }

        @Override
        public String paragraph(Block.Paragraph paragraph) {
            return line(paragraph.words());
        }

        @Override
        public String mathematics(Block.Mathematics mathematics) {
            return line(Phrase.of(mathematics.line()).and(mathematics.beside()));
        }

        @Override
        public String table(Block.Table table) {
            List<List<Phrase>> rows = new ArrayList<>();
            Stream.of(List.of(table.heads()), table.rows(), List.of(table.totals()))
                    .flatMap(List::stream)
                    .filter(row -> !row.isEmpty())
                    .forEach(rows::add);
            return rows.stream().map(this::row).collect(Collectors.joining("\n", "", "\n"));
        }

        private String row(List<Phrase> row) {
            return row.stream()
                    .map(cell -> PARTING.matcher(cells.apply(plain.of(cell))).replaceAll(" "))
                    .collect(Collectors.joining("\t"));
        }

        @Override
        public String drawn(Block.Drawn drawn) {
            return line(drawn.alternative());
        }

        @Override
        public String marked(Block.Marked marked) {
            Phrase line = marked.named()
                    .and(marked.asked())
                    .and(Phrase.of(marked.answer()))
                    .and(Phrase.of(marked.mark().word()));
            return line(line.and(Phrase.of(marked.mark().details())));
        }

        @Override
        public String pageBreak(Block.PageBreak pageBreak) {
            return "\f";
        }
    }
}
