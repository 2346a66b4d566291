package promedio.files.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.data.Column;
import promedio.core.data.Summary;
import promedio.core.number.Exact;
import promedio.files.InputProblem;

/** Files so large that two threads read them. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class LargeFilesTest {
    private static final int ROWS = 200_000;

    private static StringBuilder text() {
        StringBuilder text = new StringBuilder("row,item,minutes\n");
        for (int i = 1; i <= ROWS; i++) {
            text.append(i)
                    .append(i % 2 == 0 ? ",\"lamp, old\"," : ",a kettle of the café,")
                    .append(i % 100)
                    .append(".5\n");
        }
        return text;
    }

    private static TableFile read(String text, Watch watch) throws InputProblem {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        return TableFiles.read("-", new ByteArrayInputStream(bytes), ReadingOptions.GUESSED, watch);
    }

    /** The minutes are 0.5 … 99.5, each 2,000 times: their mean is 50. */
    @Test
    void every_row_arrives_whole_and_in_order() throws InputProblem {
        TableFile file = read(text().toString(), Watch.NOBODY);
        assertThat(file.table().rows()).isEqualTo(ROWS);
        assertThat(((Column.OfNumbers) file.table().columns().get(0)).isNumbering())
                .isTrue();
        assertThat(file.table().row(ROWS - 1)).containsExactly("200000", "lamp, old", "0.5");
        assertThat(Summary.of(file.table().columns().get(1)).commonest())
                .extracting(entry -> entry.getKey() + " " + entry.getValue())
                .containsExactly("a kettle of the café 100000", "lamp, old 100000");
        assertThat(Summary.of(file.table().columns().get(2)).mean()).contains(Exact.of(50));
    }

    @Test
    void a_fault_far_down_names_its_line() {
        String broken =
                text().append("1,2,3,4\n").append("1,2,3\n".repeat(50_000)).toString();
        assertThatThrownBy(() -> read(broken, Watch.NOBODY)).hasMessageContaining("line 200002: it has 4 cells");
        String open =
                text().append("1,\"2,3\n").append("1,2,3\n".repeat(50_000)).toString();
        assertThatThrownBy(() -> read(open, Watch.NOBODY)).hasMessageContaining("row 200002");
    }

    @Test
    void reading_is_followed_and_can_be_stopped(@TempDir Path folder) throws Exception {
        Path file = Files.writeString(folder.resolve("log.csv"), text());
        AtomicLong last = new AtomicLong();
        Watch watch = new Watch() {
            @Override
            public void at(long done, long all) {
                assertThat(done).isGreaterThanOrEqualTo(last.getAndSet(done)).isLessThanOrEqualTo(all);
            }

            @Override
            public boolean isStopped() {
                return last.get() > 1_000_000;
            }
        };
        assertThatThrownBy(() -> TableFiles.read(file, ReadingOptions.GUESSED, watch))
                .hasMessage("“log.csv”: reading was stopped.");
        TableFiles.Head head = TableFiles.head(file, ReadingOptions.GUESSED, 500);
        assertThat(head.whole()).isFalse();
        assertThat(head.file().table().rows()).isEqualTo(500);
    }
}
