package promedio.desktop.tutor;

import java.util.List;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import promedio.core.answers.MarkedSet;
import promedio.core.answers.QuestionNames;
import promedio.core.sentence.Visible;
import promedio.desktop.control.ShareBar;
import promedio.desktop.control.Tip;
import promedio.desktop.model.tutor.Classwork;
import promedio.desktop.text.Words;

/** What went wrong how often, with the students named, and which questions were hard. */
final class BarsPane extends VBox {
    private static final int MOST = 12;
    private static final int MOST_NAMED = 4;
    private static final int LONGEST = 24;

    private final Classwork work;

    BarsPane(Classwork work) {
        this.work = work;
        getStyleClass().add("bars-pane");
    }

    void show(MarkedSet set) {
        getChildren().setAll(head("tutor.misconceptions"));
        List<MarkedSet.Misconception> wrong = set.misconceptions();
        int most = wrong.stream().mapToInt(one -> one.who().size()).max().orElse(1);
        if (wrong.isEmpty()) {
            getChildren().add(soft(Words.of("tutor.misconceptions.none")));
        }
        wrong.stream().limit(MOST).forEach(one -> {
            VBox row = bar(
                    Words.of(one.name()),
                    (double) one.who().size() / most,
                    Words.of(
                            one.who().size() == 1 ? "tutor.students.one" : "tutor.students",
                            one.who().size()),
                    "wrong-bar");
            row.setId("slip-" + one.slip());
            Label who = soft(names(one.who()));
            who.setWrapText(true);
            Tip.on(who, String.join(", ", one.who()));
            row.getChildren().add(who);
            getChildren().add(row);
        });
        if (wrong.size() > MOST) {
            getChildren().add(soft(Words.of("tutor.misconceptions.more", wrong.size() - MOST)));
        }
        QuestionNames names = work.names();
        getChildren().add(head("tutor.difficulty"));
        for (MarkedSet.Difficulty one : set.difficulties()) {
            getChildren()
                    .add(bar(
                            names.called(one.question()),
                            (double) one.right() / one.answered(),
                            Words.of("tutor.right", one.right(), one.answered()),
                            "right-bar"));
        }
    }

    static String names(List<String> who) {
        String some = who.stream()
                .limit(MOST_NAMED)
                .map(name -> Visible.line(name, LONGEST))
                .collect(Collectors.joining(", "));
        return who.size() > MOST_NAMED ? Words.of("tutor.and-more", some, who.size() - MOST_NAMED) : some;
    }

    static Label head(String key) {
        Label head = new Label(Words.of(key));
        head.getStyleClass().add("trail-head");
        return head;
    }

    static Label soft(String words) {
        Label label = new Label(words);
        label.getStyleClass().add("soft");
        return label;
    }

    static VBox bar(String name, double share, String count, String style) {
        Label label = new Label(name);
        label.getStyleClass().add("bar-name");
        Tip.whenCut(label);
        ShareBar bar = new ShareBar(0, share, "answers-bar", style);
        Label many = soft(count);
        many.setMinWidth(USE_PREF_SIZE);
        HBox line = new HBox(bar, many);
        line.setAlignment(Pos.CENTER_LEFT);
        line.getStyleClass().add("bar-line");
        VBox row = new VBox(label, line);
        row.getStyleClass().add("bar-row");
        return row;
    }
}
