package promedio.desktop.reading;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import promedio.core.data.Column;
import promedio.core.data.DateForm;
import promedio.core.data.ThousandsMark;
import promedio.core.sentence.Visible;
import promedio.desktop.control.Choice;
import promedio.desktop.control.Tip;
import promedio.desktop.model.reading.FileReading;
import promedio.desktop.text.Words;
import promedio.files.table.Delimiter;
import promedio.files.table.ReadingOptions;
import promedio.files.table.TableFile;

/** How a file was read, as sentences whose parts can be changed. */
final class ReadingSentence extends FlowPane {
    private static final int MOST_LINES = 12;
    private static final int LONGEST_CODE = 24;
    private static final List<Charset> ENCODINGS = List.of(
            StandardCharsets.UTF_8,
            StandardCharsets.UTF_16LE,
            StandardCharsets.UTF_16BE,
            Charset.forName("windows-1252"));

    private final FileReading reading;

    ReadingSentence(FileReading reading) {
        this.reading = reading;
        getStyleClass().add("reading-sentence");
    }

    void show(FileReading.State state) {
        getChildren().clear();
        if (state.file().isPresent()) {
            TableFile file = state.file().get();
            where(file);
            lines(file);
            numbers(file);
            missing(state.options());
        } else {
            // What was said did not do: it can be said otherwise.
            delimiter(state.options().delimiter(), "reading.guess");
            encoding(state.options().encoding());
            skip(state.options().skip().orElse(0));
            heading(state.options()
                    .heading()
                    .map(yes -> yes ? "reading.heading.yes" : "reading.heading.no")
                    .orElse("reading.guess"));
        }
    }

    private void say(String key) {
        Label words = new Label(Words.of(key));
        words.setMinWidth(USE_PREF_SIZE);
        if (words.getText().matches("[,.].*")) {
            // A full stop stands at the word before it.
            words.getStyleClass().add("reading-after");
        }
        getChildren().add(words);
    }

    private void where(TableFile file) {
        if (file.format() == TableFile.Format.DELIMITED) {
            delimiter(file.delimiter(), "reading.delimiter.none");
            encoding(file.encoding());
        } else if (file.sheet().isPresent()) {
            say("reading." + file.format().id());
            Choice<String> sheet = new Choice<>(
                    "reading-sheet",
                    file.sheet().get(),
                    name -> reading.say(said -> said.withSheet(Optional.of(name))));
            file.sheets().forEach(name -> sheet.or(name, name));
            getChildren().add(sheet);
            say("reading.stop");
        } else {
            say("reading.json");
        }
    }

    private void delimiter(Optional<Delimiter> present, String none) {
        say("reading.delimiter");
        String now = present.map(ReadingSentence::words).orElse(Words.of(none));
        Choice<Optional<Delimiter>> choice =
                new Choice<>("reading-delimiter", now, other -> reading.say(said -> said.withDelimiter(other)));
        Delimiter.NAMED.forEach(one -> choice.or(words(one), Optional.of(one)));
        getChildren().add(choice.or(Words.of("reading.guess"), Optional.empty()));
    }

    private static String words(Delimiter delimiter) {
        return Delimiter.NAMED.contains(delimiter)
                ? Words.of("reading.delimiter." + delimiter.id())
                : "“" + delimiter.id() + "”";
    }

    private void encoding(Optional<Charset> present) {
        say("reading.encoding");
        Choice<Optional<Charset>> choice = new Choice<>(
                "reading-encoding",
                present.map(Charset::name).orElse(Words.of("reading.guess")),
                other -> reading.say(said -> said.withEncoding(other)));
        ENCODINGS.forEach(one -> choice.or(one.name(), Optional.of(one)));
        getChildren().add(choice.or(Words.of("reading.guess"), Optional.empty()));
        say("reading.stop");
    }

    private void lines(TableFile file) {
        skip(file.preamble().size());
        heading(file.heading() ? "reading.heading.yes" : "reading.heading.no");
    }

