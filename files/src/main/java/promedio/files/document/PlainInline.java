package promedio.files.document;

import java.util.function.Function;
import java.util.stream.Collectors;
import promedio.core.document.Inline;
import promedio.core.document.Phrase;
import promedio.core.sentence.Sentence;

/**
 * Pieces of a line as plain text.
 *
 * @param words how sentences are said
 */
public record PlainInline(Function<Sentence, String> words) implements Inline.Cases<String> {
    /** A line as text. */
    public String of(Phrase phrase) {
        return phrase.parts().stream().map(part -> part.fold(this)).collect(Collectors.joining());
    }

    @Override
    public String text(Inline.Text text) {
        return text.text();
    }

    @Override
    public String said(Inline.Said said) {
        return words.apply(said.sentence());
    }

    @Override
    public String maths(Inline.Maths maths) {
        return maths.notation().text();
    }
}
