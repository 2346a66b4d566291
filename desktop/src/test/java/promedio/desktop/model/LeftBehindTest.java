package promedio.desktop.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;
import promedio.desktop.model.reading.LeftBehind;
import promedio.files.assignment.Journal;
import promedio.files.assignment.LeftOver;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class LeftBehindTest {
    /** Journals of desks that were ended, each with a title; the last is the newest. */
    private static Path leave(Path folder, int count) throws Exception {
        Path ended = Files.createDirectories(folder.resolve("ended"));
        for (int i = 0; i < count; i++) {
            Path living = Files.createDirectories(folder.resolve("living"));
            try (Journal journal = Journal.in(living)) {
                journal.begin(Assignment.EMPTY, Optional.empty());
                journal.made(new Edit.Retitle("Sheet " + i));
                try (Stream<Path> files = Files.list(living)) {
                    Path own = files.filter(file -> file.toString().endsWith(".journal"))
                            .findFirst()
                            .orElseThrow();
                    Path copy = Files.copy(own, ended.resolve(i + ".journal"));
                    Files.setLastModifiedTime(copy, FileTime.fromMillis(1_000_000L * (i + 1)));
                }
            }
        }
        return ended;
    }

    @Test
    void the_newest_few_are_offered_first_and_the_others_when_asked_for(@TempDir Path folder) throws Exception {
        Path ended = leave(folder, 11);
        Files.writeString(ended.resolve("odd.journal"), "something else\n");
        Files.writeString(
                ended.resolve("newer.journal"), "{\"format\":\"promedio-journal\",\"version\":99,\"base\":{}}\n");
        LeftBehind first = LeftBehind.in(LeftOver.in(ended));
        assertThat(titles(first)).containsExactly("Sheet 10", "Sheet 9", "Sheet 8", "Sheet 7");
        LeftBehind second = first.further();
        assertThat(titles(second)).hasSize(8).startsWith("Sheet 10").endsWith("Sheet 3");
        LeftBehind all = second.further();
        assertThat(titles(all)).hasSize(11);
        assertThat(all.more()).isZero();
        assertThat(all.odd()).isEqualTo(1);
        assertThat(all.newer()).isEqualTo(1);
        LeftBehind others = all.without(all.kept().get(0));
        assertThat(titles(others)).hasSize(10).doesNotContain("Sheet 10");
        assertThat(LeftBehind.of(List.of()).isEmpty()).isTrue();
        assertThat(others.isEmpty()).isFalse();
    }

    private static List<String> titles(LeftBehind left) {
        return left.kept().stream()
                .map(kept -> kept.history().present().title())
                .toList();
    }
}
