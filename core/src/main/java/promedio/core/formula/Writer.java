package promedio.core.formula;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import promedio.core.distribution.Curve;
import promedio.core.distribution.Side;
import promedio.core.sample.Letter;

/**
 * Writes a formula as a hand does: brackets only where they are needed, f only when the sample has frequencies, and any
 * node replaced by its figure where a substitution gives one.
 */
public final class Writer {
    /** Nothing is replaced. */
    public static final Function<Formula, Optional<Notation>> SYMBOLS = node -> Optional.empty();

    /** = with room around it. */
    public static final Notation EQUALS = new Notation.Sign("=", "=", "equals", true);
    /** ≈ with room around it. */
    public static final Notation ABOUT = new Notation.Sign("≈", "\\approx ", "is about", true);

    private static final int SUM = 1;
    private static final int PRODUCT = 2;
    private static final int POWER = 3;
    private static final int ATOM = 4;

    private static final Notation F = Notation.letter("f");
    private static final Notation.Sign SIGMA = new Notation.Sign("Σ", "\\textstyle\\sum ", "the sum of", false);
    private static final Notation.Sign PLUS = new Notation.Sign("+", "+", "plus", true);
    private static final Notation.Sign MINUS = new Notation.Sign("−", "-", "minus", true);
    private static final Notation.Sign SEMICOLON = new Notation.Sign("; ", ";\\ ", "and", false);
    private static final Notation.Sign AT_LEAST = new Notation.Sign("≥", "\\ge ", "at least", true);
    private static final Notation.Sign DOT = new Notation.Sign("·", "\\cdot ", "times", true);

    private final Letters letters;
    private final boolean frequencies;
    private final Function<Formula, Optional<Notation>> figures;

    /**
     * A writer.
     *
     * @param letters what is written for symbols
     * @param frequencies whether totals show f
     * @param figures what is written in place of a node; {@link #SYMBOLS} for nothing
     */
    public Writer(Letters letters, boolean frequencies, Function<Formula, Optional<Notation>> figures) {
        this.letters = letters;
        this.frequencies = frequencies;
        this.figures = figures;
    }

    /** One line of text with plain symbols, for messages. */
    static String plain(Formula formula) {
        return new Writer(Letters.AS_THEY_COME, false, SYMBOLS).write(formula).text();
    }

    /** The formula in symbols and, where the substitution says so, figures. */
    public Notation write(Formula formula) {
        return write(formula, Site.ROOT);
    }

    /** The same of a part of a formula that stands at a place, which is what the parts of the notation are marked by. */
    public Notation write(Formula part, Site site) {
        return piece(part, site).notation();
    }

    /** The symbol of a named part. */
    public Notation symbol(Symbol symbol) {
        return letters.of(symbol);
    }

    /** A notation and how tightly it holds together. */
    private record Piece(Notation notation, int binding) {
        Notation atLeast(int needed) {
            return binding >= needed ? notation : new Notation.Fenced("(", notation, ")");
        }
    }

    private Piece piece(Formula formula, Site site) {
        Optional<Notation> figure = figures.apply(formula);
        if (figure.isPresent()) {
            Notation shown = figure.get();
            boolean signed =
                    shown instanceof Notation.Numeral numeral && numeral.text().startsWith("−");
            return new Piece(new Notation.Marked(site, formula, shown), signed ? SUM : ATOM);
        }
        return formula.fold(new Pieces(site));
    }

    /** The sign of a sum over some ranks only. */
    private static Notation sumOver(Rows.Ranks ranks) {
        Notation.Sign sum = new Notation.Sign("Σ", "\\textstyle\\sum ", "the sum over", false);
        return new Notation.Lowered(
                sum,
                new Notation.Letter(
                        "(" + ranks.from() + ")…(" + ranks.to() + ")",
                        "(" + ranks.from() + ")\\ldots(" + ranks.to() + ")",
                        "ranks " + ranks.from() + " to " + ranks.to() + " of",
                        true));
    }

