package promedio.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sentence.Sentence;

/** Named stretches of the scale, as they are written: “good to 10; moderate to 20; poor”. */
final class Bands {
    private static final Pattern TO = Pattern.compile("(.+?)\\s+to\\s+(\\S+)");

    private Bands() {}

    /** A stretch: its name and where it ends; without an end it goes on to the end of the axis. */
    private record Band(String name, Optional<Exact> end) {}

    private static List<Band> read(Frame frame) {
        List<Band> bands = new ArrayList<>();
        for (String written : frame.wish().get(Setting.BANDS).orElse("").split(";", -1)) {
            String text = written.strip();
            Matcher to = TO.matcher(text);
            Optional<Exact> end = to.matches()
                    ? frame.card().numerals().read(to.group(2)).map(Numerals.Numeral::exact)
                    : Optional.empty();
            if (!text.isEmpty()) {
                bands.add(new Band(end.isPresent() ? to.group(1) : text, end));
            }
        }
        return bands;
    }

    /** What is wrong with what is written, where something is. */
    static Optional<Sentence> problem(Frame frame) {
        List<Band> bands = read(frame);
        for (int i = 0; i < bands.size(); i++) {
            boolean last = i == bands.size() - 1;
            Optional<Exact> end = bands.get(i).end();
            Optional<Exact> before =
                    i == 0 ? Optional.empty() : bands.get(i - 1).end();
            boolean ascends = end.isEmpty() || before.isEmpty() || before.get().compareTo(end.get()) < 0;
            if (end.isEmpty() && !last || !ascends) {
                return Optional.of(Sentence.of("picture.bands", bands.get(i).name()));
            }
        }
        return Optional.empty();
    }

    /** The stretches between the ends of an axis, behind everything else. */
    static List<Mark> marks(Frame frame, Axis across, Axis up) {
        List<Mark> marks = new ArrayList<>();
        double from = across.from().toDouble();
        List<Band> bands = read(frame);
        for (int i = 0; i < bands.size(); i++) {
            double end = bands.get(i).end().orElse(across.to()).toDouble();
            double to = Math.min(end, across.to().toDouble());
            if (to > from) {
                Mark.Part part = new Mark.Part(i, -1);
                marks.add(new Mark.Area(
                        part,
                        Mark.Role.BEHIND,
                        from,
                        to,
                        up.from().toDouble(),
                        up.to().toDouble()));
                marks.add(new Mark.Words(
                        part, (from + to) / 2, Double.NaN, bands.get(i).name()));
                from = to;
            }
        }
        return marks;
    }
}
