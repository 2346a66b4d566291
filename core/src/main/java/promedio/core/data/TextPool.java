package promedio.core.data;

/**
 * Hands out one text for the same characters where they were met lately, so that words that repeat lie in memory once; and
 * remembers which number such a text has in the run of entries that is being filled.
 */
final class TextPool {
    private static final int SLOTS = 1024;

    private String[] slots;
    private int[] numbers;
    private int[] runs;
    private int run;

    /** Numbers are those of a new run from now on. */
    void nextRun() {
        run++;
    }

    /** Where these characters have their text. */
    int slot(char[] characters, int from, int length) {
        if (slots == null) {
            slots = new String[SLOTS];
            numbers = new int[SLOTS];
            runs = new int[SLOTS];
        }
        int hash = 0;
        for (int i = from; i < from + length; i++) {
            hash = 31 * hash + characters[i];
        }
        int slot = (hash ^ hash >>> 10 ^ hash >>> 20) & SLOTS - 1;
        String known = slots[slot];
        if (known == null || !isSame(known, characters, from, length)) {
            slots[slot] = new String(characters, from, length);
            runs[slot] = -1;
        }
        return slot;
    }

    String text(int slot) {
        return slots[slot];
    }

    /** The number of a text in the present run; −1 where it has none yet. */
    int number(int slot) {
        return runs[slot] == run ? numbers[slot] : -1;
    }

    void number(int slot, int number) {
        runs[slot] = run;
        numbers[slot] = number;
    }

    private static boolean isSame(String known, char[] characters, int from, int length) {
        if (known.length() != length) {
            return false;
        }
        for (int i = 0; i < length; i++) {
            if (known.charAt(i) != characters[from + i]) {
                return false;
            }
        }
        return true;
    }
}
