package promedio.core.formula;

import java.util.ArrayList;
import java.util.List;

/**
 * A place in a formula: the way to it from the whole, by the part taken at each node. One object may stand at several places;
 * a site is one of them.
 *
 * @param path the indices of the parts, from the whole downwards
 */
public record Site(List<Integer> path) {
    /** The whole formula. */
    public static final Site ROOT = new Site(List.of());

    /** Copies the path. */
    public Site {
        path = List.copyOf(path);
    }

    /** The place of a part of what stands here. */
    public Site part(int index) {
        List<Integer> further = new ArrayList<>(path);
        further.add(index);
        return new Site(further);
    }

    /** Whether a place is this one, or inside what stands here. */
    public boolean holds(Site other) {
        return other.path.size() >= path.size()
                && other.path.subList(0, path.size()).equals(path);
    }
}