    private void heading(String present) {
        Choice<Optional<Boolean>> heading = new Choice<>(
                "reading-heading", Words.of(present), other -> reading.say(said -> said.withHeading(other)));
        heading.or(Words.of("reading.heading.yes"), Optional.of(true))
                .or(Words.of("reading.heading.no"), Optional.of(false))
                .or(Words.of("reading.guess"), Optional.empty());
        say("reading.heading");
        getChildren().add(heading);
        say("reading.stop");
    }

    private void skip(int lines) {
        Choice<OptionalInt> skip =
                new Choice<>("reading-skip", count(lines), other -> reading.say(said -> said.withSkip(other)));
        for (int i = 0; i <= Math.max(lines + 2, MOST_LINES); i++) {
            skip.or(count(i), OptionalInt.of(i));
        }
        getChildren().add(skip.or(Words.of("reading.guess"), OptionalInt.empty()));
        say("reading.skip");
    }

    private static String count(int lines) {
        return lines == 0
                ? Words.of("reading.skip.none")
                : lines == 1 ? Words.of("reading.skip.one") : Words.of("reading.skip.many", lines);
    }

    private void numbers(TableFile file) {
        say("reading.mark");
        Choice<Optional<Character>> mark = new Choice<>(
                "reading-mark",
                Words.of(file.reading().decimalMark() == ',' ? "reading.mark.comma" : "reading.mark.point"),
                other -> reading.say(said -> said.withDecimalMark(other)));
        getChildren()
                .add(mark.or(Words.of("reading.mark.point"), Optional.of('.'))
                        .or(Words.of("reading.mark.comma"), Optional.of(','))
                        .or(Words.of("reading.guess"), Optional.empty()));
        Choice<Optional<ThousandsMark>> thousands = new Choice<>(
                "reading-thousands",
                words(file.reading().thousands()),
                other -> reading.say(said -> said.withThousands(other)));
        Arrays.stream(ThousandsMark.values()).forEach(one -> thousands.or(words(one), Optional.of(one)));
        say("reading.thousands");
        getChildren().add(thousands.or(Words.of("reading.guess"), Optional.empty()));
        say("reading.thousands.between");
        file.table().columns().stream()
                .filter(Column.OfDates.class::isInstance)
                .map(Column.OfDates.class::cast)
                .findFirst()
                .ifPresent(dates -> dates(dates.form()));
    }

    private static String words(ThousandsMark mark) {
        return Words.of("reading.thousands." + mark.id());
    }

    private void dates(DateForm form) {
        say("reading.dates");
        Choice<Optional<DateForm>> dates =
                new Choice<>("reading-dates", words(form), other -> reading.say(said -> said.withDates(other)));
        Arrays.stream(DateForm.values()).forEach(one -> dates.or(words(one), Optional.of(one)));
        getChildren().add(dates.or(Words.of("reading.guess"), Optional.empty()));
        say("reading.stop");
    }

    private static String words(DateForm form) {
        return Words.of("reading.dates." + form.name());
    }

    /** A code, and its column where it is of one only. */
    private static String code(String said) {
        int at = said.lastIndexOf('=');
        return at <= 0
                ? Visible.line(said, LONGEST_CODE)
                : Words.of(
                        "reading.missing.in",
                        Visible.line(said.substring(at + 1), LONGEST_CODE),
                        Visible.line(said.substring(0, at), LONGEST_CODE));
    }

    private void missing(ReadingOptions options) {
        say("reading.missing");
        for (String code : options.missing()) {
            Hyperlink away = new Hyperlink(Words.of("reading.missing.code", code(code)));
            away.setMinWidth(USE_PREF_SIZE);
            away.getStyleClass().add("reading-choice");
            Tip.on(away, Words.of("reading.missing.away"));
            away.setOnAction(press -> {
                List<String> left = new ArrayList<>(options.missing());
                left.remove(code);
                reading.say(said -> said.withMissing(left));
            });
            getChildren().add(away);
        }
        TextField more = new TextField();
        more.setId("reading-missing");
        more.getStyleClass().add("reading-code");
        more.setPromptText(Words.of("reading.missing.more"));
        more.setOnAction(enter -> {
            if (!more.getText().isBlank()) {
                reading.say(said -> said.withMissing(more.getText().strip()));
            }
        });
        getChildren().add(more);
    }
}
