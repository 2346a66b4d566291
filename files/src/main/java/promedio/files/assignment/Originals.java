package promedio.files.assignment;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.lang.ref.WeakReference;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileTime;
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
import promedio.core.sentence.Visible;
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
    private static final int LONGEST_NAME = 80;
    /** So long a file stays of which nobody knows whether some desk still has it open. */
    private static final Duration UNUSED = Duration.ofDays(7);
    /** What this program has read: the same bytes read in the same way are read once. */
    private static final Map<String, WeakReference<Original>> READ = new ConcurrentHashMap<>();
    /** Where this program has taken files from, by what they held. */
    private static final Map<String, Path> FOLDERS = new ConcurrentHashMap<>();

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
        Path from = file.toAbsolutePath().getParent();
        try (InputStream in = Files.newInputStream(file)) {
            hash = keep(in, new Budget(Files.size(file)));
        } catch (Budget.Spent tooLarge) {
            throw new InputProblem(Sentence.of("file.too-large", "“" + file.getFileName() + "”"), tooLarge);
        } catch (IOException problem) {
            throw AtomicFile.problem(file, problem);
        }
        Original taken = read(hash, file.getFileName().toString(), reading, watch);
        FOLDERS.put(hash, from);
        return taken;
    }

    /** The folder that the file of an original was taken from, where that was while this program runs. */
    public static Optional<Path> folderOf(Original original) {
        return Optional.ofNullable(FOLDERS.get(original.hash()));
    }

    /**
     * The original of a name that was read in some way.
     *
     * @throws InputProblem when it is not here, or cannot be read so
     */
    Original find(String hash, String source, String reading) throws InputProblem {
        if (!isHash(hash) || !isWhole(hash)) {
            boolean gone = !isHash(hash) || !Files.isRegularFile(folder.resolve(hash));
            throw new InputProblem(
                    Sentence.of(gone ? "table.gone" : "table.changed", "“" + Visible.line(source, LONGEST_NAME) + "”"));
        }
        Optional<Original> known = known(hash, source, reading);
        if (known.isPresent()) {
            return known.get();
        }
        return read(hash, source, ReadingJson.read(reading), Watch.NOBODY);
    }

    /** Whether the bytes that are kept under a name are still those. */
    private boolean isWhole(String hash) {
        try (InputStream in = Files.newInputStream(folder.resolve(hash))) {
            return hash.equals(copy(in, OutputStream.nullOutputStream(), more -> {}));
        } catch (IOException unreadable) {
            return false;
        }
    }

    /** What is told how many more bytes are coming. */
    private interface Meter {
        void bytes(long more) throws IOException;
    }

    /** Copies a stream, and returns the name that its bytes give it. */
    private static String copy(InputStream in, OutputStream out, Meter meter) throws IOException {
        MessageDigest digest;
        try {
            digest = MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException("Every Java knows SHA-256.", impossible);
        }
        byte[] chunk = new byte[1 << 16];
        for (int read = in.read(chunk); read >= 0; read = in.read(chunk)) {
            meter.bytes(read);
            digest.update(chunk, 0, read);
            out.write(chunk, 0, read);
        }
        return HexFormat.of().formatHex(digest.digest());
    }

    private String key(String hash, String source, String reading) {
        return folder + " " + hash + source + " " + reading;
    }

    private Optional<Original> known(String hash, String source, String reading) {
        return Optional.ofNullable(READ.get(key(hash, source, reading))).map(WeakReference::get);
    }

    private Original read(String hash, String source, ReadingOptions options, Watch watch) throws InputProblem {
        Path kept = folder.resolve(hash);
        touch(kept);
        TableFile file = TableFiles.read(kept, source, options, watch);
        String reading = ReadingJson.write(file.asRead(options));
        Optional<Original> known = known(hash, source, reading);
        if (known.isPresent()) {
            return known.get();
        }
        Original made = new Stored(kept, hash, source, reading, file.reading(), ToldReading.of(source, file, options));
        READ.put(key(hash, source, reading), new WeakReference<>(made));
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

    /**
     * Keeps all of a stream under its name, which is returned. It is on disk before its name is; what was kept under that name gives
     * way, since it may have been damaged.
     */
    String keep(InputStream in, Budget budget) throws IOException {
        Held.ownFolder(folder);
        Path making = folder.resolve(UUID.randomUUID() + MAKING);
        try {
            String hash;
            try (FileChannel channel =
                    FileChannel.open(making, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE)) {
                OutputStream out = Channels.newOutputStream(channel);
                hash = copy(in, out, budget::bytes);
                channel.force(true);
            }
            Path kept = folder.resolve(hash);
            move(making, kept);
            forceFolder();
            if (passing) {
                kept.toFile().deleteOnExit();
            }
            return hash;
        } finally {
            Files.deleteIfExists(making);
        }
    }

    /** Makes sure that the names in the folder are on disk, too, where the system lets one. */
    private void forceFolder() {
        try (FileChannel names = FileChannel.open(folder, StandardOpenOption.READ)) {
            names.force(true);
        } catch (IOException notForFolders) {
            return;
        }
    }

    private static void move(Path from, Path to) throws IOException {
        try {
            Files.move(from, to, StandardCopyOption.ATOMIC_MOVE);
        } catch (AtomicMoveNotSupportedException plain) {
            Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    /** The bytes of an original are not there any more, or are others. */
    static final class Damaged extends IOException {
        private static final long serialVersionUID = 1L;

        Damaged(Original original) {
            super("The original of " + original.source() + " is not what it was.");
        }
    }

    /** Writes the bytes of an original. @throws Damaged when they are not there any more, or are others */
    static void copy(Original original, OutputStream out) throws IOException {
        InputStream kept;
        try {
            kept = Files.newInputStream(((Stored) original).file());
        } catch (IOException gone) {
            throw new Damaged(original);
        }
        try (InputStream in = kept) {
            if (!copy(in, out, more -> {}).equals(original.hash())) {
                throw new Damaged(original);
            }
        }
    }

    /** Whether the bytes of an original are still there, and those. */
    static boolean isThere(Original original) {
        try {
            copy(original, OutputStream.nullOutputStream());
            return true;
        } catch (IOException gone) {
            return false;
        }
    }

    /** Puts the bytes of an original where they were, from a stream; what holds others changes nothing. Returns whether they are there now. */
    static boolean mend(Original original, InputStream good, Budget budget) throws IOException {
        Path folder = ((Stored) original).file().getParent();
        in(folder).keep(good, budget);
        return isThere(original);
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
                if (isUnused(file, since)) {
                    unused.add(file);
                }
            }
        }
        return unused;
    }

    private static boolean isUnused(Path file, Instant since) throws IOException {
        return Files.getLastModifiedTime(file).toInstant().isBefore(since);
    }

    /** Throws one away that nobody has used for days, not even just now. */
    void throwAway(Path original) throws IOException {
        if (Files.isRegularFile(original) && isUnused(original, Instant.now().minus(UNUSED))) {
            Files.deleteIfExists(original);
        }
    }
}
