package promedio.core.language;

import java.util.Arrays;
import java.util.Optional;

/** Functions of a row's values: their word, and how many arguments they take. */
public enum Function {
    ABSOLUTE("absolute", 1, 1),
    ROOT("root", 1, 1),
    LN("ln", 1, 1),
    LOG10("log10", 1, 1),
    EXP("exp", 1, 1),
    ROUNDED("rounded", 2, 2),
    DOWN("down", 1, 1),
    UP("up", 1, 1),
    REMAINDER("remainder", 2, 2),
    LENGTH("length", 1, 1),
    LOWER("lower", 1, 1),
    UPPER("upper", 1, 1),
    TRIMMED("trimmed", 1, 1),
    PART("part", 3, 3),
    NUMBER("number", 1, 1),
    TEXT("text", 1, 1),
    YEAR("year", 1, 1),
    MONTH("month", 1, 1),
    DAY("day", 1, 1),
    WEEKDAY("weekday", 1, 1),
    HOUR("hour", 1, 1),
    MINUTE("minute", 1, 1),
    DAYS("days", 2, 2),
    DATE("date", 2, 2),
    FIRST_KNOWN("first known", 1, Integer.MAX_VALUE);

    private final String word;
    private final int least;
    private final int most;

    Function(String word, int least, int most) {
        this.word = word;
        this.least = least;
        this.most = most;
    }

    /** The word of the language. */
    public String word() {
        return word;
    }

    /** How few arguments it takes. */
    public int least() {
        return least;
    }

    /** How many arguments it takes. */
    public int most() {
        return most;
    }

    static Optional<Function> find(String word) {
        return Arrays.stream(values()).filter(one -> one.word.equals(word)).findFirst();
    }
}
