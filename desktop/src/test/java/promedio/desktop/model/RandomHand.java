package promedio.desktop.model;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import promedio.core.assignment.Edit;
import promedio.core.assignment.Link;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.SheetEdit;
import promedio.core.course.CardKey;
import promedio.core.course.Divisor;
import promedio.core.course.SkewnessChoice;
import promedio.core.ownwork.CellPlace;
import promedio.core.ownwork.OwnMethod;
import promedio.core.picture.PictureKind;
import promedio.core.picture.Setting;
import promedio.core.sample.SampleKind;
import promedio.desktop.model.desk.Page;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.model.desk.TablePage;
import promedio.desktop.model.desk.ValueInHand;

/** Somebody who does anything at all on a desk, in any order; each deed has a name, so that what went wrong can be told. */
final class RandomHand {
    private static final List<String> TYPED = List.of(
            "3 4 4 8",
            "12,5; 13; 13,5; 20",
            "7",
            "n/a 5",
            "1 × 2; 2 × 5; 9 × 1",
            "value\tfrequency\n2\t3\n5\t4\n",
            "class | frequency\n0–10 | 3\n10–20 | 5\n20–40 | 2\n",
            "(1, 2) (2, 4) (3, 5) (5, 7)",
            "lamps\tclocks\n12\t7\n15\t9\n18\t10\n",
            "lamp lamp radio",
            "",
            "\u0000 ?? ");
    private static final List<String> QUESTIONS =
            List.of("mean", "sd", "median", "mode", "percentile-37", "z-score=4", "covariance", "nonsense");
    private static final List<String> ANSWERS = List.of("4", "5.5", "", "quite a lot", "1/3", "27 min");
    private static final List<String> STEPS = List.of(
            "keep rows where Minutes > 10",
            "work out Twice = Minutes * 2",
            "put in order by Minutes largest first",
            "keep columns Item, Minutes",
            "nonsense");

    private final Random random;
    private final DeskModel desk;
    private final Map<String, Runnable> deeds = new LinkedHashMap<>();

    RandomHand(Random random, DeskModel desk) {
        this.random = random;
        this.desk = desk;
        shelf();
        entries();
        answers();
        pages();
        tables();
        working();
    }

    /** Does something. @return what it was */
    String act() {
        String deed = one(List.copyOf(deeds.keySet()));
        deeds.get(deed).run();
        return deed;
    }

