package promedio.core.picture;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import promedio.core.sentence.Sentence;

/**
 * What categories and groups are called on a picture instead of what they are called in the data: “1 = Oak; 2 = Elm”. Where both stand
 * on it, those of the groups follow behind a bar: “1 = Oak; 2 = Elm | 1 = mended; 2 = scrapped”.
 */
public final class Calling {
    private static final String BAR = "|";

    private final Map<String, String> names;
    /** Those of the groups, where they are said apart. */
    private final Optional<Map<String, String>> ofGroups;

    private Calling(Map<String, String> names, Optional<Map<String, String>> ofGroups) {
        this.names = names;
        this.ofGroups = ofGroups;
    }

    /** What a wish calls them. */
    static Calling of(Wish wish) {
        List<String> parts = parts(wish);
        return new Calling(names(parts.get(0)), parts.size() > 1 ? Optional.of(names(parts.get(1))) : Optional.empty());
    }

    private static Map<String, String> names(String part) {
        Map<String, String> names = new LinkedHashMap<>();
        for (String pair : pairs(part)) {
            int equals = pair.indexOf('=');
            if (equals > 0 && !pair.substring(equals + 1).isBlank()) {
                names.put(
                        pair.substring(0, equals).strip(),
                        pair.substring(equals + 1).strip());
            }
        }
        return names;
    }

    private static List<String> parts(Wish wish) {
        String said = wish.get(Setting.NAMES).orElse("");
        int bar = said.indexOf(BAR);
        return bar < 0 ? List.of(said) : List.of(said.substring(0, bar), said.substring(bar + 1));
    }

    private static List<String> pairs(String part) {
        return List.of(part.split(";")).stream()
                .map(String::strip)
                .filter(pair -> !pair.isEmpty())
                .toList();
    }

    /** What is wrong with what is written, where something is. */
    static Optional<Sentence> problem(Wish wish) {
        return parts(wish).stream().flatMap(part -> problem(part).stream()).findFirst();
    }

    private static Optional<Sentence> problem(String part) {
        Optional<Sentence> unread = pairs(part).stream()
                .filter(pair -> pair.indexOf('=') <= 0)
                .findFirst()
                .map(pair -> Sentence.of("picture.names", pair));
        List<String> called = new ArrayList<>(names(part).values());
        return unread.or(() -> called.stream()
                .filter(name -> called.indexOf(name) != called.lastIndexOf(name))
                .findFirst()
                .map(name -> Sentence.of("picture.names.twice", name)));
    }

    private String called(String name) {
        return names.getOrDefault(name, name);
    }

    private static List<String> called(List<String> some, Map<String, String> names) {
        return some.stream().map(name -> names.getOrDefault(name, name)).toList();
    }

    /** What groups are called: as said of them, else what no category is called by. */
    private Map<String, String> ofGroups(List<String> categories) {
        Map<String, String> left = new LinkedHashMap<>(names);
        left.keySet().removeAll(categories);
        return ofGroups.orElse(left);
    }

    /** The subject with its parts under the names they are to have on the picture. */
    Subject of(Subject subject) {
        return names.isEmpty() && ofGroups.isEmpty()
                ? subject
                : subject.fold(new Subject.Cases<>() {
                    @Override
                    public Subject samples(Subject.Samples samples) {
                        // The name of a single sample is that of the picture, and stands in its title.
                        return samples.samples().size() == 1
                                ? samples
                                : new Subject.Samples(
                                        samples.samples().stream()
                                                .map(one -> new Named(
                                                        called(one.name()), one.unit(), one.sample(), one.classes()))
                                                .toList(),
                                        samples.of(),
                                        samples.name(),
                                        samples.by());
                    }

                    @Override
                    public Subject categories(Subject.Categories all) {
                        return new Subject.Categories(
                                all.name(),
                                all.by(),
                                called(all.categories(), names),
                                called(all.groups(), ofGroups(all.categories())),
                                all.counts());
                    }

                    @Override
                    public Subject pairs(Subject.Pairs pairs) {
                        return new Subject.Pairs(
                                pairs.x(),
                                pairs.y(),
                                pairs.by(),
                                pairs.groups().stream()
                                        .map(group ->
                                                new Subject.Pairs.Group(called(group.name()), group.xs(), group.ys()))
                                        .toList());
                    }
                });
    }

    /** The names that stand on a picture, to be changed: “1 = Oak; 2 = 2”; empty where it has none. */
    public static String written(Picture picture, Wish wish) {
        Calling calling = of(wish);
        List<String> onAxes = new ArrayList<>();
        for (Optional<Axis> axis : List.of(picture.across(), picture.up())) {
            axis.filter(Axis::names).ifPresent(one -> one.ticks().forEach(tick -> onAxes.add(tick.text())));
        }
        String first = written(onAxes, calling.names);
        String second = picture.hasLegend() ? written(picture.series(), calling.ofGroups.orElse(calling.names)) : "";
        return first.isEmpty() || second.isEmpty() ? first + second : first + " " + BAR + " " + second;
    }

    private static String written(List<String> shown, Map<String, String> names) {
        Map<String, String> before = new LinkedHashMap<>();
        names.forEach((old, now) -> before.put(now, old));
        return shown.stream()
                .filter(name -> !name.isBlank())
                .distinct()
                .map(name -> before.getOrDefault(name, name) + " = " + name)
                .collect(Collectors.joining("; "));
    }
}
