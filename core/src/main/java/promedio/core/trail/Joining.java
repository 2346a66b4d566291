package promedio.core.trail;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import promedio.core.data.Table;
import promedio.core.language.Fault;
import promedio.core.language.Scope;
import promedio.core.language.Told;
import promedio.core.sentence.Sentence;
import promedio.core.vector.Vector;
import promedio.core.vector.Vectors;

/** Adds the columns of another table where a key agrees. */
final class Joining {
    private final Prepared before;
    private final Field key;
    private final Told told;

    Joining(Prepared before, Field key, Told told) {
        this.before = before;
        this.key = key;
        this.told = told;
    }

    Prepared with(Step.Join join, Table table) {
        Prepared other = Prepared.of(table);
        String name = Scope.find(other.names(), key.name())
                .orElseThrow(() -> Fault.of(join.key().at(), "step.join-key", join.file(), key.name()));
        Field its = other.field(name);
        if (!key.kind().goesWith(its.kind())) {
            throw Fault.of(
                    join.key().at(),
                    "step.join-kinds",
                    key.name(),
                    Sentence.of("language.kind." + key.kind()),
                    Sentence.of("language.kind." + its.kind()));
        }
        int[] partner = partners(join, its);
        List<Field> fields = new ArrayList<>(before.fields());
        Prepared picked = other.picked(partner);
        for (Field field : picked.fields()) {
            if (!field.name().equals(name)) {
                if (before.names().contains(field.name())) {
                    throw Fault.of(join.at(), "step.join-taken", field.name());
                }
                fields.add(field);
            }
        }
        return new Prepared(fields, before.rows());
    }

    /** For each row the row of the other table with the same key; −1 where there is none. */
    private int[] partners(Step.Join join, Field its) {
        int rows = before.rows();
        Vector both = Vectors.together(
                        List.of(key.vector().isConstant() ? key.vector().pick(all(rows)) : key.vector(), its.vector()))
                .orElseThrow();
        int[] groups = both.groups();
        Map<Integer, Integer> known = new HashMap<>();
        for (int row = 0; row < its.vector().size(); row++) {
            if (!its.vector().isMissing(row) && known.put(groups[rows + row], row) != null) {
                throw Fault.of(join.at(), "step.join-twice", its.written(row), join.file());
            }
        }
        int[] partner = new int[rows];
        Arrays.fill(partner, -1);
        long alone = 0;
        long missing = 0;
        for (int row = 0; row < rows; row++) {
            if (key.vector().isMissing(row)) {
                missing++;
            } else {
                Integer found = known.get(groups[row]);
                partner[row] = found == null ? -1 : found;
                alone += found == null ? 1 : 0;
            }
        }
        told.count("told.no-partner.", alone);
        told.count("told.no-key.", missing, key.name());
        return partner;
    }

    private static int[] all(int rows) {
        int[] all = new int[rows];
        Arrays.setAll(all, row -> row);
        return all;
    }
}
