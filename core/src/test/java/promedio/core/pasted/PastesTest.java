package promedio.core.pasted;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import promedio.core.number.Numerals;
import promedio.core.sample.SampleKind;

/** What comes of pastes as they are printed: each in pastes.txt, with what it must be read as. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class PastesTest {
    /**
     * A paste and what should come of it.
     *
     * @param name what it shows
     * @param text the paste
     * @param expected a line for each sample, and lines of what is told
     */
    record Paste(String name, String text, List<String> expected) {
        @Override
        public String toString() {
            return name;
        }
    }

    static Stream<Paste> pastes() throws IOException {
        try (InputStream in = PastesTest.class.getResourceAsStream("pastes.txt")) {
            String all = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            return Stream.of(all.split("(?m)^### ", -1)).skip(1).map(PastesTest::paste).toList().stream();
        }
    }

    private static Paste paste(String block) {
        String[] lines = block.strip().split("\n", -1);
        List<String> text = new ArrayList<>();
        List<String> expected = new ArrayList<>();
        for (String line : lines) {
            if (line.startsWith("=> ")) {
                expected.add(line.substring(3));
            } else {
                text.add(line);
            }
        }
        String pasted = String.join("\n", text.subList(1, text.size()))
                .replace("\\t", "\t")
                .replace("\\s", " ")
                .replace("\\n", "\n")
                .replace("\\u00a0", "\u00a0")
                .replace("\\u200b", "\u200b")
                .replace("\\u2009", "\u2009")
                .replace("\\ufeff", "\ufeff");
        return new Paste(text.get(0), pasted, expected);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("pastes")
    void is_read_as_what_it_is(Paste paste) {
        List<Reading> readings = Pasted.read(paste.text(), Numerals.POINT);
        assertThat(readings).isNotEmpty();
        Reading first = readings.get(0);
        assertThat(first.samples().stream().map(PastesTest::written).toList())
                .as(paste.text() + "\n" + first.told())
                .isEqualTo(paste.expected().stream()
                        .filter(line -> !line.startsWith("told ") && !line.startsWith("or "))
                        .toList());
        String told = first.told().toString();
        paste.expected().stream().filter(line -> line.startsWith("told ")).forEach(line -> assertThat(told)
                .contains(line.substring(5)));
        List<String> others = readings.stream()
                .skip(1)
                .map(reading -> reading.what().toString())
                .toList();
        paste.expected().stream().filter(line -> line.startsWith("or ")).forEach(line -> assertThat(others)
                .contains(line.substring(3)));
    }

    static String written(Found found) {
        String name = (found.name() + (found.unit().isEmpty() ? "" : " [" + found.unit() + "]")).strip();
        List<String> first = found.columns().get(0).texts();
        String cells = found.kind() == SampleKind.VALUES
                ? first.stream().map(value -> value.isEmpty() ? "_" : value).collect(Collectors.joining(" "))
                : IntStream.range(0, first.size())
                        .mapToObj(row ->
                                first.get(row) + "=" + found.columns().get(1).text(row))
                        .collect(Collectors.joining(", "));
        return found.kind().id() + (name.isEmpty() ? "" : " " + name) + ": " + cells;
    }
}
