package promedio.desktop.theme;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import java.io.File;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javafx.css.Stylesheet;

/**
 * Run by the build: makes the style sheets the window reads, in JavaFX's own binary form, which need not be parsed. Every node
 * of the window is held against every rule, so the sheets of the control theme keep only the rules of {@link #CONTROLS}.
 */
public final class StyleSheets {
    /** The style classes of the controls this program has; whoever uses another control adds its class here. */
    static final Set<String> CONTROLS = Set.of(
            "root",
            "text",
            "label",
            "button",
            "hyperlink",
            "check-box",
            "combo-box-base",
            "combo-box",
            "combo-box-popup",
            "list-view",
            "list-cell",
            "cell",
            "scroll-bar",
            "scroll-pane",
            "separator",
            "table-cell",
            "table-row",
            "table-view",
            "text-input",
            "text-field",
            "context-menu",
            "menu",
            "menu-item",
            "check-menu-item",
            "menu-up-arrow",
            "menu-down-arrow",
            "mnemonic-underline",
            "tooltip",
            "alert",
            "button-bar",
            "dialog-pane");

    private static final String POPUPS = ".context-menu, .tooltip, .combo-box-popup";
    private static final Pattern COMMENT = Pattern.compile("/\\*.*?\\*/", Pattern.DOTALL);
    private static final Pattern RULE = Pattern.compile("([^{}]+)\\{([^{}]*)}");
    private static final Pattern FIRST_CLASS = Pattern.compile("\\.([\\w-]+)");

    private StyleSheets() {}

    /** Our own sheets, one a package of views, in the order in which they overrule each other. */
    static final List<String> OWN = List.of(
            "theme",
            "window",
            "shelf",
            "line",
            "measures",
            "classes",
            "margin",
            "entries",
            "reading",
            "grid",
            "table",
            "ownwork",
            "tutor",
            "picture",
            "compare",
            "jotter",
            "groups",
            "card");

    /** Makes the sheets in a folder that has our own as they were written. */
    public static void main(String[] arguments) throws IOException {
        Path folder = Path.of(arguments[0]);
        Path all = Files.createTempFile("promedio", ".css");
        for (String own : OWN) {
            Files.writeString(
                    all, Files.readString(folder.resolve(own).resolve(own + ".css")), StandardOpenOption.APPEND);
        }
        toBinary(all, folder.resolve("promedio.bss"));
        Files.delete(all);
        String own = Files.readString(folder.resolve("theme").resolve("theme.css"));
        make(new PrimerLight().getUserAgentStylesheet(), own, "paper", folder);
        make(new PrimerDark().getUserAgentStylesheet(), own, "slate", folder);
    }

    private static void make(String theme, String own, String name, Path folder) throws IOException {
        try (InputStream in = StyleSheets.class.getResourceAsStream(theme)) {
            Path worn = Files.createTempFile("theme", ".css");
            String sheet = worn(new String(in.readAllBytes(), StandardCharsets.UTF_8));
            Files.writeString(worn, sheet + popups(sheet, own, name));
            toBinary(worn, folder.resolve(name + ".bss"));
            Files.delete(worn);
        }
    }

    /**
     * The colours of a theme for what opens in a window of its own: while such a one is not shown it belongs to no window that it
     * could have its colours from.
     */
    static String popups(String sheet, String own, String name) {
        return POPUPS + " {" + colours(sheet, ".root") + colours(own, "." + name + "-theme") + colours(own, ".root")
                + "}\n";
    }

    /** The named colours of a rule with just one selector. */
    private static String colours(String sheet, String selector) {
        StringBuilder colours = new StringBuilder();
        Matcher rule = RULE.matcher(COMMENT.matcher(sheet).replaceAll(""));
        while (rule.find()) {
            if (rule.group(1).strip().equals(selector)) {
                for (String one : rule.group(2).split(";", -1)) {
                    if (one.strip().startsWith("-") && !one.strip().startsWith("-fx-")) {
                        colours.append(one.strip()).append(';');
                    }
                }
            }
        }
        return colours.toString();
    }

    private static void toBinary(Path sheet, Path made) throws IOException {
        Stylesheet.convertToBinary(new File(sheet.toString()), new File(made.toString()));
    }

    /** The rules of a sheet that are for controls this program has. */
    static String worn(String sheet) {
        StringBuilder worn = new StringBuilder();
        Matcher rule = RULE.matcher(COMMENT.matcher(sheet).replaceAll(""));
        while (rule.find()) {
            String selectors = Arrays.stream(rule.group(1).split(","))
                    .map(String::strip)
                    .filter(StyleSheets::isWorn)
                    .collect(Collectors.joining(", "));
            if (!selectors.isEmpty()) {
                worn.append(selectors).append(" {").append(rule.group(2)).append("}\n");
            }
        }
        return worn.toString();
    }

    private static boolean isWorn(String selector) {
        Matcher first = FIRST_CLASS.matcher(selector);
        return !first.find() || CONTROLS.contains(first.group(1));
    }
}
