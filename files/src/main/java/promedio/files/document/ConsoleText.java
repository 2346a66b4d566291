package promedio.files.document;

import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Collectors;
import promedio.core.document.Block;
import promedio.core.document.Document;
import promedio.core.document.Phrase;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;

/** Documents as lines of a terminal, tables in columns of a width. No name makes a second line, or writes over what stands there. */
public final class ConsoleText {
    private static final String INDENT = "  ";
    private static final int NAMES = 42;
    private static final int ASKED = 24;
    private static final int ANSWERS = 14;

    private final PlainInline plain;

    /**
     * A writer.
     *
     * @param words how sentences are said
     */
    public ConsoleText(Function<Sentence, String> words) {
        this.plain = new PlainInline(words);
    }

    /** A document, without a line end behind it. */
    public String of(Document document) {
        return document.blocks().stream()
                .map(block -> block.fold(new Blocks()))
                .filter(lines -> !lines.isEmpty())
                .collect(Collectors.joining(System.lineSeparator()));
    }

    private final class Blocks implements Block.Cases<String> {
        private String line(Phrase words) {
            return Visible.line(plain.of(words));
        }

        private String lines(List<String> lines) {
            return String.join(System.lineSeparator(), lines);
        }

        @Override
        public String heading(Block.Heading heading) {
            return line(heading.words());
        }

        @Override
        public String paragraph(Block.Paragraph paragraph) {
            return INDENT + line(paragraph.words());
        }

        @Override
        public String mathematics(Block.Mathematics mathematics) {
            return INDENT + line(Phrase.of(mathematics.line()).and(mathematics.beside()));
        }

        @Override
        public String table(Block.Table table) {
            return lines(table.rows().stream().map(this::row).toList());
        }

        private String row(List<Phrase> row) {
            return INDENT
                    + String.format(Locale.ROOT, "%-" + NAMES + "s ", line(row.get(0)))
                    + row.stream().skip(1).map(this::line).collect(Collectors.joining(" "));
        }

        @Override
        public String drawn(Block.Drawn drawn) {
            return INDENT + line(drawn.alternative());
        }

        @Override
        public String marked(Block.Marked marked) {
            String who = marked.who().isEmpty() ? "" : line(marked.named()) + " ";
            String first = who
                    + String.format(
                            Locale.ROOT,
                            "%-" + ASKED + "s %-" + ANSWERS + "s %s",
                            line(marked.asked()),
                            Visible.line(marked.answer()),
                            line(Phrase.of(marked.mark().word())));
            String details = marked.mark().details().stream()
                    .map(detail -> System.lineSeparator() + INDENT + INDENT + line(Phrase.of(detail)))
                    .collect(Collectors.joining());
            return first + details;
        }

        @Override
        public String pageBreak(Block.PageBreak pageBreak) {
            return "";
        }
    }
}
