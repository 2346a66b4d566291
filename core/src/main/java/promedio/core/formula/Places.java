package promedio.core.formula;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/** The places of a formula, and what is changed at one of them. */
final class Places {
    private Places() {}

    static Formula at(Formula whole, Site site) {
        Formula part = whole;
        for (int index : site.path()) {
            part = part.parts().get(index);
        }
        return part;
    }

    static List<Site> of(Formula whole, Predicate<Formula> test) {
        List<Site> found = new ArrayList<>();
        collect(whole, Site.ROOT, test, found);
        return found;
    }

    private static void collect(Formula node, Site here, Predicate<Formula> test, List<Site> found) {
        if (test.test(node)) {
            found.add(here);
            return;
        }
        List<Formula> parts = node.parts();
        for (int i = 0; i < parts.size(); i++) {
            collect(parts.get(i), here.part(i), test, found);
        }
    }

    static List<Site> first(Formula whole) {
        List<Site> sites = new ArrayList<>();
        first(whole, Site.ROOT, sites, new IdentityHashMap<>());
        return sites;
    }

    private static void first(Formula node, Site here, List<Site> sites, IdentityHashMap<Formula, Boolean> seen) {
        if (seen.put(node, true) == null) {
            List<Formula> parts = node.parts();
            for (int i = 0; i < parts.size(); i++) {
                first(parts.get(i), here.part(i), sites, seen);
            }
            sites.add(here);
        }
    }

    static Formula rewrite(Formula node, Site site, UnaryOperator<Formula> change) {
        if (site.path().isEmpty()) {
            return change.apply(node);
        }
        int index = site.path().get(0);
        List<Formula> changed = new ArrayList<>(node.parts());
        Site rest = new Site(site.path().subList(1, site.path().size()));
        changed.set(index, rewrite(changed.get(index), rest, change));
        return node.with(changed);
    }
}
