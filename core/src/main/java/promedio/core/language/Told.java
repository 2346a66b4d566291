package promedio.core.language;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import promedio.core.sentence.Sentence;

/** What is to be told of a step besides its outcome: how many rows were given up to a missing cell, and why. */
public final class Told {
    private final Map<List<Object>, Long> rows = new LinkedHashMap<>();

    /** Counts rows in which something came about; facts stand before the number in the sentence. */
    public void count(String key, long times, Object... facts) {
        if (times > 0) {
            List<Object> of = new ArrayList<>(List.of(facts));
            of.add(0, key);
            rows.merge(of, times, Long::sum);
        }
    }

    /** The sentences, in the order in which they came about. */
    public List<Sentence> sentences() {
        List<Sentence> told = new ArrayList<>();
        rows.forEach((of, times) -> {
            List<Object> facts = new ArrayList<>(of.subList(1, of.size()));
            facts.add(times);
            told.add(new Sentence(of.get(0) + (times == 1 ? "one" : "many"), facts));
        });
        return told;
    }
}
