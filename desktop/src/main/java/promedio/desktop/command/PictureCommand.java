package promedio.desktop.command;

import java.io.IOException;
import java.io.InputStream;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import promedio.core.course.CourseCard;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.picture.Picture;
import promedio.core.picture.PictureKind;
import promedio.core.picture.Pictured;
import promedio.core.picture.Pictures;
import promedio.core.picture.Subjects;
import promedio.core.picture.Telling;
import promedio.core.picture.ToPlot;
import promedio.core.picture.Wish;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.core.tabulate.Tabulation;
import promedio.core.working.FigureText;
import promedio.files.AtomicFile;
import promedio.files.InputProblem;
import promedio.files.picture.Drawing;
import promedio.files.picture.Look;
import promedio.files.picture.PictureFiles;
import promedio.files.picture.PictureJson;

/** {@code promedio picture}: one picture of files, as a file, as JSON, or as a table to draw it from. */
@Command(
        name = "picture",
        mixinStandardHelpOptions = true,
        description = "Draw a picture, or print what it is drawn from.",
        sortOptions = false)
public final class PictureCommand implements Callable<Integer> {
    private static final int INPUT_NOT_READ = 3;
    private static final int LEAST_SIZE = 120;
    private static final int MOST_SIZE = 8_000;

    @Spec
    private CommandSpec spec;

    @Parameters(
            arity = "1..*",
            paramLabel = "INPUT",
            description = "Delimited text, XLSX, ODS, JSON or HTML files, or - for standard input;"
                    + " several samples are laid over one another.")
    private List<String> inputs = new ArrayList<>();

    @Option(
            names = "--as",
            required = true,
            paramLabel = "KIND",
            description = "histogram, polygon, ogive, boxes, dots, stems, bars, scatter or curve.")
    private String kind;

    @Mixin
    private SampleArguments arguments;

    @Option(names = "--by", paramLabel = "COLUMN", description = "The column whose texts name groups.")
    private String by;

    @Option(
            names = "--classes",
            paramLabel = "START,WIDTH,COUNT",
            description = "The classes of a list; round ones unless said.")
    private String classes;

    @Option(names = "--edges", paramLabel = "A,B,…", description = "The boundaries of the classes of a list.")
    private String edges;

    @Option(names = "--to", paramLabel = "FILE", description = "A .svg, .png or .pdf to write.")
    private String file;

    @Option(
            names = "--size",
            paramLabel = "WxH",
            description = "Of the file, in pixels; 720x440 unless said.",
            defaultValue = "720x440")
    private String size = "720x440";

    @Option(
            names = "--scale",
            paramLabel = "K",
            description = "Points of a PNG for a pixel; 2 unless said.",
            defaultValue = "2")
    private double scale = 2;

    @Option(
            names = "--print",
            description = "In black on white, with hatching and not colours.",
            defaultValue = "false")
    private boolean print;

    @Option(names = "--json", description = "The content of the picture as JSON.")
    private boolean json;

    private final InputStream standardInput;

    /** The command, reading {@code -} from a stream. */
    public PictureCommand(InputStream standardInput) {
        this.standardInput = standardInput;
    }

    @Override
    public Integer call() {
        // No display is needed, and one that does not answer does no harm.
        System.setProperty("java.awt.headless", "true");
        CourseCard card = arguments.card(spec.commandLine());
        PictureKind asked = PictureKind.find(kind)
                .orElseThrow(() -> usage("There is no picture '" + kind + "'; there are "
                        + String.join(
                                ", ",
                                java.util.Arrays.stream(PictureKind.values())
                                        .map(PictureKind::id)
                                        .toList())
                        + "."));
        Wish wish = SettingOptions.wish(asked, spec.commandLine());
        Optional<Tabulation> tabulation = tabulation(card);
        int[] pixels = pixels();
        Optional<PictureFiles.Format> format = format();
        PrintWriter out = spec.commandLine().getOut();
        PrintWriter err = spec.commandLine().getErr();
        try {
            SubjectReader reader = new SubjectReader(spec.commandLine(), arguments, standardInput, card);
            Subjects.Made made = reader.read(inputs, asked, Optional.ofNullable(by), tabulation);
            Sentence why;
            if (made.subject().isPresent()) {
                CourseCard marked = reader.card();
                Pictured pictured = Pictures.of(made.subject().get(), wish, marked);
                if (pictured.picture().isPresent()) {
                    Picture picture = pictured.picture().get();
                    FigureText text =
                            new FigureText(marked, reader.places(made.subject().get()));
                    show(picture, made, text, format, pixels, out);
                    out.flush();
                    return 0;
                }
                why = pictured.why().orElseThrow();
            } else {
                why = made.why().orElseThrow();
            }
            return failed(out, err, String.join(", ", inputs) + ": " + why);
        } catch (InputProblem problem) {
            return failed(out, err, problem.sentence().toString());
        } catch (IOException unwritten) {
            return failed(
                    out,
                    err,
                    AtomicFile.problem(Path.of(file), unwritten).sentence().toString());
        } catch (OutOfMemoryError tooLarge) {
            return failed(out, err, "There is not enough memory to draw this.");
        }
    }

