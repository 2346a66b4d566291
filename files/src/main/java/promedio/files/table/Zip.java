package promedio.files.table;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import promedio.core.sentence.Sentence;
import promedio.files.InputProblem;

/** Workbooks are zip archives: tells which they are, and refuses those that would unpack to more than anybody means. */
final class Zip {
    private static final long MOST = 2L << 30;
    private static final long LARGE = 100L << 20;
    private static final int MOST_TIMES = 200;
    private static final int BLOCK = 1 << 16;
    private static final int MIMETYPE = 200;
    private static final int MANIFEST = 1 << 20;
    private static final String ODS = "application/vnd.oasis.opendocument.spreadsheet";

    private Zip() {}

    static TableFile.Format format(Source source) throws IOException, InputProblem {
        Path path = file(source);
        try (ZipFile zip = new ZipFile(path.toFile())) {
            if (zip.getEntry("xl/workbook.xml") != null) {
                return TableFile.Format.XLSX;
            }
            if (text(zip, "mimetype", MIMETYPE).strip().startsWith(ODS) && zip.getEntry("content.xml") != null) {
                return TableFile.Format.ODS;
            }
        } catch (java.util.zip.ZipException broken) {
            throw new InputProblem(Sentence.of("input.archive.broken", source.name()), broken);
        } finally {
            forget(source, path);
        }
        throw new InputProblem(Sentence.of("input.format", source.name(), "an archive without a workbook"));
    }

    /** The archive as a file; bytes in memory are written into a temporary one, to be {@linkplain #forget forgotten}. */
    static Path file(Source source) throws IOException {
        return source.path().isPresent() ? source.path().get() : source.write(Files.createTempFile("promedio", ".zip"));
    }

    static void forget(Source source, Path path) throws IOException {
        if (source.path().isEmpty()) {
            Files.deleteIfExists(path);
        }
    }

    private static String text(ZipFile zip, String name, int most) throws IOException {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) {
            return "";
        }
        try (InputStream in = zip.getInputStream(entry)) {
            return new String(in.readNBytes(most), StandardCharsets.UTF_8);
        }
    }

    /**
     * What was seen of a workbook.
     *
     * @param odd whether there is something that is only read in a copy: {@link OddCells}
     * @param lost whether cells refer to texts that are not there
     */
    record Checked(boolean odd, boolean lost) {}

    /** Unpacks everything once without keeping it. */
    static Checked check(Source source, Path path) throws IOException, InputProblem {
        byte[] block = new byte[BLOCK];
        OddCells odd = new OddCells();
        SharedTexts shared = new SharedTexts();
        boolean bare;
        long all = 0;
        try (ZipFile zip = new ZipFile(path.toFile())) {
            if (text(zip, "META-INF/manifest.xml", MANIFEST).contains("encryption-data")) {
                throw new InputProblem(Sentence.of("input.encrypted", source.name()));
            }
            bare = OddCells.hasNoStyles(zip);
            for (ZipEntry entry : Collections.list(zip.entries())) {
                long one = 0;
                long packed = Math.max(1, entry.getCompressedSize());
                try (InputStream in = zip.getInputStream(entry)) {
                    for (int read = in.read(block); read >= 0; read = in.read(block)) {
                        if (OddCells.canHold(entry.getName())) {
                            odd.pass(block, read);
                            shared.cells(block, read);
                        } else if (entry.getName().equals(SharedTexts.PART)) {
                            shared.texts(block, read);
                        }
                        one += read;
                        all += read;
                        if (all > MOST || one > LARGE && one > MOST_TIMES * packed) {
                            throw new InputProblem(Sentence.of("input.bomb", source.name()));
                        }
                    }
                    if (source.watch().isStopped()) {
                        throw new java.io.InterruptedIOException("stopped");
                    }
                }
            }
        } catch (java.util.zip.ZipException broken) {
            throw new InputProblem(Sentence.of("input.archive.broken", source.name()), broken);
        }
        return new Checked(bare || odd.seen(), shared.isLost());
    }
}
