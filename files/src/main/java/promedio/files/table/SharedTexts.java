package promedio.files.table;

import java.nio.charset.StandardCharsets;

/**
 * The texts of a workbook stand in a part of their own, and cells refer to them by their place. Looks at both as their bytes go by, to
 * tell whether a cell refers to one that is not there: the library that reads workbooks takes it for an empty one.
 */
final class SharedTexts {
    static final String PART = "xl/sharedStrings.xml";

    private final Sign text = new Sign("<si");
    private final Sign referring = new Sign(" t=\"s\"");
    private final Sign value = new Sign("<v>");
    private long texts;
    private long furthest = -1;
    private boolean refers;
    private long place = -1;

    /** Signs that are looked for one after another. */
    private static final class Sign {
        private final byte[] wanted;
        private int matched;

        Sign(String text) {
            wanted = text.getBytes(StandardCharsets.US_ASCII);
        }

        /** Whether all have come with this one. */
        boolean comes(byte sign) {
            matched = sign == wanted[matched] ? matched + 1 : sign == wanted[0] ? 1 : 0;
            boolean whole = matched == wanted.length;
            matched = whole ? 0 : matched;
            return whole;
        }
    }

    /** Looks at texts that go by. */
    void texts(byte[] block, int length) {
        for (int i = 0; i < length; i++) {
            texts += text.comes(block[i]) ? 1 : 0;
        }
    }

    /** Looks at cells that go by. */
    void cells(byte[] block, int length) {
        for (int i = 0; i < length; i++) {
            byte sign = block[i];
            if (place >= 0) {
                if (sign >= '0' && sign <= '9' && place < Integer.MAX_VALUE) {
                    place = place * 10 + sign - '0';
                } else {
                    furthest = Math.max(furthest, place);
                    place = -1;
                }
            } else if (refers) {
                if (value.comes(sign)) {
                    place = 0;
                    refers = false;
                }
            } else {
                refers = referring.comes(sign);
            }
        }
    }

    /** Whether a cell refers to a text that is not there. */
    boolean isLost() {
        return furthest >= texts;
    }
}
