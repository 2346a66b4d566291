package promedio.core.formula;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * One letter, one value: where a formula names two different things by one letter (L of the class of Q₁ and of that of Q₃),
 * each gets the index of the quantity it belongs to.
 */
public final class Lettering {
    private static final String BELONGS = "~";

    private final Map<String, List<Formula>> things = new LinkedHashMap<>();
    private final Map<String, Map<Formula, Given>> lettered = new HashMap<>();

    private record Given(String owner, Symbol symbol) {}

    private Lettering(Formula formula) {
        formula.visit(node -> {
            if (node instanceof Formula.Named named) {
                List<Formula> bodies = things.computeIfAbsent(named.symbol().id(), id -> new ArrayList<>());
                if (bodies.stream().noneMatch(body -> body == named.body() || body.equals(named.body()))) {
                    bodies.add(named.body());
                }
            }
        });
    }

    /** The formula with a letter of its own for each thing; itself where that is so already. */
    public static Formula.Named distinct(Formula.Named formula) {
        Lettering lettering = new Lettering(formula);
        return lettering.things.values().stream().allMatch(bodies -> bodies.size() == 1)
                ? formula
                : (Formula.Named) lettering.rewrite(formula, formula, new IdentityHashMap<>());
    }

    /** The id that a symbol had before it got an index. */
    public static String bare(String symbolId) {
        int at = symbolId.indexOf(BELONGS);
        return at < 0 ? symbolId : symbolId.substring(0, at);
    }

    private boolean isShared(Formula.Named named) {
        return things.get(named.symbol().id()).size() > 1;
    }

    private Formula rewrite(Formula node, Formula.Named owner, IdentityHashMap<Formula, Formula> done) {
        Formula known = done.get(node);
        if (known != null) {
            return known;
        }
        Formula made;
        if (node instanceof Formula.Named named && !isShared(named)) {
            // What belongs to another quantity is written anew for it.
            made = parts(named, named, node == owner ? done : new IdentityHashMap<>());
        } else if (node instanceof Formula.Named named) {
            Formula body = rewrite(named.body(), owner, done);
            made = new Formula.Named(symbol(named, owner), body);
        } else {
            made = parts(node, owner, done);
        }
        done.put(node, made);
        return made;
    }

    private Formula parts(Formula node, Formula.Named owner, IdentityHashMap<Formula, Formula> done) {
        List<Formula> parts = node.parts();
        List<Formula> rewritten =
                parts.stream().map(part -> rewrite(part, owner, done)).toList();
        boolean same = true;
        for (int i = 0; i < parts.size(); i++) {
            same &= parts.get(i) == rewritten.get(i);
        }
        return same ? node : node.with(rewritten);
    }

    private Symbol symbol(Formula.Named named, Formula.Named owner) {
        Symbol before = named.symbol();
        Map<Formula, Given> given = lettered.computeIfAbsent(before.id(), id -> new LinkedHashMap<>());
        Given known = given.get(named.body());
        if (known != null) {
            return known.symbol();
        }
        String of = owner.symbol().id();
        long besides =
                given.values().stream().filter(one -> one.owner().equals(of)).count();
        // Several things of one quantity, as the classes of several modes are, are counted.
        boolean counted = besides > 0 || belongAlike(named, owner);
        Notation index = counted ? Notation.numeral(Long.toString(besides + 1)) : indexOf(owner.symbol());
        Symbol symbol = new Symbol(
                before.id() + BELONGS + of + (counted ? besides + 1 : ""),
                indexed(before.notation(), index),
                before.counts());
        given.put(named.body(), new Given(of, symbol));
        return symbol;
    }

    /** Whether a quantity has several things of one letter directly to itself. */
    private boolean belongAlike(Formula.Named named, Formula.Named owner) {
        List<Formula> own = new ArrayList<>();
        collect(owner.body(), named.symbol().id(), own);
        return own.size() > 1;
    }

    private void collect(Formula node, String id, List<Formula> own) {
        if (node instanceof Formula.Named inner) {
            if (inner.symbol().id().equals(id) && !own.contains(inner.body())) {
                own.add(inner.body());
            }
            if (!isShared(inner)) {
                return;
            }
        }
        node.parts().forEach(part -> collect(part, id, own));
    }

    private static Notation indexOf(Symbol owner) {
        return owner.notation() instanceof Notation.Lowered lowered ? lowered.index() : owner.notation();
    }

    private static Notation indexed(Notation letter, Notation index) {
        return letter instanceof Notation.Lowered lowered
                ? new Notation.Lowered(
                        lowered.base(), Notation.row(lowered.index(), new Notation.Sign(",", ",", "", false), index))
                : new Notation.Lowered(letter, index);
    }
}
