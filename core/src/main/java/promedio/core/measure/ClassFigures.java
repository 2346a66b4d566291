package promedio.core.measure;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Formula.Found;
import promedio.core.formula.Notation;
import promedio.core.formula.ReadOff;
import promedio.core.formula.Search;
import promedio.core.formula.Symbol;

/** The class found, and the figures read off it, under the letters of every textbook: L, F, f, h. */
final class ClassFigures {
    private final Found found;

    private ClassFigures(Found found) {
        this.found = found;
    }

    static ClassFigures at(Formula position) {
        return new ClassFigures(new Found(Search.POSITION, List.of(position), 0));
    }

    static ClassFigures of(Formula value) {
        return new ClassFigures(new Found(Search.VALUE, List.of(value), 0));
    }

    static ClassFigures modal(int which) {
        return new ClassFigures(new Found(Search.MODAL, List.of(), which));
    }

    static ClassFigures modalInterval(int which) {
        return new ClassFigures(new Found(Search.MODAL_INTERVAL, List.of(), which));
    }

    static ClassFigures assumed() {
        return new ClassFigures(new Found(Search.ASSUMED, List.of(), 0));
    }

    static ClassFigures whole() {
        return new ClassFigures(new Found(Search.WHOLE, List.of(), 0));
    }

    private Formula.Named read(ReadOff what, String id, Notation letter) {
        return new Formula.Reading(what, found).named(Symbol.counting(id, letter));
    }

    Formula.Named lower() {
        return read(ReadOff.LOWER, "class-L", Notation.letter("L"));
    }

    Formula.Named upper() {
        return read(ReadOff.UPPER, "class-U", Notation.letter("U"));
    }

    Formula.Named width() {
        return read(ReadOff.WIDTH, "class-h", Notation.letter("h"));
    }

    Formula.Named frequency() {
        return read(ReadOff.FREQUENCY, "class-f", Notation.letter("f"));
    }

    Formula.Named before() {
        return read(ReadOff.BEFORE, "class-F", Notation.letter("F"));
    }

    Formula midpoint() {
        return new Formula.Reading(ReadOff.MIDPOINT, found);
    }

    /** f₁ of the class itself, or its density. */
    Formula.Named height(boolean density) {
        return indexed(density ? ReadOff.DENSITY : ReadOff.FREQUENCY, density, "1");
    }

    /** f₀ of the class before, or its density. */
    Formula.Named heightBefore(boolean density) {
        return indexed(density ? ReadOff.DENSITY_BEFORE : ReadOff.FREQUENCY_BEFORE, density, "0");
    }

    /** f₂ of the class after, or its density. */
    Formula.Named heightAfter(boolean density) {
        return indexed(density ? ReadOff.DENSITY_AFTER : ReadOff.FREQUENCY_AFTER, density, "2");
    }

    private Formula.Named indexed(ReadOff what, boolean density, String index) {
        return read(what, "class-f" + index, Notation.indexed(density ? "d" : "f", index));
    }
}