    /** Whether it is a word in small letters, or has a word for its index: what stands beside it would run into it. */
    private static boolean isWord(Notation notation) {
        if (notation instanceof Notation.Marked marked) {
            return isWord(marked.body());
        }
        return notation instanceof Notation.Letter letter
                        && letter.upright()
                        && Character.isLowerCase(letter.text().charAt(0))
                || notation instanceof Notation.Lowered lowered
                        && lowered.index() instanceof Notation.Letter index
                        && index.upright();
    }

    private static boolean startsWithFigure(Notation notation) {
        if (notation instanceof Notation.Marked marked) {
            return startsWithFigure(marked.body());
        }
        if (notation instanceof Notation.Row row && !row.items().isEmpty()) {
            return startsWithFigure(row.items().get(0));
        }
        if (notation instanceof Notation.Raised power) {
            return startsWithFigure(power.base());
        }
        return notation instanceof Notation.Numeral || notation instanceof Notation.Fraction;
    }

    private final class Pieces implements Cases<Piece> {
        private final Site site;

        Pieces(Site site) {
            this.site = site;
        }

        private Piece part(Formula node, int index) {
            return piece(node.parts().get(index), site.part(index));
        }

        @Override
        public Piece constant(Formula.Constant node) {
            String text = node.value().toString().replace("-", "−");
            return new Piece(Notation.numeral(text), node.value().signum() < 0 ? SUM : ATOM);
        }

        @Override
        public Piece variable(Formula.Variable node) {
            Letter letter = node.letter();
            Notation written = Notation.letter(letter.written());
            return new Piece(
                    letter.isRank()
                            ? new Notation.Lowered(
                                    written, Notation.letter(letter.column().written()))
                            : written,
                    ATOM);
        }

        @Override
        public Piece count(Formula.Count node) {
            return switch (node.what()) {
                case VALUES ->
                    frequencies
                            ? new Piece(Notation.row(SIGMA, F), PRODUCT)
                            : new Piece(Notation.word("number of values"), ATOM);
                case DISTINCT -> new Piece(Notation.word("number of different values"), ATOM);
                case MISSING -> new Piece(Notation.word("number of missing values"), ATOM);
                case BELOW -> new Piece(Notation.word("number of values below " + node.bound()), ATOM);
                case EQUAL -> new Piece(Notation.word("number of values equal to " + node.bound()), ATOM);
                case CONCORDANT -> new Piece(Notation.word("pairs of rows in the same order"), ATOM);
                case DISCORDANT -> new Piece(Notation.word("pairs of rows in opposite orders"), ATOM);
                case TIED_IN_X -> new Piece(Notation.word("pairs of rows equal in x"), ATOM);
                case TIED_IN_Y -> new Piece(Notation.word("pairs of rows equal in y"), ATOM);
                case TIE_CUBES_IN_X -> new Piece(ties("x"), PRODUCT);
                case TIE_CUBES_IN_Y -> new Piece(ties("y"), PRODUCT);
            };
        }

        /** Σ(m³ − m) over the ties in a column, m their sizes. */
        private static Notation ties(String letter) {
            Notation m = Notation.letter("m");
            return Notation.row(
                    new Notation.Lowered(SIGMA, Notation.word("ties in " + letter)),
                    new Notation.Fenced("(", Notation.row(m.raisedTo(3), MINUS, m), ")"));
        }

        @Override
        public Piece tail(Formula.Tail node) {
            Notation figure = part(node, 0).notation();
            Notation letter = letter(node.curve());
            Notation curve =
                    switch (node.curve().parameters()) {
                        case 0 -> letter;
                        case 1 -> new Notation.Lowered(letter, part(node, 1).notation());
                        default -> Notation.row(letter, new Notation.Fenced("(", listed(node, 1), ")"));
                    };
            Notation sign = node.side() == Side.BELOW ? Rows.Order.UP_TO.sign() : AT_LEAST;
            boolean both = node.side() == Side.BOTH;
            Notation said = Notation.row(
                    both ? new Notation.Fenced("|", curve, "|") : curve,
                    sign,
                    both ? new Notation.Fenced("|", figure, "|") : figure);
            return new Piece(Notation.row(Notation.letter("P"), new Notation.Fenced("(", said, ")")), ATOM);
        }

