package promedio.core.formula;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** The four ways out of a notation: LaTeX, MathML, plain text and words. */
final class NotationText {
    private static final Map<Character, Character> RAISED =
            Map.of('0', '⁰', '1', '¹', '2', '²', '3', '³', '4', '⁴', '5', '⁵', '6', '⁶', '7', '⁷', '8', '⁸', '9', '⁹');
    /** What a reader would divide by its first factor only: 2A, 3√3, n(n − 1). */
    private static final String SEVERAL_FACTORS = ".*[(].*|.+√.*|\\d.*[\\p{L}|].*";

    private static final int SUBSCRIPT_ZERO = '₀';

    private NotationText() {}

    static String latex(Notation notation) {
        return notation.fold(new Latex(null));
    }

    static String latex(Notation notation, List<Formula> origins) {
        return notation.fold(new Latex(origins));
    }

    static String mathMl(Notation notation) {
        return "<math xmlns=\"http://www.w3.org/1998/Math/MathML\"><mrow>" + notation.fold(new MathMl())
                + "</mrow></math>";
    }

    static String plain(Notation notation) {
        return notation.fold(new Plain());
    }

    static String words(Notation notation) {
        return notation.fold(new Words()).strip().replaceAll("\\s+", " ");
    }

    private static final class Latex implements Notation.Cases<String> {
        /** Where the nodes of marked parts are collected; null when colours are not wanted. */
        private final List<Formula> origins;

        Latex(List<Formula> origins) {
            this.origins = origins;
        }

        @Override
        public String letter(Notation.Letter letter) {
            return letter.latex();
        }

        @Override
        public String numeral(Notation.Numeral numeral) {
            return numeral.text()
                    .replace("−", "-")
                    .replace(",", "{,}")
                    .replace("%", "\\%")
                    .replace("…", "\\ldots ")
                    .replace("\u202f", "\\,");
        }

        @Override
        public String sign(Notation.Sign sign) {
            return sign.latex();
        }

        @Override
        public String row(Notation.Row row) {
            return row.items().stream().map(item -> item.fold(this)).collect(Collectors.joining());
        }

        @Override
        public String fraction(Notation.Fraction fraction) {
            return "\\frac{" + fraction.top().fold(this) + "}{"
                    + fraction.bottom().fold(this) + "}";
        }

        @Override
        public String rootSign(Notation.RootSign root) {
            return "\\sqrt{" + root.body().fold(this) + "}";
        }

        @Override
        public String raised(Notation.Raised raised) {
            return "{" + raised.base().fold(this) + "}^{" + raised.exponent().fold(this) + "}";
        }

        @Override
        public String lowered(Notation.Lowered lowered) {
            return "{" + lowered.base().fold(this) + "}_{" + lowered.index().fold(this) + "}";
        }

        @Override
        public String accented(Notation.Accented accented) {
            return (accented.accent() == Notation.Accent.BAR ? "\\bar{" : "\\widetilde{")
                    + accented.base().fold(this) + "}";
        }

        @Override
        public String fenced(Notation.Fenced fenced) {
            return "\\left" + fenced.open() + fenced.body().fold(this) + "\\right" + fenced.close();
        }

        @Override
        public String marked(Notation.Marked marked) {
            if (origins == null) {
                return marked.body().fold(this);
            }
            origins.add(marked.origin());
            String colour = String.format(Locale.ROOT, "#%06x", origins.size());
            return "\\fgcolor{" + colour + "}{" + marked.body().fold(this) + "}";
        }
    }

    private static final class MathMl implements Notation.Cases<String> {
        private static String escaped(String text) {
            return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
        }

        @Override
        public String letter(Notation.Letter letter) {
            return "<mi>" + escaped(letter.text()) + "</mi>";
        }

        @Override
        public String numeral(Notation.Numeral numeral) {
            String text = numeral.text();
            return text.startsWith("−")
                    ? "<mrow><mo>−</mo><mn>" + escaped(text.substring(1)) + "</mn></mrow>"
                    : "<mn>" + escaped(text) + "</mn>";
        }

        @Override
        public String sign(Notation.Sign sign) {
            return "<mo>" + escaped(sign.text()) + "</mo>";
        }

        @Override
        public String row(Notation.Row row) {
            return row.items().stream().map(item -> item.fold(this)).collect(Collectors.joining());
        }

        @Override
        public String fraction(Notation.Fraction fraction) {
            return "<mfrac>" + grouped(fraction.top()) + grouped(fraction.bottom()) + "</mfrac>";
        }

        @Override
        public String rootSign(Notation.RootSign root) {
            return "<msqrt>" + grouped(root.body()) + "</msqrt>";
        }

        @Override
        public String raised(Notation.Raised raised) {
            return "<msup>" + grouped(raised.base()) + grouped(raised.exponent()) + "</msup>";
        }

        @Override
        public String lowered(Notation.Lowered lowered) {
            return "<msub>" + grouped(lowered.base()) + grouped(lowered.index()) + "</msub>";
        }

        @Override
        public String accented(Notation.Accented accented) {
            return "<mover accent=\"true\">" + accented.base().fold(this) + "<mo>"
                    + (accented.accent() == Notation.Accent.BAR ? "¯" : "~") + "</mo></mover>";
        }

        @Override
        public String fenced(Notation.Fenced fenced) {
            return "<mrow><mo>" + fenced.open() + "</mo>" + fenced.body().fold(this) + "<mo>" + fenced.close()
                    + "</mo></mrow>";
        }

