package promedio.desktop.line;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import promedio.core.assignment.Edit;
import promedio.core.assignment.SheetEdit;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sample.SampleKind.Use;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.text.Words;

/** What was added to the Line for a moment, to be kept or thrown away. */
final class WhatIfBar extends HBox {
    private final DeskModel model;
    private final Label sentence = new Label();

    WhatIfBar(DeskModel model) {
        this.model = model;
        getStyleClass().add("what-if");
        setAlignment(Pos.CENTER_LEFT);
        getChildren()
                .addAll(
                        sentence,
                        button("what-if.keep", model.trial()::keepAdded),
                        button("what-if.drop", model.trial()::dropAdded));
        show(null);
    }

    private static Button button(String key, Runnable action) {
        Button button = new Button(Words.of(key));
        button.setId(key.replace('.', '-'));
        button.getStyleClass().add("quiet-button");
        button.setOnAction(click -> action.run());
        return button;
    }

    /** Shows what was added to a sample; nothing when nothing was. */
    void show(SheetFigures figures) {
        List<Edit> added = model.trial().addedProperty().get();
        boolean some = figures != null && !added.isEmpty();
        setVisible(some);
        if (some) {
            String values = added.stream()
                    .flatMap(edit -> written(edit, figures).stream())
                    .collect(Collectors.joining(", "));
            sentence.setText(Words.of("what-if.sentence", values));
        }
        requestLayout();
    }

    private static Optional<String> written(Edit edit, SheetFigures figures) {
        return figures.sheet().can(Use.VARIABLES)
                ? pair(edit, figures)
                        .map(pair -> "(" + figures.text().carried(pair.get(0)) + "; "
                                + figures.text().carried(pair.get(1)) + ")")
                : value(edit, figures).map(figures.text()::carried);
    }

    /** The pair that an edit puts in. */
    static Optional<List<Exact>> pair(Edit edit, SheetFigures figures) {
        if (!(edit instanceof SheetEdit.InsertRows insert) || insert.columns().size() < 2) {
            return Optional.empty();
        }
        List<Exact> read = insert.columns().stream()
                .flatMap(column -> figures.card().numerals().read(column.get(0)).stream())
                .map(Numerals.Numeral::exact)
                .toList();
        return Optional.of(read).filter(both -> both.size() == 2);
    }

    /** The value that an edit puts in. */
    static Optional<Exact> value(Edit edit, SheetFigures figures) {
        Numerals numerals = figures.card().numerals();
        String typed = edit instanceof SheetEdit.InsertRows insert
                ? insert.columns().get(0).get(0)
                : edit instanceof SheetEdit.MoveUnit move
                        ? move.to()
                        : edit instanceof SheetEdit.SetEntry set ? set.typed() : "";
        return numerals.read(typed).map(Numerals.Numeral::exact);
    }
}