        /** t with 0.025 above it, of 9 degrees of freedom: what printed tables have under these two. */
        @Override
        public Piece cut(Formula.Cut node) {
            Notation letter =
                    switch (node.curve()) {
                        case NORMAL -> Notation.letter("z");
                        case T -> Notation.letter("t");
                        case CHI_SQUARED, F -> letter(node.curve());
                    };
            return new Piece(new Notation.Lowered(letter, listed(node, 0)), ATOM);
        }

        /** The parts from one on, with signs between them. */
        private Notation listed(Formula node, int from) {
            List<Notation> listed = new ArrayList<>();
            for (int i = from; i < node.parts().size(); i++) {
                if (i > from) {
                    listed.add(SEMICOLON);
                }
                listed.add(part(node, i).notation());
            }
            return new Notation.Row(listed);
        }

        private static Notation letter(Curve curve) {
            return switch (curve) {
                case NORMAL -> Notation.letter("Z");
                case T -> Notation.letter("T");
                case CHI_SQUARED -> Notation.letter("χ", "\\chi ", "chi").raisedTo(2);
                case F -> Notation.letter("F");
            };
        }

        @Override
        public Piece named(Formula.Named node) {
            Notation symbol = letters.of(node.symbol());
            return new Piece(new Notation.Marked(site, node, symbol), isProduct(symbol) ? PRODUCT : ATOM);
        }

        /** Whether a symbol is made of several, as Σx is: its square needs brackets. */
        private static boolean isProduct(Notation symbol) {
            return symbol instanceof Notation.Row
                    || symbol instanceof Notation.Lowered lowered && isProduct(lowered.base());
        }

        @Override
        public Piece operation(Formula.Operation node) {
            if (!frequencies && Patterns.counted(node).isPresent()) {
                return part(node, 1);
            }
            Piece left = part(node, 0);
            return switch (node.operator()) {
                case PLUS -> new Piece(Notation.row(left.atLeast(SUM), PLUS, right(node, SUM)), SUM);
                case MINUS -> new Piece(Notation.row(left.atLeast(SUM), MINUS, right(node, PRODUCT)), SUM);
                case TIMES ->
                    Row.isWeight(node.operands().get(0))
                            ? new Piece(Notation.row(F, part(node, 1).atLeast(PRODUCT)), PRODUCT)
                            : product(left, part(node, 1));
                case OVER ->
                    new Piece(
                            new Notation.Fraction(left.notation(), part(node, 1).notation()), POWER);
                case POWER ->
                    new Piece(
                            new Notation.Raised(
                                    left.atLeast(ATOM), part(node, 1).notation()),
                            POWER);
                case ROOT -> new Piece(new Notation.RootSign(left.notation()), ATOM);
                case ABS -> new Piece(new Notation.Fenced("|", left.notation(), "|"), ATOM);
            };
        }

        /** The right operand; a signed figure after + or − goes in brackets. */
        private Notation right(Formula.Operation node, int needed) {
            Piece piece = part(node, 1);
            Notation bare = piece.notation() instanceof Notation.Marked marked ? marked.body() : piece.notation();
            boolean signed =
                    bare instanceof Notation.Numeral numeral && numeral.text().startsWith("−");
            return piece.atLeast(signed ? PRODUCT : needed);
        }

        private Piece product(Piece left, Piece right) {
            Notation first = left.atLeast(PRODUCT);
            Notation second = right.atLeast(PRODUCT);
            return new Piece(
                    startsWithFigure(second) || first instanceof Notation.Fraction || isWord(first) || isWord(second)
                            ? Notation.row(first, DOT, second)
                            : Notation.row(first, second),
                    PRODUCT);
        }