    private <T> T one(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    private List<String> ids() {
        List<String> ids = new ArrayList<>();
        desk.assignment().sheets().forEach(sheet -> ids.add(sheet.id()));
        desk.assignment().tables().forEach(table -> ids.add(table.id()));
        return ids;
    }

    private List<String> samples() {
        return desk.assignment().sheets().stream().map(SampleSheet::id).toList();
    }

    private void shelf() {
        deeds.put("type", () -> desk.intake().type(one(TYPED)));
        deeds.put("type a new one", () -> {
            desk.startSample();
            desk.intake().type(one(TYPED));
        });
        deeds.put("select", () -> {
            if (!ids().isEmpty()) {
                desk.select(one(ids()));
            }
        });
        deeds.put("undo", desk::undo);
        deeds.put("undo again", desk::undo);
        deeds.put("redo", desk::redo);
        deeds.put(
                "read otherwise",
                () -> desk.sheet().flatMap(desk.intake()::howRead).ifPresent(note -> desk.intake()
                        .readAs(note, random.nextInt(note.readings().size()))));
        deeds.put("pair", () -> {
            if (samples().size() > 1) {
                desk.pairs().pair(one(samples()), one(samples()));
            }
        });
        deeds.put("swap", desk.pairs()::swap);
        deeds.put("alone", () -> desk.pairs().alone(random.nextBoolean()));
        deeds.put("gather", () -> {
            List<String> some = samples().stream().limit(3).toList();
            if (desk.groups().fit(some)) {
                desk.groups().gather(some);
            }
        });
        deeds.put("apart", () -> desk.sheet().ifPresent(sheet -> desk.groups().apart(sheet.groups())));
        deeds.put("remove", () -> desk.sheet().ifPresent(sheet -> desk.make(new Edit.RemoveSheet(sheet.id()))));
        deeds.put("divide by n", () -> desk.choose(CardKey.DIVISOR, one(List.of(Divisor.values()))));
        deeds.put("skewness", () -> desk.choose(CardKey.SKEWNESS, one(List.of(SkewnessChoice.values()))));
    }

    private void edit(Edit edit) {
        desk.make(edit, desk.figuresProperty().get());
    }

    private Optional<SampleSheet> full() {
        return desk.figuresProperty().get() == null
                ? Optional.empty()
                : desk.sheet().filter(sheet -> sheet.size() > 0);
    }

    private void entries() {
        deeds.put("entry", () -> full().ifPresent(sheet -> edit(new SheetEdit.SetEntry(
                sheet.id(), 0, random.nextInt(sheet.size()), one(List.of("6", "x", "", "7.25"))))));
        deeds.put("take out", () -> full().ifPresent(
                        sheet -> edit(new SheetEdit.RemoveRows(sheet.id(), random.nextInt(sheet.size()), 1))));
        deeds.put("switch", () -> full().ifPresent(sheet ->
                edit(new SheetEdit.SwitchEntries(sheet.id(), random.nextInt(sheet.size()), random.nextBoolean()))));
        deeds.put("in hand", () -> {
            SheetFigures figures = desk.figuresProperty().get();
            if (figures != null
                    && figures.sample().rows() > 0
                    && figures.sheet().kind() != SampleKind.PAIRS) {
                ValueInHand.of(desk, figures, figures.sample().value(0)).ifPresent(value -> {
                    value.move(new java.math.BigDecimal(random.nextInt(40)));
                    if (random.nextBoolean()) {
                        value.letGo();
                    } else {
                        desk.trial().putBack();
                    }
                });
            }
        });
        deeds.put("for a moment", () -> desk.sheet()
                .filter(sheet ->
                        sheet.kind() == SampleKind.VALUES && sheet.link().isEmpty())
                .ifPresent(sheet ->
                        desk.trial().add(new SheetEdit.InsertRows(sheet.id(), sheet.size(), List.of(List.of("99"))))));
        deeds.put("keep it", desk.trial()::keepAdded);
        deeds.put("drop it", desk.trial()::dropAdded);
    }

    private void answers() {
        deeds.put("ask", () -> desk.ask(one(QUESTIONS)));
        deeds.put("answer", () -> {
            if (desk.sheet().isPresent()) {
                desk.margin().answer(one(QUESTIONS.subList(0, 4)), one(ANSWERS));
            }
        });
        deeds.put("cover", () -> desk.margin().coverFigures(random.nextBoolean()));
        deeds.put("hints", () -> desk.margin().giveHints(random.nextBoolean()));
        deeds.put("hint", () -> {
            if (desk.margin().isSought("mean")) {
                desk.margin().takeHint("mean");
            }
        });
        deeds.put("jot", () -> desk.jotter().ask(one(List.of("1/3 + 2", "it * 3", "mean of (1, 2", "")), kept -> {}));
    }

    private void pages() {
        deeds.put("page", () -> desk.looking().pageProperty().set(one(List.of(Page.values()))));
        deeds.put("table page", () -> desk.looking().tablePageProperty().set(one(List.of(TablePage.values()))));
        deeds.put("open", () -> desk.looking().toggle(one(QUESTIONS)));
        deeds.put("compare", desk.comparing()::start);
        deeds.put("compare as", () -> desk.comparing().choose(one(List.of(PictureKind.values()))));
        deeds.put("teach", desk.classwork()::turn);
        deeds.put("look at the picture", () -> desk.drawings().look(random.nextBoolean()));
        deeds.put("draw as", () -> desk.drawings().choose(one(List.of(PictureKind.values()))));
        deeds.put("say of the picture", () -> desk.drawings().say(Setting.TITLE, one(List.of("Bench", ""))));
        deeds.put("start", desk::startSample);
    }

    private void working() {
        deeds.put("set out", () -> {
            List<OwnMethod> methods = desk.ownSetting().methods();
            if (!methods.isEmpty()) {
                desk.ownSetting().setOut(one(methods));
            }
        });
        deeds.put("take a working", () -> {
            if (samples().contains(desk.selectedProperty().get())) {
                desk.ownSetting().take(one(List.of("x\tx²\n2\t4\n7\t4.9e1\n\t53", "x;y;xy\n1;2;2", "nothing")));
            }
        });
        deeds.put("work a cell", () -> {
            CellPlace place = new CellPlace(random.nextInt(4), random.nextInt(3));
            desk.ownWork()
                    .write(desk.ownWork().sample(), place, List.of(List.of(one(List.of("3²", "", "0-5", "−6", "x")))));
        });
        deeds.put("show a figure", () -> desk.ownWork().fill(new CellPlace(random.nextInt(4), random.nextInt(3))));
        deeds.put("hint at a cell", () -> desk.ownWork().hint(new CellPlace(random.nextInt(4), random.nextInt(3))));
        deeds.put("mark it", desk.ownWork()::mark);
        deeds.put("mark at once", () -> desk.ownWork().markAtOnce(random.nextBoolean()));
        deeds.put("another column", () -> desk.ownWork().addColumn(Optional.empty()));
        deeds.put("no column", () -> desk.ownWork().sheet().ifPresent(sheet -> {
            if (!sheet.columns().isEmpty()) {
                desk.ownWork().removeColumn(random.nextInt(sheet.columns().size()));
            }
        }));
        deeds.put("no working", () -> {
            if (desk.ownWork().sheet().isPresent()) {
                desk.ownSetting().putAway();
            }
        });
    }

    private void tables() {
        deeds.put("read a file", () -> {
            desk.intake().file(LogFile.PATH);
            if (random.nextBoolean()) {
                desk.intake().takePage();
            }
        });
        deeds.put("step", () -> desk.trail().add(one(STEPS)));
        deeds.put("step off", () -> desk.table()
                .filter(table -> !table.trail().steps().isEmpty())
                .ifPresent(table -> desk.trail().turn(0, random.nextBoolean())));
        deeds.put("take a column", () -> {
            if (desk.table().isPresent()) {
                desk.taking().take(1, random.nextBoolean() ? new Link.All() : new Link.Where(0, "lamp"));
            }
        });
        deeds.put("follow the steps", () -> desk.followers().take("Minutes"));
        deeds.put("cell", () -> desk.amending().set(random.nextInt(4), 1, one(List.of("11", "oops", ""))));
        deeds.put("leave a row out", () -> desk.amending().leaveOut(List.of(random.nextInt(4)), random.nextBoolean()));
        deeds.put("tick", () -> desk.tables().ticked().tick(1, random.nextBoolean()));
        deeds.put("groups", () -> {
            desk.breakdowns().want(true);
            desk.breakdowns().by("Item");
        });
        deeds.put("remove the table", desk.amending()::remove);
    }

    /** A small log, read by whoever needs a table. */
    private static final class LogFile {
        private static final Path PATH = write();

        private static Path write() {
            try {
                Path file = Files.createTempFile("log", ".csv");
                file.toFile().deleteOnExit();
                return Files.writeString(
                        file, "Item,Minutes\nlamp,12\nradio,45\nlamp,20\nlamp,8\nradio,31\nchair,28\n");
            } catch (IOException full) {
                throw new UncheckedIOException(full);
            }
        }
    }
}
