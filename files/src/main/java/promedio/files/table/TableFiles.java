package promedio.files.table;

import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import promedio.core.data.CellRules;
import promedio.core.data.Column;
import promedio.core.data.MissingCodes;
import promedio.core.data.PointedOut;
import promedio.core.data.Table;
import promedio.core.data.TableReading;
import promedio.core.sentence.Sentence;
import promedio.files.InputProblem;

/** Reads data tables from files of any format: definitions for tables, section 9. */
public final class TableFiles {
    private TableFiles() {}

    /**
     * Reads a file, or standard input for {@code -}.
     *
     * @throws InputProblem when it cannot be read, is of no format that is known, or is not what is said of it
     */
    public static TableFile read(String name, InputStream standardInput, ReadingOptions options, Watch watch)
            throws InputProblem {
        return read(Source.of(name, standardInput, watch), options);
    }

    /** A text as a file would have it. @throws InputProblem as for a file given by its name */
    public static TableFile ofText(String name, String text, ReadingOptions options) throws InputProblem {
        return read(
                Source.of(name, text.getBytes(StandardCharsets.UTF_8)),
                options.withEncoding(Optional.of(StandardCharsets.UTF_8)));
    }

    /**
     * The beginning of a file, up to some rows: a moment’s work for a file of any length.
     *
     * @param file what it holds as far as it was read
     * @param whole whether that is all of it
     */
    public record Head(TableFile file, boolean whole) {}

    /** Reads the beginning of a file. @throws InputProblem when it cannot be read */
    public static Head head(Path path, ReadingOptions options, int rows) throws InputProblem {
        boolean[] whole = {true};
        TableFile file = read(Source.of(name(path), path, Watch.NOBODY).beginning(), options, rows, whole);
        return new Head(file, whole[0]);
    }

    /** Reads a file, called by its name without its folder. @throws InputProblem as for a file given by its name */
    public static TableFile read(Path path, ReadingOptions options, Watch watch) throws InputProblem {
        return read(Source.of(name(path), path, watch), options);
    }

    /** Reads a file that is called otherwise than its bytes are. @throws InputProblem as for a file given by its name */
    public static TableFile read(Path path, String name, ReadingOptions options, Watch watch) throws InputProblem {
        return read(Source.of("“" + name + "”", path, watch), options);
    }

    private static String name(Path path) {
        return "“" + path.getFileName() + "”";
    }

    private static TableFile read(Source source, ReadingOptions options) throws InputProblem {
        return read(source, options, Integer.MAX_VALUE, new boolean[1]);
    }

    private static TableFile read(Source source, ReadingOptions options, int most, boolean[] whole)
            throws InputProblem {
        return Opened.with(source, options, file -> {
            for (int sheet : file.candidates()) {
                boolean names = file.hasNumbersAsNames()
                        && options.heading().isEmpty()
                        && options.skip().isEmpty();
                Gatherer gatherer =
                        new Gatherer(source.name(), names ? options.withHeading(Optional.of(true)) : options, most);
                try {
                    if (source.isLarge()) {
                        Handover.through(gatherer, rows -> file.give(sheet, rows));
                    } else {
                        file.give(sheet, gatherer);
                    }
                } catch (Gatherer.Enough enough) {
                    whole[0] = false;
                }
                Gatherer.Gathered gathered = gatherer.gathered();
                if (!gathered.columns().isEmpty()) {
                    return file(source, file, sheet, gathered, options);
                }
            }
            throw new InputProblem(Sentence.of("input.empty", source.name()));
        });
    }

    private static TableFile file(
            Source source, Opened file, int sheet, Gatherer.Gathered gathered, ReadingOptions options)
            throws InputProblem {
        List<Sentence> told = new ArrayList<>(gathered.told());
        told.addAll(file.told());
        boolean commaParts = file.delimiter().filter(Delimiter.COMMA::equals).isPresent();
        return new TableFile(
                source.name(),
                file.format(),
                file.names().isEmpty()
                        ? Optional.empty()
                        : Optional.of(file.names().get(sheet)),
                file.names(),
                file.encoding(),
                file.delimiter(),
                gathered.preamble(),
                gathered.headed(),
                reading(source.name(), gathered, options, commaParts),
                told,
                gathered.lines());
    }

    /** The cells as columns, those that are wanted. */
    private static TableReading reading(
            String source, Gatherer.Gathered gathered, ReadingOptions options, boolean commaParts) throws InputProblem {
        Set<String> named = Set.copyOf(
                TableReading.names(gathered.heading(), gathered.columns().size()));
        CellRules rules = new CellRules(
                options.decimalMark(), options.thousands(), options.dates(), codes(options.missing(), named));
        TableReading all = TableReading.of(gathered.heading(), gathered.columns(), rules, commaParts);
        List<PointedOut> pointedOut = new ArrayList<>(all.pointedOut());
        if (gathered.yearsAbove()) {
            pointedOut.add(0, PointedOut.of("years-as-heading"));
        }
        if (options.columns().isEmpty()) {
            return new TableReading(all.table(), all.decimalMark(), all.thousands(), pointedOut);
        }
        List<Column> wanted = new ArrayList<>();
        Set<String> names = new HashSet<>();
        for (String one : new LinkedHashSet<>(options.columns())) {
            int column = ColumnSearch.find(source, all.table().columns(), one);
            wanted.add(all.table().columns().get(column));
            names.add(all.table().columns().get(column).name());
        }
        pointedOut.removeIf(
                notice -> notice.column().filter(name -> !names.contains(name)).isPresent());
        return new TableReading(new Table(wanted, all.table().rows()), all.decimalMark(), all.thousands(), pointedOut);
    }

    /** Codes for missing, of every column or of one that is named. */
    static MissingCodes codes(List<String> said, Set<String> names) {
        Set<String> everywhere = new HashSet<>();
        Map<String, Set<String>> byColumn = new HashMap<>();
        for (String code : said) {
            OptionalInt equals = IntStream.range(0, code.length())
                    .filter(i -> code.charAt(i) == '='
                            && names.contains(code.substring(0, i).strip()))
                    .findFirst();
            if (equals.isPresent()) {
                int at = equals.getAsInt();
                byColumn.computeIfAbsent(code.substring(0, at).strip(), name -> new HashSet<>())
                        .add(code.substring(at + 1).strip());
            } else {
                everywhere.add(code.strip());
            }
        }
        return new MissingCodes(everywhere, byColumn);
    }
}
