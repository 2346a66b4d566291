package promedio.files.table;

import java.io.ByteArrayInputStream;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InterruptedIOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Optional;
import promedio.core.sentence.Sentence;
import promedio.files.InputProblem;

/** Bytes that can be read more than once: a file, or what lies in memory. */
final class Source {
    private static final int BLOCK = 1 << 16;
    private static final long LARGE = 1 << 22;

    private final String name;
    private final Path path;
    private final byte[] bytes;
    private final long size;
    private final Watch watch;

    private final boolean beginning;

    private Source(String name, Path path, byte[] bytes, long size, Watch watch) {
        this(name, path, bytes, size, watch, false);
    }

    private Source(String name, Path path, byte[] bytes, long size, Watch watch, boolean beginning) {
        this.beginning = beginning;
        this.name = name;
        this.path = path;
        this.bytes = bytes;
        this.size = size;
        this.watch = watch;
    }

    /** Bytes in memory. */
    static Source of(String name, byte[] bytes) {
        return new Source(name, null, bytes, bytes.length, Watch.NOBODY);
    }

    /** The same, of which only the beginning is wanted. */
    Source beginning() {
        return new Source(name, path, bytes, size, watch, true);
    }

    /** Whether there is so much of it, all of it wanted, that two threads read it sooner than one. */
    boolean isLarge() {
        return !beginning && size > LARGE;
    }

    /** Whether only its beginning is wanted, so that nothing needs be known of the rest. */
    boolean isBeginning() {
        return beginning;
    }

    /** What it is called in sentences. */
    String name() {
        return name;
    }

    /** The file; empty where the bytes lie in memory. */
    Optional<Path> path() {
        return Optional.ofNullable(path);
    }

    /** Who follows its being read. */
    Watch watch() {
        return watch;
    }

    /** The bytes as a file: where they lie in memory they are written into one. */
    Path write(Path to) throws IOException {
        return Files.write(to, bytes);
    }

    /** All bytes from the beginning, with nobody following. */
    InputStream openUnwatched() throws IOException {
        return bytes == null ? Files.newInputStream(path) : new ByteArrayInputStream(bytes);
    }

    /** A file, or standard input for {@code -}. */
    static Source of(String name, InputStream standardInput, Watch watch) throws InputProblem {
        try {
            if (name.equals("-")) {
                byte[] bytes = standardInput.readAllBytes();
                return new Source(name, null, bytes, bytes.length, watch);
            }
            return of(name, Path.of(name), watch);
        } catch (IOException | InvalidPathException | OutOfMemoryError other) {
            throw new InputProblem(Sentence.of("input.unreadable", name), other);
        }
    }

    /** A file under a name of its own. */
    static Source of(String name, Path path, Watch watch) throws InputProblem {
        try {
            if (Files.isDirectory(path)) {
                throw new InputProblem(Sentence.of("input.folder", name));
            }
            return new Source(name, path, null, Files.size(path), watch);
        } catch (NoSuchFileException missing) {
            throw new InputProblem(Sentence.of("input.no-file", name), missing);
        } catch (AccessDeniedException denied) {
            throw new InputProblem(Sentence.of("input.denied", name), denied);
        } catch (IOException | InvalidPathException | OutOfMemoryError other) {
            throw new InputProblem(Sentence.of("input.unreadable", name), other);
        }
    }

    /** All of them from the beginning; whoever follows is told, and may stop it. */
    InputStream open() throws IOException {
        return new Watched(openUnwatched());
    }

    /** The first bytes, at most so many. */
    byte[] head(int most) throws IOException {
        try (InputStream in = openUnwatched()) {
            return in.readNBytes(most);
        }
    }

    private final class Watched extends FilterInputStream {
        private long done;
        private long told;

        Watched(InputStream in) {
            super(in);
        }

        @Override
        public int read() throws IOException {
            int one = super.read();
            count(one < 0 ? 0 : 1);
            return one;
        }

        @Override
        public int read(byte[] buffer, int from, int length) throws IOException {
            int read = super.read(buffer, from, length);
            count(Math.max(0, read));
            return read;
        }

        private void count(int more) throws InterruptedIOException {
            done += more;
            if (done - told >= BLOCK) {
                told = done;
                watch.at(done, size);
                if (watch.isStopped()) {
                    throw new InterruptedIOException("stopped");
                }
            }
        }
    }
}
