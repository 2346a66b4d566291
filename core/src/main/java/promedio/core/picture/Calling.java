package promedio.core.picture;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import promedio.core.sentence.Sentence;

/** What groups and categories are called on a picture instead of what they are called in the data: “1 = Oak; 2 = Elm”. */
public final class Calling {
    private final Map<String, String> names;

    private Calling(Map<String, String> names) {
        this.names = names;
    }

    /** What a wish calls them. */
    static Calling of(Wish wish) {
        Map<String, String> names = new LinkedHashMap<>();
        for (String pair : pairs(wish)) {
            int equals = pair.indexOf('=');
            if (equals > 0 && !pair.substring(equals + 1).isBlank()) {
                names.put(
                        pair.substring(0, equals).strip(),
                        pair.substring(equals + 1).strip());
            }
        }
        return new Calling(names);
    }

    private static List<String> pairs(Wish wish) {
        return List.of(wish.get(Setting.NAMES).orElse("").split(";")).stream()
                .map(String::strip)
                .filter(pair -> !pair.isEmpty())
                .toList();
    }

    /** What is wrong with what is written, where something is. */
    static Optional<Sentence> problem(Wish wish) {
        List<String> pairs = pairs(wish);
        Optional<Sentence> unread = pairs.stream()
                .filter(pair -> pair.indexOf('=') <= 0)
                .findFirst()
                .map(pair -> Sentence.of("picture.names", pair));
        List<String> called = new ArrayList<>(of(wish).names.values());
        return unread.or(() -> called.stream()
                .filter(name -> called.indexOf(name) != called.lastIndexOf(name))
                .findFirst()
                .map(name -> Sentence.of("picture.names.twice", name)));
    }

    private String called(String name) {
        return names.getOrDefault(name, name);
    }

    private List<String> called(List<String> some) {
        return some.stream().map(this::called).toList();
    }

    /** The subject with its parts under the names they are to have on the picture. */
    Subject of(Subject subject) {
        return names.isEmpty()
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
                                all.name(), all.by(), called(all.categories()), called(all.groups()), all.counts());
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
        Map<String, String> before = new LinkedHashMap<>();
        of(wish).names.forEach((old, now) -> before.put(now, old));
        List<String> shown = new ArrayList<>();
        for (Optional<Axis> axis : List.of(picture.across(), picture.up())) {
            axis.filter(Axis::names).ifPresent(one -> one.ticks().forEach(tick -> shown.add(tick.text())));
        }
        if (picture.hasLegend()) {
            shown.addAll(picture.series());
        }
        return shown.stream()
                .filter(name -> !name.isBlank())
                .distinct()
                .map(name -> before.getOrDefault(name, name) + " = " + name)
                .collect(Collectors.joining("; "));
    }
}