        @Override
        public String marked(Notation.Marked marked) {
            return marked.body().fold(this);
        }

        private String grouped(Notation notation) {
            return "<mrow>" + notation.fold(this) + "</mrow>";
        }
    }

    private static final class Plain implements Notation.Cases<String> {
        @Override
        public String letter(Notation.Letter letter) {
            return letter.text();
        }

        @Override
        public String numeral(Notation.Numeral numeral) {
            return numeral.text();
        }

        @Override
        public String sign(Notation.Sign sign) {
            return sign.spaced() ? " " + sign.text() + " " : sign.text();
        }

        @Override
        public String row(Notation.Row row) {
            return row.items().stream().map(item -> item.fold(this)).collect(Collectors.joining());
        }

        @Override
        public String fraction(Notation.Fraction fraction) {
            String top = fraction.top().fold(this);
            String bottom = fraction.bottom().fold(this);
            boolean single = holdsTogether(bottom) && !bottom.matches(SEVERAL_FACTORS);
            return (holdsTogether(top) ? top : "(" + top + ")") + "/" + (single ? bottom : "(" + bottom + ")");
        }

        @Override
        public String rootSign(Notation.RootSign root) {
            String body = root.body().fold(this);
            return body.length() == 1 ? "√" + body : "√(" + body + ")";
        }

        @Override
        public String raised(Notation.Raised raised) {
            String exponent = raised.exponent().fold(this);
            boolean digits = exponent.chars().allMatch(c -> RAISED.containsKey((char) c));
            return raised.base().fold(this)
                    + (digits
                            ? exponent.chars()
                                    .mapToObj(c -> RAISED.get((char) c).toString())
                                    .collect(Collectors.joining())
                            : "^(" + exponent + ")");
        }

        @Override
        public String lowered(Notation.Lowered lowered) {
            String index = lowered.index().fold(this);
            boolean digits = index.chars().allMatch(c -> c >= '0' && c <= '9');
            return lowered.base().fold(this)
                    + (digits
                            ? index.chars()
                                    .mapToObj(c -> Character.toString(SUBSCRIPT_ZERO + c - '0'))
                                    .collect(Collectors.joining())
                            : index.indexOf(' ') >= 0 && index.charAt(0) != '(' ? "_(" + index + ")" : "_" + index);
        }

        @Override
        public String accented(Notation.Accented accented) {
            return accented.base().fold(this) + (accented.accent() == Notation.Accent.BAR ? "\u0304" : "\u0303");
        }

        @Override
        public String fenced(Notation.Fenced fenced) {
            return fenced.open() + fenced.body().fold(this) + fenced.close();
        }

        @Override
        public String marked(Notation.Marked marked) {
            return marked.body().fold(this);
        }

        /** Whether nothing outside brackets and bars would be torn apart by a stroke before or behind it. */
        private static boolean holdsTogether(String text) {
            if (text.startsWith("−")) {
                return false;
            }
            int depth = 0;
            boolean bars = false;
            for (int i = 0; i < text.length(); i++) {
                char c = text.charAt(i);
                depth += c == '(' ? 1 : c == ')' ? -1 : 0;
                bars ^= c == '|';
                if (depth == 0 && !bars && (c == ' ' || c == '/')) {
                    return false;
                }
            }
            return true;
        }
    }

    private static final class Words implements Notation.Cases<String> {
        @Override
        public String letter(Notation.Letter letter) {
            return " " + letter.spoken() + " ";
        }

        @Override
        public String numeral(Notation.Numeral numeral) {
            return " " + numeral.text().replace("−", "minus ").replace("…", " and so on") + " ";
        }

        @Override
        public String sign(Notation.Sign sign) {
            return " " + sign.spoken() + " ";
        }

        @Override
        public String row(Notation.Row row) {
            return row.items().stream().map(item -> item.fold(this)).collect(Collectors.joining());
        }

        @Override
        public String fraction(Notation.Fraction fraction) {
            String top = fraction.top().fold(this);
            String bottom = fraction.bottom().fold(this);
            boolean simple = top.strip().indexOf(' ') < 0 && bottom.strip().indexOf(' ') < 0;
            return simple ? top + " over " + bottom : " the fraction " + top + " over " + bottom + ", end fraction, ";
        }

        @Override
        public String rootSign(Notation.RootSign root) {
            return " the square root of " + root.body().fold(this) + ", end root, ";
        }

        @Override
        public String raised(Notation.Raised raised) {
            String exponent = raised.exponent().fold(this).strip();
            String spoken =
                    switch (exponent) {
                        case "2" -> " squared ";
                        case "3" -> " cubed ";
                        default -> " to the power " + exponent + " ";
                    };
            return raised.base().fold(this) + spoken;
        }

        @Override
        public String lowered(Notation.Lowered lowered) {
            return lowered.base().fold(this) + lowered.index().fold(this);
        }

        @Override
        public String accented(Notation.Accented accented) {
            return accented.base().fold(this) + (accented.accent() == Notation.Accent.BAR ? " bar " : " tilde ");
        }

        @Override
        public String fenced(Notation.Fenced fenced) {
            return fenced.open().equals("|")
                    ? " the size of " + fenced.body().fold(this) + ", end size, "
                    : " bracket " + fenced.body().fold(this) + " close bracket ";
        }

        @Override
        public String marked(Notation.Marked marked) {
            return marked.body().fold(this);
        }
    }
}
