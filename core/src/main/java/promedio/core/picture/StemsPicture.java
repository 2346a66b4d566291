package promedio.core.picture;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.sample.Ranking;
import promedio.core.sentence.Sentence;
import promedio.core.working.FigureText;

/**
 * Stems and leaves: a leaf is the last place of the data, or a higher one where there would be more than twenty stems; the digits
 * behind it are cut off. Stems without leaves stay, −0 has its own, and leaves are written in order from the stem outwards.
 */
final class StemsPicture {
    private static final int MOST_STEMS = 20;
    private static final int MOST_LEAVES = 200_000;
    private static final BigInteger TEN = BigInteger.TEN;

    private final Subject.Samples subject;
    private final Frame frame;

    StemsPicture(Subject.Samples subject, Frame frame) {
        this.subject = subject;
        this.frame = frame;
    }

    /**
     * A line of the picture, in the order of the values: negative stems first, split ones from their outer part.
     *
     * @param negative whether its values are below 0
     * @param stem the stem without its sign
     * @param part which part of a split stem, 0 with the smallest leaves
     */
    private record Place(boolean negative, BigInteger stem, int part) implements Comparable<Place> {
        @Override
        public int compareTo(Place other) {
            if (negative != other.negative) {
                return negative ? -1 : 1;
            }
            int way = negative ? -1 : 1;
            int stems = stem.compareTo(other.stem);
            return way * (stems != 0 ? stems : Integer.compare(part, other.part));
        }
    }

    Pictured picture() {
        for (Named one : subject.samples()) {
            if (one.sample().shape().relative()) {
                return Pictured.none("picture.stems.shares");
            }
            if (one.sample().count().compareTo(Exact.of(MOST_LEAVES)) > 0) {
                return Pictured.none("picture.stems.many", Exact.of(MOST_LEAVES));
            }
        }
        int places = subject.samples().stream()
                .mapToInt(one -> one.sample().values().places())
                .max()
                .orElseThrow();
        int cut = 0;
        while (stems(places - cut).compareTo(BigInteger.valueOf(MOST_STEMS)) > 0) {
            cut++;
        }
        int leafPlaces = places - cut;
        int split = Integer.parseInt(frame.wish().get(Setting.SPLIT).orElse("1"));
        List<Map<Place, List<String>>> leaves = subject.samples().stream()
                .map(one -> leaves(one, leafPlaces, split))
                .toList();
        List<Place> all = places(leaves, split);
        boolean two = leaves.size() == 2;
        List<Content.Stems.Stem> lines = all.stream()
                .map(place -> new Content.Stems.Stem(
                        (place.negative() ? "-" : "") + place.stem(),
                        two ? leaves.get(0).getOrDefault(place, List.of()) : List.of(),
                        leaves.get(two ? 1 : 0).getOrDefault(place, List.of())))
                .toList();
        Content.Stems content = new Content.Stems(
                subject.samples().stream().map(Named::name).toList(), lines, key(leaves, all, leafPlaces));
        List<Sentence> told = cut == 0
                ? List.of()
                : List.of(Sentence.of("picture.told.digits-cut", Ticks.written(unit(leafPlaces), frame.text())));
        return Pictured.of(new Picture(
                PictureKind.STEMS,
                frame.title(subject.name()),
                frame.wish().get(Setting.CAPTION).orElse(""),
                Optional.empty(),
                Optional.empty(),
                content,
                List.of(),
                List.of(""),
                "",
                frame.colours(1),
                told));
    }

    /** How many stems there are from the least to the most value when a leaf has some decimal place; the two zeros are two. */
    private BigInteger stems(int leafPlaces) {
        BigInteger least = null;
        BigInteger most = null;
        for (Named one : subject.samples()) {
            Decimals distinct = one.sample().ranking().distinct();
            BigInteger low =
                    ordinal(cut(distinct, 0, leafPlaces), distinct.bigUnit(0).signum() < 0);
            int last = distinct.size() - 1;
            BigInteger high = ordinal(
                    cut(distinct, last, leafPlaces), distinct.bigUnit(last).signum() < 0);
            least = least == null ? low : least.min(low);
            most = most == null ? high : most.max(high);
        }
        return most.subtract(least).add(BigInteger.ONE);
    }