    private void show(
            Picture picture,
            Subjects.Made made,
            FigureText text,
            Optional<PictureFiles.Format> format,
            int[] pixels,
            PrintWriter out)
            throws IOException {
        List<Sentence> told = new ArrayList<>(made.told());
        told.addAll(picture.told());
        if (format.isPresent()) {
            Drawing drawing = new Drawing(picture, print ? Look.PRINT : Look.PAPER, text);
            PictureFiles files = new PictureFiles(drawing, new Telling(text).all(picture), pixels[0], pixels[1]);
            files.write(Path.of(file), format.get(), scale);
            files.told(format.get()).ifPresent(told::add);
        }
        if (json) {
            var object = PictureJson.of(picture);
            if (!told.isEmpty()) {
                var array = object.putArray("told");
                told.forEach(sentence -> array.add(sentence.toString()));
            }
            out.println(Visible.json(object.toString()));
        } else {
            out.println(Visible.line(picture.title()));
            ToPlot table = ToPlot.of(picture, text);
            out.println("  "
                    + String.join(
                            " | ",
                            table.headings().stream().map(Sentence::toString).toList()));
            table.rows()
                    .forEach(row -> out.println("  "
                            + String.join(" | ", row.stream().map(Visible::line).toList())));
            told.forEach(sentence -> out.println("  " + sentence));
        }
    }

    private int failed(PrintWriter out, PrintWriter err, String sentence) {
        String words = Visible.line(sentence);
        if (json) {
            Map<String, String> object = new LinkedHashMap<>();
            object.put("kind", kind);
            object.put("error", words);
            out.println(Visible.json(new com.fasterxml.jackson.databind.ObjectMapper()
                    .valueToTree(object)
                    .toString()));
            out.flush();
        }
        err.println(words);
        err.flush();
        return INPUT_NOT_READ;
    }

    private Optional<Tabulation> tabulation(CourseCard card) {
        if (classes != null && edges != null) {
            throw usage("Classes are given by --classes or by --edges, not by both.");
        }
        if (classes != null) {
            List<Exact> parts = numbers("--classes", classes, card);
            boolean whole = parts.size() == 3
                    && parts.get(1).signum() > 0
                    && parts.get(2).isWhole()
                    && parts.get(2).signum() > 0
                    && parts.get(2).compareTo(Exact.of(1_000)) <= 0;
            if (!whole) {
                throw usage(
                        "--classes takes a start, a width above 0 and how many, as in 0,10,5; not '" + classes + "'.");
            }
            return Optional.of(Tabulation.of(
                    parts.get(0), parts.get(1), parts.get(2).numerator().intValueExact(), false));
        }
        if (edges != null) {
            try {
                return Optional.of(new Tabulation(numbers("--edges", edges, card), false));
            } catch (IllegalArgumentException wrong) {
                throw usage("--edges takes two boundaries or more, ascending, as in 0,10,30; not '" + edges + "'.");
            }
        }
        return Optional.empty();
    }

    /** Numbers with commas between, or semicolons where the comma is the decimal mark. */
    private List<Exact> numbers(String option, String text, CourseCard card) {
        List<Exact> numbers = new ArrayList<>();
        boolean point = card.numerals().decimalMark() == '.';
        for (String part : text.split(point ? "[,;]" : ";", -1)) {
            numbers.add(card.numerals()
                    .read(part.strip())
                    .map(Numerals.Numeral::exact)
                    .orElseThrow(() -> usage(option + ": '" + part.strip() + "' is not a number.")));
        }
        return numbers;
    }

    private int[] pixels() {
        String[] parts = size.split("x", -1);
        boolean numbers = parts.length == 2 && parts[0].matches("\\d{1,5}") && parts[1].matches("\\d{1,5}");
        int wide = numbers ? Integer.parseInt(parts[0]) : 0;
        int high = numbers ? Integer.parseInt(parts[1]) : 0;
        if (Math.min(wide, high) < LEAST_SIZE || Math.max(wide, high) > MOST_SIZE) {
            throw usage("--size takes a width and a height from " + LEAST_SIZE + " to " + MOST_SIZE
                    + ", as in 720x440; not '" + size + "'.");
        }
        if (!(scale >= 0.5 && scale <= 8)) {
            throw usage("--scale takes 0.5 to 8, not " + scale + ".");
        }
        return new int[] {wide, high};
    }

    private Optional<PictureFiles.Format> format() {
        if (file == null) {
            return Optional.empty();
        }
        Optional<PictureFiles.Format> format = PictureFiles.Format.of(file);
        if (format.isEmpty()) {
            throw usage("--to takes a file that ends in .svg, .png or .pdf, not '" + file + "'.");
        }
        return format;
    }

    private CommandLine.ParameterException usage(String sentence) {
        return new CommandLine.ParameterException(spec.commandLine(), sentence);
    }
}
