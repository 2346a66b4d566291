package promedio.core.sample;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sample.Givens.Item;
import promedio.core.sentence.Sentence;

/** Reads what a question gives, row by row: a name, and what stands under it. */
public final class GivensReader {
    /** What is sought. */
    private static final String SOUGHT = "?";

    private static final Pattern PARTS = Pattern.compile("\\s*[:→]\\s*|\\s*;\\s*");
    private static final Pattern COMMAS = Pattern.compile("\\s*,\\s*");

    private final SampleKind kind;
    private final Numerals numerals;
    private final boolean lessOne;
    private final Tables tables;
    private final List<Item> items = new ArrayList<>();

    /**
     * A reader.
     *
     * @param kind the kind of question
     * @param numerals how numbers are written
     * @param lessOne whether the divisor of a standard deviation that is given is n − 1
     * @param tables reads a list or table with letters
     */
    public GivensReader(SampleKind kind, Numerals numerals, boolean lessOne, Tables tables) {
        this.tables = tables;
        this.kind = kind;
        this.numerals = numerals;
        this.lessOne = lessOne;
    }

    /** Reads a list or table in which letters stand for some figures. */
    @FunctionalInterface
    public interface Tables {
        /**
         * Reads one.
         *
         * @param values its values or classes
         * @param frequencies how often each counts; empty for a list
         * @throws Fault when there is none
         */
        Lettered read(String values, Optional<String> frequencies) throws Fault;
    }

    /** What is wrong with a row; nothing is taken of it. */
    public static final class Fault extends Exception {
        private static final long serialVersionUID = 1L;

        private final transient Sentence sentence;

        /** What a sentence says is wrong. */
        public Fault(String key, Object... facts) {
            super(key);
            this.sentence = Sentence.of(key, facts);
        }

        /** What is wrong, in a sentence. */
        public Sentence sentence() {
            return sentence;
        }
    }

    /** All that was read. */
    public Givens givens() {
        List<Item> rows = of(GivenName.VALUES);
        if (rows.isEmpty()) {
            return new Givens(kind, items, lessOne);
        }
        try {
            Lettered read = tables.read(
                    rows.get(0).label(),
                    of(GivenName.FREQUENCIES).stream().map(Item::label).findFirst());
            return new Givens(kind, items, lessOne, Optional.of(read), Optional.empty());
        } catch (Fault fault) {
            return new Givens(kind, items, lessOne, Optional.empty(), Optional.of(fault.sentence()));
        }
    }

    /**
     * Takes a row.
     *
     * @return whether there is anything in it: a name with nothing under it is left out
     * @throws Fault when it cannot be read
     */
    public boolean take(String name, String text) throws Fault {
        if (text.isBlank()) {
            return false;
        }
        GivenName known =
                GivenName.find(kind, name.strip()).orElseThrow(() -> new Fault("given.unknown", name.strip(), names()));
        if (!known.isRepeated() && !of(known).isEmpty()) {
            throw new Fault("given.twice", known.id());
        }
        if (known.isRow()) {
            items.add(new Item(known, text.strip(), List.of(), Set.of()));
            return true;
        }
        List<String> parts = parts(known, text.strip());
        String label = "";
        if (known.isLabelled()) {
            label = parts.get(0);
            parts = parts.subList(1, parts.size());
            String own = label;
            if (label.isEmpty()
                    || of(known).stream().anyMatch(item -> item.label().equals(own))) {
                throw new Fault(label.isEmpty() ? "given.no-label" : "given.label-twice", known.id(), label);
            }
        }
        if (parts.size() < known.least() || parts.size() > known.width()) {
            throw new Fault("given.parts." + known.id(), text.strip());
        }
        items.add(item(known, label, parts));
        return true;
    }

    private List<Item> of(GivenName name) {
        return items.stream().filter(item -> item.name() == name).toList();
    }

    private String names() {
        return GivenName.of(kind).stream().map(GivenName::id).collect(Collectors.joining(", "));
    }

    /** What stands under a name, taken apart: by semicolons or colons, else by commas. */
    public static List<String> parts(GivenName name, String text) {
        if (name.width() == 1) {
            return List.of(text);
        }
        boolean parted = PARTS.matcher(text).find();
        return Arrays.asList((parted ? PARTS : COMMAS).split(text, -1));
    }

    private Item item(GivenName name, String label, List<String> parts) throws Fault {
        List<Optional<Exact>> figures = new ArrayList<>();
        Set<Integer> sought = new HashSet<>();
        for (int i = 0; i < parts.size(); i++) {
            String part = parts.get(i);
            if (part.equals(SOUGHT)) {
                if (!name.canBeSought()) {
                    throw new Fault("given.not-sought", name.id());
                }
                sought.add(i);
                figures.add(Optional.empty());
            } else if (part.isEmpty() && name == GivenName.WHOLE) {
                figures.add(Optional.empty());
            } else {
                figures.add(Optional.of(numerals.read(part)
                        .map(Numerals.Numeral::exact)
                        .orElseThrow(() -> new Fault("given.no-number", name.id(), part))));
            }
        }
        return new Item(name, label, figures, sought);
    }
}
