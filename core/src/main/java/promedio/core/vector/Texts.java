package promedio.core.vector;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Texts: each different one is held once. Those of a category may have an order of their own. */
public final class Texts implements Vector {
    private final int[] codes;
    private final List<String> pool;
    private final Optional<List<String>> order;
    private final int size;
    private final boolean constant;
    private int[] ranks;

    private Texts(int[] codes, List<String> pool, Optional<List<String>> order, int size, boolean constant) {
        this.codes = codes;
        this.pool = pool;
        this.order = order;
        this.size = size;
        this.constant = constant;
    }

    /** The same text in so many rows; empty for a missing one. */
    public static Texts constant(Optional<String> text, int size) {
        return new Texts(
                new int[] {text.isPresent() ? 0 : -1},
                text.map(List::of).orElse(List.of()),
                Optional.empty(),
                size,
                true);
    }

    @Override
    public int size() {
        return size;
    }

    @Override
    public Kind kind() {
        return Kind.TEXT;
    }

    @Override
    public boolean isConstant() {
        return constant;
    }

    /** The number of a cell among the different texts; −1 for a missing one. */
    public int code(int row) {
        return codes[constant ? 0 : row];
    }

    /** The different texts; some of them may stand in no row. */
    public List<String> pool() {
        return pool;
    }

    /** The order of its texts, where it is a category with one. */
    public Optional<List<String>> order() {
        return order;
    }

    /** The same texts in an order of their own. */
    public Texts ordered(List<String> given) {
        return new Texts(codes, pool, Optional.of(List.copyOf(given)), size, constant);
    }

    @Override
    public boolean isMissing(int row) {
        return code(row) < 0;
    }

    /** A cell; empty text for a missing one. */
    public String get(int row) {
        int code = code(row);
        return code < 0 ? "" : pool.get(code);
    }

    @Override
    public Texts pick(int[] rows) {
        int[] picked = new int[rows.length];
        for (int i = 0; i < rows.length; i++) {
            picked[i] = rows[i] < 0 ? -1 : code(rows[i]);
        }
        return new Texts(picked, pool, order, rows.length, false);
    }

    @Override
    public Texts stretched(int rows) {
        return new Texts(codes, pool, order, rows, true);
    }

    @Override
    public int compare(int row, int other) {
        int one = code(row);
        int two = code(other);
        if (one < 0 || two < 0) {
            return Boolean.compare(one < 0, two < 0);
        }
        return one == two ? 0 : Integer.compare(ranks()[one], ranks()[two]);
    }

    /** The place of each different text in order: those with an order of their own first, the others by Unicode. */
    public synchronized int[] ranks() {
        if (ranks == null) {
            Map<String, Integer> given = new HashMap<>();
            order.ifPresent(texts -> texts.forEach(text -> given.putIfAbsent(text, given.size())));
            Integer[] places = new Integer[pool.size()];
            Arrays.setAll(places, i -> i);
            Arrays.sort(places, (one, two) -> {
                int first = given.getOrDefault(pool.get(one), Integer.MAX_VALUE);
                int second = given.getOrDefault(pool.get(two), Integer.MAX_VALUE);
                return first != second ? Integer.compare(first, second) : inUnicode(pool.get(one), pool.get(two));
            });
            int[] found = new int[pool.size()];
            for (int i = 0; i < places.length; i++) {
                boolean same = i > 0 && pool.get(places[i]).equals(pool.get(places[i - 1]));
                found[places[i]] = same ? found[places[i - 1]] : i;
            }
            ranks = found;
        }
        return ranks;
    }

    /** How two texts stand in the order of Unicode's code points. */
    public static int inUnicode(String one, String two) {
        int most = Math.min(one.length(), two.length());
        for (int i = 0; i < most; i++) {
            if (one.charAt(i) != two.charAt(i)) {
                return Integer.compare(one.codePointAt(i), two.codePointAt(i));
            }
        }
        return Integer.compare(one.length(), two.length());
    }

    @Override
    public int[] groups() {
        int[] groups = new int[size];
        if (constant) {
            return groups;
        }
        Map<String, Integer> known = new HashMap<>();
        int[] byCode = new int[pool.size() + 1];
        Arrays.fill(byCode, -1);
        int fresh = 0;
        for (int row = 0; row < size; row++) {
            int code = codes[row] + 1;
            if (byCode[code] < 0) {
                // A pool that was put together may hold a text twice.
                Integer before = code == 0 ? null : known.putIfAbsent(pool.get(code - 1), fresh);
                byCode[code] = before == null ? fresh++ : before;
            }
            groups[row] = byCode[code];
        }
        return groups;
    }

    @Override
    public String text(int row, int digits) {
        return get(row);
    }

    /** Takes texts in the order of the rows. */
    public static final class Builder {
        private final int[] codes;
        private final List<String> pool = new ArrayList<>();
        private final Map<String, Integer> known = new HashMap<>();
        private int size;

        /** For so many rows. */
        public Builder(int rows) {
            codes = new int[rows];
        }

        /** Adds a text. */
        public void add(String text) {
            Integer code = known.get(text);
            if (code == null) {
                code = pool.size();
                pool.add(text);
                known.put(text, code);
            }
            codes[size++] = code;
        }

        /** Adds a missing cell. */
        public void missing() {
            codes[size++] = -1;
        }

        /** All that was added. */
        public Texts build() {
            return new Texts(codes, List.copyOf(pool), Optional.empty(), size, false);
        }
    }

    /** Texts by their numbers. */
    public static Texts of(int[] codes, List<String> pool, Optional<List<String>> order) {
        return new Texts(codes.clone(), List.copyOf(pool), order, codes.length, false);
    }
}
