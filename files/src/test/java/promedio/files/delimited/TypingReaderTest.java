package promedio.files.delimited;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.assignment.Typing;
import promedio.core.number.Numerals;
import promedio.files.InputProblem;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class TypingReaderTest {
    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '§',
            quoteCharacter = '`',
            textBlock =
                    """
                    minutes\\n12\\n15                  § VALUES [minutes] [[12, 15]]
                    12\\n\\n15\\n\\n                   § VALUES [] [[12, , 15]]
                    a,b\\n1,2\\n\\n3,4\\n              § VALUES [a, b] [[1, 3], [2, 4]]
                    a;b\\n1;\\n3                      § VALUES [a, b] [[1, 3], [, ]]
                    "a, b"\\n1\\n\\n3                 § VALUES [a, b] [[1, , 3]]
                    visitors,f\\n8,3\\n9,5            § FREQUENCIES [visitors, f] [[8, 9], [3, 5]]
                    class,f\\n0-9,3\\n10-19,5         § CLASSES [class] [[0-9, 10-19], [3, 5]]
                    10-19: 4\\n20-29: 9               § CLASSES [] [[10-19, 20-29], [4, 9]]
                    12 15\\n17 18                    § VALUES [] [[12, 15, 17, 18]]
                    1 | 2 5\\n2 | 0                  § VALUES [] [[12, 15, 20]]
                    """)
    void a_text_file_is_taken_apart(String text, String parts, @TempDir Path folder) throws Exception {
        Path file = Files.writeString(folder.resolve("a.csv"), text.strip().replace("\\n", "\n"));
        Typing typing = TypingReader.read(file, Numerals.POINT);
        List<String> headings =
                typing.headings().stream().filter(heading -> !heading.isEmpty()).toList();
        assertThat(typing.kind() + " " + headings + " " + typing.columns()).isEqualTo(parts);
    }

    @Provide
    Arbitrary<List<List<String>>> tables() {
        Arbitrary<String> cell = Arbitraries.of("1", "2.5", "-3", "n/a", "0.10", "17O", "1e3", "word");
        return cell.list().ofSize(3).list().ofMinSize(2).ofMaxSize(9);
    }

    /** A table that is opened as a file is read as the same table is when it is pasted. */
    @Property(tries = 200)
    void a_file_is_read_as_the_same_text_is_when_pasted(@ForAll("tables") List<List<String>> rows) throws Exception {
        String text = rows.stream().map(row -> String.join("\t", row)).collect(Collectors.joining("\n"));
        Path file = Files.createTempFile("table", ".tsv");
        try {
            Files.writeString(file, text);
            assertThat(TypingReader.read(file, Numerals.POINT)).isEqualTo(Typing.parse(text, Numerals.POINT));
        } finally {
            Files.delete(file);
        }
    }

    @Test
    void an_empty_file_is_refused_with_a_sentence(@TempDir Path folder) throws IOException {
        Path file = Files.writeString(folder.resolve("a.csv"), "\n \n");
        assertThatThrownBy(() -> TypingReader.read(file, Numerals.POINT))
                .isInstanceOf(InputProblem.class)
                .hasMessage("“a.csv”: it is empty; numbers are expected.");
    }
}
