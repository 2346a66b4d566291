package promedio.core.sentence;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;

class VisibleTest {
    @Provide
    Arbitrary<String> texts() {
        return Arbitraries.oneOf(
                        Arbitraries.chars().all(),
                        Arbitraries.chars().range('\u0000', '\u00a0'),
                        Arbitraries.of('\u202e', '\u2066', '\u061c', '\ud800', '\udc00', 'a', 'é'))
                .array(Character[].class)
                .ofMaxSize(40)
                .map(VisibleTest::joined);
    }

    private static String joined(Character[] characters) {
        StringBuilder text = new StringBuilder();
        for (Character one : characters) {
            text.append(one);
        }
        return text.toString();
    }

    @Property
    void what_is_shown_has_no_hidden_characters_and_is_as_long_as_allowed(
            @ForAll("texts") String text, @ForAll @IntRange(min = 1, max = 50) int most) {
        assertThat(Visible.line(text).codePoints()).noneMatch(Visible::isHidden);
        String cut = Visible.line(text, most);
        assertThat(cut.codePoints()).noneMatch(Visible::isHidden);
        assertThat(cut.codePointCount(0, cut.length())).isLessThanOrEqualTo(most);
        assertThat(Sentence.of("foreign.sample", text, "kind").toString().codePoints())
                .noneMatch(Visible::isHidden);
    }

    @Property
    void plain_text_is_shown_as_it_stands(@ForAll("plain") String text) {
        assertThat(Visible.line(text)).isSameAs(text);
        assertThat(Visible.line(text, 100)).isEqualTo(text);
        assertThat(Visible.encodable(text)).isSameAs(text);
        assertThat(Visible.json(text)).isSameAs(text);
    }

    @Provide
    Arbitrary<String> plain() {
        return Arbitraries.strings().withChars("abc XYZ 012,.–−“”äéßΣ€").ofMaxLength(90);
    }

    @Property
    void what_is_encodable_comes_back_from_bytes(@ForAll("texts") String text) {
        String kept = Visible.encodable(text);
        assertThat(new String(
                        kept.getBytes(java.nio.charset.StandardCharsets.UTF_8),
                        java.nio.charset.StandardCharsets.UTF_8))
                .isEqualTo(kept);
    }
}
