package promedio.desktop.compare;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import promedio.desktop.control.Choice;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.compare.Compared;
import promedio.desktop.text.Words;

/** What if a sample had not some of its values, or some more: tried beside it, kept as a sample of its own or thrown away. */
final class WhatIfRow extends VBox {
    private final DeskModel model;
    private final FlowPane sentence = new FlowPane();
    private final FlowPane ends = new FlowPane();
    private final TextField without = field("compare-without", "compare.what-if.prompt.out");
    private final TextField with = field("compare-with", "compare.what-if.prompt.in");
    private final Label problem = new Label();
    private String of = "";

    WhatIfRow(DeskModel model) {
        this.model = model;
        getStyleClass().add("compare-what-if");
        sentence.getStyleClass().add("picture-choices");
        sentence.setAlignment(Pos.BASELINE_LEFT);
        ends.getStyleClass().add("picture-choices");
        problem.setId("compare-what-if-problem");
        problem.getStyleClass().add("compare-problem");
        problem.setWrapText(true);
        problem.setMinHeight(USE_PREF_SIZE);
        without.setAccessibleText(Words.of("compare.what-if.without"));
        with.setAccessibleText(Words.of("compare.what-if.with"));
        for (TextField field : List.of(without, with)) {
            field.setOnAction(entered -> tryOut());
        }
        ends.getChildren()
                .setAll(
                        button("compare.what-if.keep", () -> {
                            without.clear();
                            with.clear();
                            model.comparing().keep();
                        }),
                        button("compare.what-if.away", () -> {
                            without.clear();
                            with.clear();
                            model.comparing().throwAway();
                        }));
        getChildren().addAll(sentence, problem, ends);
    }

    private static TextField field(String id, String prompt) {
        TextField field = new TextField();
        field.setId(id);
        field.setPromptText(Words.of(prompt));
        field.getStyleClass().add("compare-field");
        return field;
    }

    private Button button(String key, Runnable run) {
        Button button = new Button(Words.of(key));
        button.setId(key.replace('.', '-'));
        button.getStyleClass().add("quiet-button");
        button.setMinWidth(USE_PREF_SIZE);
        button.setOnAction(press -> run.run());
        return button;
    }

    private static Label soft(String key) {
        Label label = new Label(Words.of(key));
        label.getStyleClass().add("soft");
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    private void tryOut() {
        model.comparing().tryOut(of, without.getText(), with.getText());
    }

    void show(Compared compared) {
        boolean some = compared.comparison().isPresent();
        setVisible(some);
        setManaged(some);
        if (!some) {
            return;
        }
        Optional<Compared.WhatIf> tried = compared.whatIf();
        List<Compared.Item> samples =
                compared.items().stream().filter(item -> !item.tried()).toList();
        String now = tried.map(Compared.WhatIf::sheetId).orElse(of);
        Compared.Item item = samples.stream()
                .filter(one -> one.sheetId().equals(now))
                .findFirst()
                .orElse(samples.get(0));
        of = item.sheetId();
        Choice<String> choice = new Choice<>("compare-what-if-of", item.name(), id -> {
            of = id;
            boolean typed = !without.getText().isBlank() || !with.getText().isBlank();
            if (typed) {
                tryOut();
            } else {
                show(compared);
            }
        });
        samples.forEach(one -> choice.or(one.name(), one.sheetId()));
        Button go = button("compare.what-if.try", this::tryOut);
        boolean typing = without.isFocused() || with.isFocused();
        TextField focused = with.isFocused() ? with : without;
        sentence.getChildren()
                .setAll(
                        soft("compare.what-if"),
                        choice,
                        soft("compare.what-if.without"),
                        without,
                        soft("compare.what-if.with"),
                        with,
                        go);
        if (typing) {
            focused.requestFocus();
            focused.end();
        }
        String wrong =
                tried.flatMap(what -> what.variant().why()).map(Words::of).orElse("");
        problem.setText(wrong);
        problem.setManaged(!wrong.isEmpty());
        boolean made = tried.flatMap(what -> what.variant().sample()).isPresent();
        ends.setVisible(made);
        ends.setManaged(made);
    }
}
