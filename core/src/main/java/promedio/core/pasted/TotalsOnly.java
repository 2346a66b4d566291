package promedio.core.pasted;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.sentence.Sentence;

/** Totals given in place of data: {@code n = 5, Σx = 40}. They are no values, and are never read as some. */
final class TotalsOnly {
    private static final Pattern TOTAL = Pattern.compile(
            "(?:given\\s*:?\\s*)?(?<name>[nN]|[ΣƩ∑]\\s*[\\p{L}()²³⁴^0-9·.|−-]{1,14}|\\(\\s*[ΣƩ∑].*\\)\\s*²|sum of (?:the )?(?:values|squares|products|x|y|x²|xy).*|x̄|ȳ|mean|s|sd|σ|s²|σ²|variance)"
                    + "\\s*[=:]\\s*(?<value>[+−-]?[0-9][0-9.,]*)\\s*\\.?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern PARTS = Pattern.compile(
            "(?<!\\s)(?:\\s*+(?:;|,(?=\\s)|\n)|\\s++and\\s+)\\s*(?:and\\s+)?|(?<=[0-9])\\s{1,6}(?=[nNΣƩ∑x(])");

    private TotalsOnly() {}

    static Optional<Reading> read(List<String> lines, PastedCells cells) {
        String text = String.join("\n", lines);
        if (text.length() > 500 || text.indexOf('=') < 0 && text.indexOf(':') < 0) {
            return Optional.empty();
        }
        List<String> totals = new ArrayList<>();
        boolean sums = false;
        boolean count = false;
        for (String part : PARTS.split(text.strip(), -1)) {
            Matcher total = TOTAL.matcher(part.strip());
            if (part.isBlank()) {
                continue;
            }
            if (!total.matches() || !cells.isNumber(total.group("value"))) {
                return Optional.empty();
            }
            sums |= total.group("name").matches("(?iu)[ΣƩ∑(].*|sum.*|mean|x̄");
            count |= total.group("name").equalsIgnoreCase("n");
            totals.add(total.group("name").strip() + " = " + total.group("value"));
        }
        if (!sums || totals.size() < 2 && !count) {
            return Optional.empty();
        }
        Sentence what = Sentence.of("pasted.what.totals", String.join(", ", totals));
        return Optional.of(Reading.of(what, Layout.STANDING, List.of(), List.of(Sentence.of("pasted.totals"))));
    }
}
