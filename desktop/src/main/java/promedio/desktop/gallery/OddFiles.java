package promedio.desktop.gallery;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import promedio.core.assignment.AnswerEdit;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;
import promedio.desktop.demo.Demo;
import promedio.files.InputProblem;
import promedio.files.assignment.AssignmentFile;

/** Files such as nobody means to write: with things in them that are no part of an assignment, or handed in to do harm. */
final class OddFiles {
    private static final String BEGINNING = "\"format\" : \"promedio\",";

    private OddFiles() {}

    /** The demo with what stands where nothing of the kind belongs. */
    static Path unread() {
        return written(folder(), "sheet 3", Demo.assignment(), document -> document.replace(
                        BEGINNING, BEGINNING + "\"off\" : [ 2 ], \"colour\" : \"red\",")
                .replaceFirst("\"missing\" : \\[[^\\]]*]", "\"missing\" : 99"));
    }

    /** A class of two who answered, and five whose files cannot be marked. */
    static Path students() {
        Path folder = folder();
        written(folder, "Ada", answered("34.29", "16.49"), document -> document);
        written(folder, "Bo", answered("34.3", "272.0"), document -> document);
        UnaryOperator<String> later = document -> document.replaceFirst("\"version\" : [0-9]+", "\"version\" : 1e400");
        written(folder, "of another time", Demo.assignment(), later);
        UnaryOperator<String> many = document -> document.replaceFirst(
                "(?s)\"answers\" : \\[.*?} ]",
                IntStream.range(0, 1_500)
                        .mapToObj(i -> "{\"sample\":\"minutes\",\"measure\":\"percentile-" + i + "\",\"answer\":\"1\"}")
                        .collect(Collectors.joining(",", "\"answers\" : [", "]")));
        written(folder, "of many answers", Demo.assignment(), many);
        UnaryOperator<String> nowhere = document -> document.replaceFirst(
                "\"samples\" : \\[",
                "\"samples\" : [ {\"id\":\"s99\",\"kind\":\"values\",\"from\":{\"table\":\"t99\",\"column\":0}},");
        written(folder, "that leads nowhere", Demo.assignment(), nowhere);
        written(folder, "that breaks off", Demo.assignment(), document -> document.substring(0, document.length() / 2));
        try {
            Files.writeString(folder.resolve("that is none.promedio"), "Dear Sir or Madam");
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
        return folder;
    }

    private static Assignment answered(String mean, String sd) {
        Assignment answered = Demo.assignment();
        for (Edit edit : List.of(
                new AnswerEdit.WriteAnswer("minutes", "mean", mean), new AnswerEdit.WriteAnswer("minutes", "sd", sd))) {
            answered = edit.apply(answered);
        }
        return answered;
    }

    private static Path folder() {
        try {
            return Files.createTempDirectory("promedio");
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    private static Path written(Path folder, String name, Assignment assignment, UnaryOperator<String> change) {
        Path file = folder.resolve(name + AssignmentFile.ENDING);
        try {
            AssignmentFile.write(assignment, file);
            byte[] whole = Files.readAllBytes(file);
            try (ZipInputStream in = new ZipInputStream(new java.io.ByteArrayInputStream(whole));
                    OutputStream out = Files.newOutputStream(file);
                    ZipOutputStream zip = new ZipOutputStream(out)) {
                for (ZipEntry part = in.getNextEntry(); part != null; part = in.getNextEntry()) {
                    zip.putNextEntry(new ZipEntry(part.getName()));
                    byte[] content = in.readAllBytes();
                    zip.write(
                            part.getName().endsWith(".json")
                                    ? change.apply(new String(content, StandardCharsets.UTF_8))
                                            .getBytes(StandardCharsets.UTF_8)
                                    : content);
                }
            }
            return file;
        } catch (IOException | InputProblem broken) {
            throw new IllegalStateException(broken);
        }
    }
}
