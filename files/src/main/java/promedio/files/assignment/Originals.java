package promedio.files.assignment;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.lang.ref.WeakReference;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.FileTime;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import promedio.core.assignment.Original;
import promedio.core.data.TableReading;
import promedio.core.sentence.Sentence;
import promedio.files.AtomicFile;
import promedio.files.InputProblem;
import promedio.files.table.ReadingOptions;
import promedio.files.table.TableFile;
import promedio.files.table.TableFiles;
import promedio.files.table.Watch;

/**
 * The originals of data tables: a folder of files, each called by the SHA-256 of its bytes, so that none is ever changed or kept
 * twice. Assignments and journals only name them.
 */
public final class Originals {
    private static final Pattern HASH = Pattern.compile("[0-9a-f]{64}");
    private static final String MAKING = ".making";
    /** So long a file stays of which nobody knows whether some desk still has it open. */
    private static final Duration UNUSED = Duration.ofDays(7);
    /** What this program has read: the same bytes read in the same way are read once. */
    private static final Map<String, WeakReference<Original>> READ = new ConcurrentHashMap<>();

    private final Path folder;
    private final boolean passing;

    private Originals(Path folder, boolean passing) {
        this.folder = folder;
        this.passing = passing;
    }

    /** How an original was read. */
    public static ReadingOptions reading(Original original) {
        return ReadingJson.read(original.reading());
    }

    /** The originals in a folder, which is made when it is needed. */
    public static Originals in(Path folder) {
        return new Originals(folder, false);
    }

    /** Originals that are gone when the program ends. */
    public static Originals passing() {
        return Passing.ALL;
    }

    private static final class Passing {
        private static final Originals ALL = make();

        private static Originals make() {
            try {
                Path folder = Files.createTempDirectory("promedio-");
                folder.toFile().deleteOnExit();
                return new Originals(folder, true);
            } catch (IOException full) {
                throw new UncheckedIOException(full);
            }
        }
    }

    /** What was read of some bytes: the file with the bytes, which never changes, and its content. */
    private record Stored(Path file, String hash, String source, String reading, TableReading read, List<Sentence> told)
            implements Original {
        @Override
        public boolean equals(Object other) {
            return other instanceof Stored stored && hash.equals(stored.hash) && reading.equals(stored.reading);
        }

        @Override
        public int hashCode() {
            return hash.hashCode();
        }

        @Override
        public String toString() {
            return source + " " + hash;
        }
    }

    /** Whether a text can be the name of an original. */
    static boolean isHash(String text) {
        return HASH.matcher(text).matches();
    }

    /**
     * Keeps a file as it is now, and reads it.
     *
     * @param reading what is said about how it is to be read; what is guessed now is kept as said
     * @throws InputProblem when it cannot be read or kept
     */
    public Original take(Path file, ReadingOptions reading, Watch watch) throws InputProblem {
        String hash;
        try (InputStream in = Files.newInputStream(file)) {
            hash = keep(in, new Budget(Files.size(file)));
        } catch (Budget.Spent tooLarge) {
            throw new InputProblem(Sentence.of("file.too-large", "“" + file.getFileName() + "”"), tooLarge);
        } catch (IOException problem) {
            throw AtomicFile.problem(file, problem);
        }
        return read(hash, file.getFileName().toString(), reading, watch);
    }

    /**
     * The original of a name that was read in some way.
     *
     * @throws InputProblem when it is not here, or cannot be read so
     */
    Original find(String hash, String source, String reading) throws InputProblem {
        Optional<Original> known = known(hash, reading);
        return known.isPresent() ? known.get() : read(hash, source, ReadingJson.read(reading), Watch.NOBODY);
    }

    private String key(String hash, String reading) {
        return folder + " " + hash + reading;
    }

    private Optional<Original> known(String hash, String reading) {
        return Optional.ofNullable(READ.get(key(hash, reading))).map(WeakReference::get);
    }

    private Original read(String hash, String source, ReadingOptions options, Watch watch) throws InputProblem {
        Path kept = folder.resolve(hash);
        if (!isHash(hash) || !Files.isRegularFile(kept)) {
            throw new InputProblem(Sentence.of("table.gone", "“" + source + "”"));
        }
        touch(kept);
        TableFile file = TableFiles.read(kept, source, options, watch);
        String reading = ReadingJson.write(file.asRead(options));
        Optional<Original> known = known(hash, reading);
        if (known.isPresent()) {
            return known.get();
        }
        Original made = new Stored(kept, hash, source, reading, file.reading(), ToldReading.of(source, file, options));
        READ.put(key(hash, reading), new WeakReference<>(made));
        return made;
    }

    private static void touch(Path file) {
        try {
            Files.setLastModifiedTime(file, FileTime.from(Instant.now()));
        } catch (IOException readOnly) {
            // Then nobody takes it away either.
            return;
        }
    }

    /** Keeps all of a stream under its name, which is returned. */
    String keep(InputStream in, Budget budget) throws IOException {
        Held.ownFolder(folder);
        Path making = folder.resolve(UUID.randomUUID() + MAKING);
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            try (OutputStream out = new DigestOutputStream(Files.newOutputStream(making), digest)) {
                byte[] chunk = new byte[1 << 16];
                for (int read = in.read(chunk); read >= 0; read = in.read(chunk)) {
                    budget.bytes(read);
                    out.write(chunk, 0, read);
                }
            }
            String hash = HexFormat.of().formatHex(digest.digest());
            Path kept = folder.resolve(hash);
            if (Files.isRegularFile(kept)) {
                touch(kept);
            } else {
                move(making, kept);
                if (passing) {
                    kept.toFile().deleteOnExit();
                }
            }
            return hash;
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException("Every Java knows SHA-256.", impossible);
        } finally {
            Files.deleteIfExists(making);
        }
    }

    private static void move(Path from, Path to) throws IOException {
        try {
            Files.move(from, to, StandardCopyOption.ATOMIC_MOVE);
        } catch (AtomicMoveNotSupportedException plain) {
            Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    /** Writes the bytes of an original. @throws IOException when they cannot be read or written */
    static void copy(Original original, OutputStream out) throws IOException {
        Files.copy(((Stored) original).file(), out);
    }

    /** Whether the bytes of an original are still there. */
    static boolean isThere(Original original) {
        return original instanceof Stored stored && Files.isRegularFile(stored.file());
    }

    /** Those that nobody has used for days. */
    List<Path> unused() throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        List<Path> unused = new ArrayList<>();
        Instant since = Instant.now().minus(UNUSED);
        try (Stream<Path> all = Files.list(folder)) {
            for (Path file : all.toList()) {
                if (Files.getLastModifiedTime(file).toInstant().isBefore(since)) {
                    unused.add(file);
                }
            }
        }
        return unused;
    }
}