    /** Stems in a row: … −1, −0, 0, 1 … as … −2, −1, 0, 1 … */
    private static BigInteger ordinal(BigInteger leafUnits, boolean negative) {
        BigInteger stem = leafUnits.abs().divide(TEN);
        return negative ? stem.negate().subtract(BigInteger.ONE) : stem;
    }

    /** A value in units of the place of its leaf, digits behind it cut off. */
    private static BigInteger cut(Decimals values, int index, int leafPlaces) {
        int shift = values.places() - leafPlaces;
        BigInteger unit = values.bigUnit(index);
        return shift >= 0 ? unit.divide(TEN.pow(shift)) : unit.multiply(TEN.pow(-shift));
    }

    private static Map<Place, List<String>> leaves(Named named, int leafPlaces, int split) {
        Ranking ranking = named.sample().ranking();
        Map<Place, List<String>> leaves = new TreeMap<>();
        for (int i = 0; i < ranking.distinct().size(); i++) {
            boolean negative = ranking.distinct().bigUnit(i).signum() < 0;
            BigInteger[] parts = cut(ranking.distinct(), i, leafPlaces).abs().divideAndRemainder(TEN);
            int leaf = parts[1].intValue();
            Place place = new Place(negative, parts[0], leaf * split / 10);
            List<String> line = leaves.computeIfAbsent(place, first -> new ArrayList<>());
            line.addAll(Collections.nCopies(ranking.weight(i).numerator().intValueExact(), Integer.toString(leaf)));
        }
        // Values ascend; below 0 that is towards the stem.
        leaves.forEach((place, line) -> {
            if (place.negative()) {
                Collections.reverse(line);
            }
        });
        return leaves;
    }

    /** All lines from the first with a leaf to the last. */
    private static List<Place> places(List<Map<Place, List<String>>> leaves, int split) {
        List<Place> used = leaves.stream()
                .flatMap(one -> one.keySet().stream())
                .sorted()
                .collect(Collectors.toCollection(ArrayList::new));
        List<Place> all = new ArrayList<>();
        Place last = used.get(used.size() - 1);
        for (Place at = used.get(0); ; at = next(at, split)) {
            all.add(at);
            if (at.equals(last)) {
                return all;
            }
        }
    }

    private static Place next(Place at, int split) {
        if (!at.negative()) {
            return at.part() < split - 1
                    ? new Place(false, at.stem(), at.part() + 1)
                    : new Place(false, at.stem().add(BigInteger.ONE), 0);
        }
        if (at.part() > 0) {
            return new Place(true, at.stem(), at.part() - 1);
        }
        return at.stem().signum() == 0
                ? new Place(false, BigInteger.ZERO, 0)
                : new Place(true, at.stem().subtract(BigInteger.ONE), split - 1);
    }

    /** What the first stem with a leaf means. */
    private String key(List<Map<Place, List<String>>> leaves, List<Place> all, int leafPlaces) {
        // 0 before a digit says little of how the two go together.
        List<Place> telling = new ArrayList<>(all);
        telling.sort(Comparator.comparing(place -> place.stem().signum() == 0));
        for (Place place : telling) {
            for (Map<Place, List<String>> one : leaves) {
                List<String> line = one.getOrDefault(place, List.of());
                if (!line.isEmpty()) {
                    BigInteger size = place.stem().multiply(TEN).add(new BigInteger(line.get(0)));
                    Exact value = unit(leafPlaces).times(Exact.of(place.negative() ? size.negate() : size));
                    return Frame.words(
                            "picture.stem-key",
                            (place.negative() ? "-" : "") + place.stem() + " | " + line.get(0),
                            (plain(value) + " " + unit()).strip());
                }
            }
        }
        throw new IllegalStateException("There is no leaf.");
    }

    /** The unit that all samples share. */
    private String unit() {
        List<String> units =
                subject.samples().stream().map(Named::unit).distinct().toList();
        return units.size() == 1 ? units.get(0) : "";
    }

    private String plain(Exact value) {
        FigureText text = frame.text();
        return Ticks.written(value, text).replace("−", "-");
    }

    private static Exact unit(int leafPlaces) {
        return leafPlaces >= 0 ? Exact.scaled(BigInteger.ONE, leafPlaces) : Exact.of(TEN.pow(-leafPlaces));
    }
}
