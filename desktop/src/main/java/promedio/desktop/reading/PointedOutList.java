package promedio.desktop.reading;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import promedio.core.data.DateForm;
import promedio.core.data.PointedOut;
import promedio.core.data.ThousandsMark;
import promedio.desktop.model.reading.FileReading;
import promedio.desktop.text.Words;
import promedio.files.table.TableFile;

/** What would do harm in a file if nobody knew of it, each with what would do, one click away. */
final class PointedOutList extends VBox {
    private static final int MOST = 8;

    private final FileReading reading;

    PointedOutList(FileReading reading) {
        this.reading = reading;
        getStyleClass().add("reading-notices");
    }

    void show(TableFile file) {
        getChildren().clear();
        var notices = file.reading().pointedOut();
        for (PointedOut notice : notices.subList(0, Math.min(MOST, notices.size()))) {
            getChildren().add(line(notice));
        }
        if (notices.size() > MOST) {
            Label more = new Label(Words.of("reading.more-notices", notices.size() - MOST));
            more.getStyleClass().add("soft");
            getChildren().add(more);
        }
    }

    private FlowPane line(PointedOut notice) {
        Label words = new Label(Words.of(notice.sentence()));
        words.setWrapText(true);
        FlowPane line = new FlowPane(words);
        line.setAlignment(Pos.CENTER_LEFT);
        line.getStyleClass().add("reading-notice");
        String column = notice.column().orElse("");
        switch (notice.what()) {
            case "total-row" -> {
                boolean out = reading.isLeftOut(notice);
                int row = (int) notice.row().orElseThrow() - 1;
                line.getChildren()
                        .add(remedy(
                                out ? "reading.remedy.take-row" : "reading.remedy.leave-row",
                                () -> reading.leaveOut(row, !out)));
            }
            case "code" ->
                line.getChildren()
                        .add(remedy(
                                "reading.remedy.missing",
                                () -> reading.say(said -> said.withMissing(
                                        column + "=" + notice.value().orElseThrow()))));
            case "two-date-orders" ->
                line.getChildren()
                        .addAll(
                                remedy(
                                        "reading.remedy.day-first",
                                        () -> reading.say(said -> said.withDates(Optional.of(DateForm.DAY_FIRST)))),
                                remedy(
                                        "reading.remedy.month-first",
                                        () -> reading.say(said -> said.withDates(Optional.of(DateForm.MONTH_FIRST)))));
            case "years-as-heading" ->
                line.getChildren()
                        .add(remedy(
                                "reading.remedy.heading",
                                () -> reading.say(said -> said.withHeading(Optional.of(true)))));
            case "number-as-text" -> {
                // Two readings: it is either thousands or a decimal mark that stands there.
                if (notice.readings().size() == 2) {
                    char mark = notice.value().orElseThrow().indexOf(',') >= 0 ? ',' : '.';
                    line.getChildren()
                            .addAll(
                                    remedy(
                                            "reading.remedy.thousands",
                                            () -> reading.say(said -> said.withThousands(Optional.of(
                                                            mark == ',' ? ThousandsMark.COMMA : ThousandsMark.POINT))
                                                    .withDecimalMark(Optional.of(mark == ',' ? '.' : ',')))),
                                    remedy(
                                            "reading.remedy.mark",
                                            () -> reading.say(said -> said.withDecimalMark(Optional.of(mark)))));
                }
            }
            default -> {}
        }
        return line;
    }

    private static Hyperlink remedy(String key, Runnable action) {
        Hyperlink link = new Hyperlink(Words.of(key));
        link.setId(key.replace('.', '-'));
        link.setMinWidth(USE_PREF_SIZE);
        link.setOnAction(press -> action.run());
        return link;
    }
}
