package promedio.desktop.table;

import java.util.List;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.geometry.Pos;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import promedio.core.formula.Notation;
import promedio.core.language.Completion;
import promedio.core.language.Fault;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.core.trail.Prepared;
import promedio.core.trail.Step;
import promedio.desktop.control.Choice;
import promedio.desktop.control.Ways;
import promedio.desktop.formula.FormulaView;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.table.TableTrail;
import promedio.desktop.text.Words;

/**
 * Where the next step is written: as a sentence, with ways to go on below it and what it would make shown above, or chosen among those that
 * fit a column.
 */
final class StepBar extends VBox {
    private static final Duration A_MOMENT = Duration.millis(220);
    private static final int LONGEST = 90;

    private final DeskModel model;
    private final TextField field = new TextField();
    private final Label label = new Label(Words.of("step.next"));
    private final Label says = new Label();
    private final FormulaView looks = new FormulaView();
    private final HBox line;
    private final PauseTransition pause = new PauseTransition(A_MOMENT);
    private Runnable lexicon = () -> {};
    private String column = "";
    /** The table that the column is of. */
    private String table = "";

    /** The step that is being rewritten; −1 for a new one. */
    private int rewritten = -1;

    StepBar(DeskModel model) {
        this.model = model;
        getStyleClass().add("step-bar");
        field.setId("step-field");
        field.setPromptText(Words.of("step.prompt"));
        field.setAccessibleText(Words.of("step.next"));
        field.getStyleClass().add("step-field");
        HBox.setHgrow(field, Priority.ALWAYS);
        label.setMinWidth(USE_PREF_SIZE);
        line = new HBox(label, field);
        line.setAlignment(Pos.BASELINE_LEFT);
        line.getStyleClass().add("step-line");
        Ways ways = new Ways(field, true, () -> before().map(table -> new Completion.Known(
                table.names(), asked -> model.trail().values().named(table, asked))));
        ways.setId("step-ways");
        model.trail().values().countedProperty().addListener((property, before, now) -> ways.show());
        says.setId("step-says");
        says.setWrapText(true);
        says.setMinHeight(USE_PREF_SIZE);
        looks.setId("step-looks");
        getChildren().addAll(line, looks, says, ways);
        pause.setOnFinished(over -> model.trail().tryOut(field.getText(), rewritten));
        field.textProperty().addListener((property, before, now) -> typed());
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        model.trail().triedProperty().addListener((property, before, now) -> showTried(now));
        model.trail().troddenProperty().addListener((property, before, now) -> showOffers());
        showOffers();
        showTried(null);
    }

    private void key(KeyEvent key) {
        if (key.getCode() == KeyCode.ENTER) {
            make();
            key.consume();
        } else if (key.getCode() == KeyCode.ESCAPE && (!field.getText().isEmpty() || rewritten >= 0)) {
            clear();
            key.consume();
        }
    }

    /** The table that the step begins with: one that is rewritten must not be offered only what it has left itself. */
    private Optional<Prepared> before() {
        return Optional.ofNullable(model.trail().troddenProperty().get()).map(now -> {
            List<Prepared> states = now.walk().states();
            return rewritten < 0 ? now.state() : states.get(Math.min(rewritten, states.size() - 1));
        });
    }

    private void typed() {
        pause.playFromStart();
        if (field.getText().isBlank()) {
            pause.stop();
            model.trail().tryOut("");
        }
    }

    /** Makes the step that is written, if it fits; else goes to the place where it does not. */
    void make() {
        String text = field.getText().strip();
        TableTrail.Tried tried = model.trail().triedProperty().get();
        if (text.isEmpty()) {
            return;
        }
        pause.stop();
        boolean wrong = tried != null
                && tried.text().strip().equals(text)
                && tried.fault().isPresent();
        if (wrong) {
            int at = Math.min(field.getLength(), tried.fault().get().at().from());
            field.selectRange(
                    at, Math.min(field.getLength(), tried.fault().get().at().to()));
            return;
        }
        int step = rewritten;
        clear();
        if (step >= 0) {
            model.trail().rewrite(step, text);
        } else {
            model.trail().add(text);
        }
    }

    private void clear() {
        rewritten = -1;
        label.setText(Words.of("step.next"));
        field.clear();
        model.trail().tryOut("");
    }

    /** What shows all steps and words. */
    void onLexicon(Runnable show) {
        lexicon = show;
    }

    /** Puts a sentence into the field, to be changed or made. */
    void write(String text) {
        field.setText(text);
        field.requestFocus();
        field.end();
    }

    /** The same from elsewhere, where the cursor stays. */
    void put(String text) {
        if (!text.equals(field.getText())) {
            field.setText(text);
            field.end();
        }
    }

    /** Puts a step of the trail into the field, to be written anew. */
    void rewrite(int step, String text) {
        rewritten = step;
        label.setText(Words.of("step.rewrite", step + 1));
        write(text.replaceAll("\\s*\\R\\s*", " "));
    }

    /** Offers the steps that fit a column. */
    void offer(String name) {
        column = name;
        showOffers();
    }

    private void showOffers() {
        TableTrail.Trodden now = model.trail().troddenProperty().get();
        line.getChildren().setAll(label, field);
        if (now == null || now.state().names().isEmpty()) {
            return;
        }
        List<String> names = now.state().names();
        String of = model.tables().desks() + now.table().id();
        if (!names.contains(column) || !of.equals(table)) {
            boolean other = !of.equals(table);
            table = of;
            column = names.get(0);
            if (other && !field.getText().isEmpty()) {
                clear();
            }
        }
        Choice<String> choice = new Choice<>("step-column", column, this::offer);
        names.forEach(name -> choice.or(name, name));
        Hyperlink fits = new Hyperlink(Words.of("step.offers"));
        fits.setId("step-offers");
        fits.setMinWidth(USE_PREF_SIZE);
        fits.setOnAction(press -> model.trail().offers(column, some -> {
            Choice<String> offers = new Choice<>("step-offer", "", this::write);
            some.forEach(offer -> offers.or(Visible.line(offer, LONGEST), offer));
            offers.showUnder(fits);
        }));
        Hyperlink words = new Hyperlink(Words.of("step.lexicon"));
        words.setId("step-lexicon");
        words.setMinWidth(USE_PREF_SIZE);
        words.setOnAction(press -> lexicon.run());
        line.getChildren().addAll(fits, choice, words);
    }

    private void showTried(TableTrail.Tried tried) {
        Optional<Fault> fault = Optional.ofNullable(tried).flatMap(TableTrail.Tried::fault);
        String words = "";
        if (fault.isPresent()) {
            words = Words.of(
                    "step.fault-at",
                    fault.get().at().from() + 1,
                    Words.of(fault.get().sentence()));
        } else if (tried != null && tried.after().isPresent()) {
            StringBuilder told = new StringBuilder(Words.of(
                    "step.would",
                    tried.after().get().rows(),
                    tried.after().get().fields().size()));
            for (Sentence sentence : tried.told()) {
                told.append("  ").append(Words.of(sentence));
            }
            words = told.toString();
        }
        Optional<Notation> notation = Optional.ofNullable(tried).flatMap(now -> Step.notation(now.text()));
        notation.ifPresent(looks::show);
        looks.setVisible(notation.isPresent());
        looks.setManaged(notation.isPresent());
        says.setText(words);
        says.setVisible(!words.isEmpty());
        says.setManaged(!words.isEmpty());
        says.pseudoClassStateChanged(javafx.css.PseudoClass.getPseudoClass("wrong"), fault.isPresent());
    }
}
