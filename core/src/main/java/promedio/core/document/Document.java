package promedio.core.document;

import java.util.List;
import java.util.stream.Stream;

/**
 * Something that is handed out, on the clipboard, in a file or printed: its parts in their order, without a format. Whatever is shown in
 * the window can be made one without the window ({@code report}); a writer for each format makes text or files of it.
 *
 * @param blocks its parts
 */
public record Document(List<Block> blocks) {
    /** Copies the list. */
    public Document {
        blocks = List.copyOf(blocks);
    }

    /** Of some parts. */
    public static Document of(Block... blocks) {
        return new Document(List.of(blocks));
    }

    /** A table of texts. */
    public static Document table(List<List<String>> rows) {
        return of(Block.Table.of(rows));
    }

    /** This, and another behind it. */
    public Document and(Document other) {
        return new Document(
                Stream.concat(blocks.stream(), other.blocks.stream()).toList());
    }
}