        @Override
        public Piece total(Formula.Total node) {
            if (!frequencies && Row.isWeight(node.each()) && node.rows() instanceof Rows.Where test) {
                return new Piece(
                        Notation.row(
                                Notation.word("number of values with "),
                                part(node, 1).notation(),
                                test.order().sign(),
                                part(node, 2).notation()),
                        PRODUCT);
            }
            return new Piece(Notation.row(sigma(node), part(node, 0).atLeast(PRODUCT)), PRODUCT);
        }

        private Notation sigma(Formula.Total node) {
            if (node.rows() instanceof Rows.Ranks ranks) {
                return sumOver(ranks);
            }
            return node.rows() instanceof Rows.Where test
                    ? new Notation.Lowered(
                            SIGMA,
                            Notation.row(
                                    part(node, 1).notation(),
                                    test.order().sign(),
                                    part(node, 2).notation()))
                    : SIGMA;
        }

        @Override
        public Piece given(Formula.Given node) {
            return piece(node.of(), site);
        }

        @Override
        public Piece givenCells(Formula.GivenCells node) {
            return part(node, 0);
        }

        @Override
        public Piece pick(Formula.Pick node) {
            Notation rank = new Notation.Fenced("(", part(node, 1).notation(), ")");
            Notation base = part(node, 0).atLeast(ATOM);
            return new Piece(new Notation.Marked(site, node, new Notation.Lowered(base, rank)), ATOM);
        }

        @Override
        public Piece commonest(Formula.Commonest node) {
            return new Piece(Notation.word("the value that occurs most often"), ATOM);
        }

        @Override
        public Piece series(Formula.Series node) {
            List<Notation> items = new ArrayList<>();
            for (int i = 0; i < node.members().size(); i++) {
                if (i > 0) {
                    items.add(SEMICOLON);
                }
                items.add(part(node, i).notation());
            }
            return new Piece(new Notation.Row(items), SUM);
        }

        @Override
        public Piece beyond(Formula.Beyond node) {
            return new Piece(
                    Notation.row(
                            Notation.word("values below "),
                            part(node, 0).notation(),
                            Notation.word(" or above "),
                            part(node, 1).notation()),
                    SUM);
        }

        @Override
        public Piece found(Formula.Found node) {
            return new Piece(
                    switch (node.search()) {
                        case POSITION ->
                            Notation.row(
                                    Notation.word("class of "), part(node, 0).notation());
                        case VALUE ->
                            Notation.row(
                                    Notation.word("class of "), part(node, 0).notation());
                        case MODAL -> Notation.word("modal class");
                        case MODAL_INTERVAL -> Notation.word("modal interval");
                        case ASSUMED -> Notation.word("class chosen");
                        case WHOLE -> Notation.word("table");
                    },
                    ATOM);
        }

        @Override
        public Piece reading(Formula.Reading node) {
            String words =
                    switch (node.what()) {
                        case LOWER -> "lower boundary";
                        case UPPER -> "upper boundary";
                        case WIDTH -> "width";
                        case MIDPOINT -> "midpoint";
                        case FREQUENCY -> "frequency";
                        case BEFORE -> "cumulative frequency before";
                        case FREQUENCY_BEFORE -> "frequency of the class before";
                        case FREQUENCY_AFTER -> "frequency of the class after";
                        case DENSITY -> "density";
                        case DENSITY_BEFORE -> "density of the class before";
                        case DENSITY_AFTER -> "density of the class after";
                    };
            return new Piece(new Notation.Marked(site, node, Notation.word(words)), ATOM);
        }

        @Override
        public Piece rootOfProduct(Formula.RootOfProduct node) {
            Notation product = Notation.row(
                    new Notation.Sign("Π", "\\textstyle\\prod ", "the product of", false), Notation.letter("x"));
            Notation index = new Notation.Fraction(Notation.numeral("1"), Notation.letter("n"));
            return new Piece(new Notation.Raised(new Notation.Fenced("(", product, ")"), index), POWER);
        }
    }
}
