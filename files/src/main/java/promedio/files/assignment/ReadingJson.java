package promedio.files.assignment;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.charset.Charset;
import java.nio.charset.IllegalCharsetNameException;
import java.nio.charset.UnsupportedCharsetException;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import promedio.core.data.DateForm;
import promedio.core.data.ThousandsMark;
import promedio.files.table.Delimiter;
import promedio.files.table.ReadingOptions;

/** How a file is read as JSON: the options of the command line under their names, with their words. */
final class ReadingJson {
    private static final ObjectMapper JSON = new ObjectMapper();

    private ReadingJson() {}

    static String write(ReadingOptions options) {
        ObjectNode node = JSON.createObjectNode();
        options.sheet().ifPresent(sheet -> node.put("sheet", sheet));
        options.skip().ifPresent(skip -> node.put("skip", skip));
        options.heading().ifPresent(heading -> node.put("heading", heading));
        options.delimiter().ifPresent(delimiter -> node.put("delimiter", delimiter.id()));
        options.encoding().ifPresent(encoding -> node.put("encoding", encoding.name()));
        options.decimalMark().ifPresent(mark -> node.put("decimal-mark", mark == ',' ? "comma" : "point"));
        options.thousands().ifPresent(mark -> node.put("thousands", mark.id()));
        options.dates().ifPresent(form -> node.put("dates", form.id()));
        if (!options.missing().isEmpty()) {
            node.set("missing", WholeJson.texts(options.missing()));
        }
        if (!options.columns().isEmpty()) {
            node.set("columns", WholeJson.texts(options.columns()));
        }
        return node.toString();
    }

    /** @throws IllegalArgumentException for what is no way of reading */
    static ReadingOptions read(String text) {
        JsonNode node;
        try {
            node = JSON.readTree(text);
        } catch (JsonProcessingException wrong) {
            throw new IllegalArgumentException("Nobody reads like that: " + text, wrong);
        }
        return new ReadingOptions(
                text(node, "sheet"),
                node.has("skip") ? OptionalInt.of(Math.max(0, node.path("skip").asInt())) : OptionalInt.empty(),
                node.has("heading") ? Optional.of(node.path("heading").asBoolean()) : Optional.empty(),
                text(node, "delimiter").map(word -> known(word, Delimiter::find)),
                text(node, "encoding").map(word -> known(word, ReadingJson::charset)),
                text(node, "decimal-mark").map(word -> known(word, ReadingJson::mark)),
                text(node, "thousands").map(word -> known(word, ThousandsMark::find)),
                text(node, "dates").map(word -> known(word, DateForm::find)),
                WholeJson.readTexts(node.path("missing")),
                WholeJson.readTexts(node.path("columns")));
    }

    private static Optional<String> text(JsonNode node, String field) {
        return node.has(field) ? Optional.of(node.path(field).asText()) : Optional.empty();
    }

    private static <T> T known(String word, Function<String, Optional<T>> find) {
        return find.apply(word).orElseThrow(() -> new IllegalArgumentException("Nobody reads like that: " + word));
    }

    private static Optional<Character> mark(String word) {
        return word.equals("comma")
                ? Optional.of(',')
                : Optional.of(word).filter("point"::equals).map(point -> '.');
    }

    private static Optional<Charset> charset(String name) {
        try {
            return Optional.of(Charset.forName(name));
        } catch (IllegalCharsetNameException | UnsupportedCharsetException unknown) {
            return Optional.empty();
        }
    }
}
