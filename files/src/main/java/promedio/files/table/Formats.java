package promedio.files.table;

import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.regex.Pattern;
import promedio.core.sentence.Sentence;
import promedio.files.InputProblem;

/** Tells what a file is by its first bytes, whatever its name says. */
final class Formats {
    private static final int HEAD = 4096;
    private static final Pattern HTML =
            Pattern.compile("(?s)\\s*<(?:!doctype html|html|head|body|meta|table|!--|\\?xml).*");
    private static final Pattern JSON = Pattern.compile("(?s)\\s*(?:\\[\\s*(?:\\{|\\[|])|\\{\\s*\").*");

    /** Formats that are refused, by the bytes they begin with. */
    private enum Other {
        PDF("a PDF file", 0x25, 0x50, 0x44, 0x46),
        OLD_WORKBOOK("an old or encrypted office file", 0xd0, 0xcf, 0x11, 0xe0),
        GZIP("a compressed file", 0x1f, 0x8b),
        SEVEN_ZIP("a compressed file", 0x37, 0x7a, 0xbc, 0xaf),
        RAR("a compressed file", 0x52, 0x61, 0x72, 0x21, 0x1a),
        BZIP("a compressed file", 0x42, 0x5a, 0x68, 0x39),
        XZ("a compressed file", 0xfd, 0x37, 0x7a, 0x58, 0x5a),
        PNG("a picture", 0x89, 0x50, 0x4e, 0x47),
        JPEG("a picture", 0xff, 0xd8, 0xff),
        GIF("a picture", 0x47, 0x49, 0x46, 0x38),
        DATABASE("a database", 0x53, 0x51, 0x4c, 0x69, 0x74, 0x65, 0x20),
        PROGRAM("a program", 0x7f, 0x45, 0x4c, 0x46),
        RICH_TEXT("a formatted document", 0x7b, 0x5c, 0x72, 0x74, 0x66),
        PARQUET("a columnar binary file", 0x50, 0x41, 0x52, 0x31),
        ARROW("a columnar binary file", 0x41, 0x52, 0x52, 0x4f, 0x57, 0x31),
        ORC("a columnar binary file", 0x4f, 0x52, 0x43, 0x11),
        AVRO("a binary file of records", 0x4f, 0x62, 0x6a, 0x01),
        HDF("a binary file of arrays", 0x89, 0x48, 0x44, 0x46),
        NETCDF("a binary file of arrays", 0x43, 0x44, 0x46, 0x01),
        ZSTANDARD("a compressed file", 0x28, 0xb5, 0x2f, 0xfd);

        private final String name;
        private final int[] first;

        Other(String name, int... first) {
            this.name = name;
            this.first = first;
        }
    }

    private Formats() {}

    static TableFile.Format of(Source source) throws IOException, InputProblem {
        byte[] head = source.head(HEAD);
        if (begins(head, 0x50, 0x4b, 0x03, 0x04) || begins(head, 0x50, 0x4b, 0x05, 0x06)) {
            return Zip.format(source);
        }
        for (Other other : Other.values()) {
            if (begins(head, other.first)) {
                throw new InputProblem(Sentence.of("input.format", source.name(), other.name));
            }
        }
        String text = new String(head, encoding(head)).toLowerCase(Locale.ROOT).replace("\ufeff", "");
        if (HTML.matcher(text).matches()) {
            return TableFile.Format.HTML;
        }
        boolean named = source.name().toLowerCase(Locale.ROOT).endsWith(".json")
                && text.stripLeading().matches("(?s)[\\[{].*");
        return named || JSON.matcher(text).matches() ? TableFile.Format.JSON : TableFile.Format.DELIMITED;
    }

    private static Charset encoding(byte[] head) {
        if (begins(head, 0xff, 0xfe)) {
            return StandardCharsets.UTF_16LE;
        }
        return begins(head, 0xfe, 0xff) ? StandardCharsets.UTF_16BE : StandardCharsets.UTF_8;
    }

    private static boolean begins(byte[] head, int... first) {
        if (head.length < first.length) {
            return false;
        }
        for (int i = 0; i < first.length; i++) {
            if ((head[i] & 0xff) != first[i]) {
                return false;
            }
        }
        return true;
    }
}
