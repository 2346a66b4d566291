package promedio.files.assignment;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.stream.Stream;

/**
 * The journals that desks have left which are no longer alive, the newest first, read a few at a time. One that is odd keeps
 * no other from being offered and is left where it is; only one that is known to be empty is thrown away.
 */
public final class LeftOver {
    private final Path folder;
    private final Deque<Path> journals;
    private final List<Path> newer = new ArrayList<>();
    private final List<Path> odd = new ArrayList<>();

    private LeftOver(Path folder, Deque<Path> journals) {
        this.folder = folder;
        this.journals = journals;
    }

    /** What is left in a folder of journals. @throws IOException when nobody can look into it */
    public static LeftOver in(Path folder) throws IOException {
        record Dated(Path file, long changed) {}
        List<Dated> found = new ArrayList<>();
        try (Stream<Path> all = Files.list(folder)) {
            for (Path file : all.toList()) {
                if (Held.isUnfinished(file) && !Held.isFresh(file) && !Held.isAlive(file)) {
                    Files.deleteIfExists(file);
                } else if (file.toString().endsWith(Journal.ENDING)) {
                    found.add(new Dated(file, file.toFile().lastModified()));
                }
            }
        } catch (NoSuchFileException none) {
            return new LeftOver(folder, new ArrayDeque<>());
        }
        found.sort(Comparator.comparingLong(Dated::changed).reversed());
        return new LeftOver(
                folder, new ArrayDeque<>(found.stream().map(Dated::file).toList()));
    }

    /** The folder. */
    public Path folder() {
        return folder;
    }

    /** Reads on until so many are found that have kept something, or there is nothing more. */
    public List<Journal.Kept> next(int most) {
        List<Journal.Kept> kept = new ArrayList<>();
        while (kept.size() < most && !journals.isEmpty()) {
            Path journal = journals.remove();
            if (!Held.isAlive(journal)) {
                look(journal, kept);
            }
        }
        return kept;
    }

    private void look(Path journal, List<Journal.Kept> kept) {
        try {
            JournalReader.Reading reading = JournalReader.read(journal);
            switch (reading.state()) {
                case NEWER -> newer.add(journal);
                case ODD -> odd.add(journal);
                case EMPTY -> {
                    if (!Held.isFresh(journal) || reading.kept().isPresent()) {
                        Files.deleteIfExists(journal);
                    }
                }
                case READ -> kept.add(reading.kept().orElseThrow());
            }
        } catch (NoSuchFileException endedMeanwhile) {
            // Its desk was just being left in good order.
            return;
        } catch (IOException | OutOfMemoryError unreadable) {
            odd.add(journal);
        }
    }

    /** How many journals have not been looked into yet. */
    public int more() {
        return journals.size();
    }

    /** Journals of a newer version of this program, which are left alone. */
    public List<Path> newer() {
        return Collections.unmodifiableList(newer);
    }

    /** Journals that cannot be read, which are left where they are. */
    public List<Path> odd() {
        return Collections.unmodifiableList(odd);
    }
}
