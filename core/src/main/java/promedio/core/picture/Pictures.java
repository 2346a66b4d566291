package promedio.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.course.CourseCard;
import promedio.core.sentence.Sentence;
import promedio.core.working.FigureText;

/** Makes pictures: definitions for relations, section 15. */
public final class Pictures {
    private Pictures() {}

    /** The kinds of pictures that suit a subject, the best first. */
    public static List<PictureKind> kinds(Subject subject) {
        return subject.fold(new Subject.Cases<>() {
            @Override
            public List<PictureKind> samples(Subject.Samples samples) {
                List<PictureKind> kinds = new ArrayList<>(List.of(PictureKind.HISTOGRAM));
                if (samples.areLists()) {
                    kinds.add(PictureKind.BOXES);
                    kinds.add(PictureKind.DOTS);
                    if (samples.samples().size() <= 2) {
                        kinds.add(PictureKind.STEMS);
                    }
                }
                kinds.add(PictureKind.POLYGON);
                kinds.add(PictureKind.OGIVE);
                if (samples.areLists() && samples.samples().size() == 1) {
                    kinds.add(PictureKind.CURVE);
                }
                return kinds;
            }

            @Override
            public List<PictureKind> categories(Subject.Categories categories) {
                return List.of(PictureKind.BARS);
            }

            @Override
            public List<PictureKind> pairs(Subject.Pairs pairs) {
                return List.of(PictureKind.SCATTER);
            }
        });
    }

    /** The picture of a subject that is wished for, or why there is none. */
    public static Pictured of(Subject given, Wish wish, CourseCard card) {
        Subject subject = Calling.of(wish).of(given);
        int places = subject.fold(new Subject.Cases<>() {
            @Override
            public Integer samples(Subject.Samples samples) {
                return samples.samples().stream()
                        .mapToInt(one -> one.sample().places())
                        .max()
                        .orElse(0);
            }

            @Override
            public Integer categories(Subject.Categories categories) {
                return 0;
            }

            @Override
            public Integer pairs(Subject.Pairs pairs) {
                return pairs.groups().stream()
                        .mapToInt(group ->
                                Math.max(group.xs().places(), group.ys().places()))
                        .max()
                        .orElse(0);
            }
        });
        Frame frame = new Frame(wish, card, new FigureText(card, places));
        Optional<Sentence> problem = problem(wish, card);
        if (problem.isPresent()) {
            return Pictured.none(problem.get());
        }
        if (!kinds(subject).contains(wish.kind())) {
            return Pictured.none("picture.not-of." + wish.kind().id());
        }
        return subject.fold(new Subject.Cases<>() {
            @Override
            public Pictured samples(Subject.Samples samples) {
                if (samples.samples().stream().anyMatch(one -> one.sample().isEmpty())) {
                    return Pictured.none("picture.no-value");
                }
                return ofSamples(samples, frame);
            }

            @Override
            public Pictured categories(Subject.Categories categories) {
                return categories.total() == 0
                        ? Pictured.none("picture.no-value")
                        : new BarsPicture(categories, frame).picture();
            }

            @Override
            public Pictured pairs(Subject.Pairs pairs) {
                return pairs.size() == 0
                        ? Pictured.none("picture.no-pair")
                        : new ScatterPicture(pairs, frame).picture();
            }
        });
    }

    /** What is wrong with a wish, whatever it is of; empty where nothing is. */
    public static Optional<Sentence> problem(Wish wish, CourseCard card) {
        Frame frame = new Frame(wish, card, new FigureText(card, 0));
        return frame.problem().or(() -> Bands.problem(frame)).or(() -> Calling.problem(wish));
    }

    private static Pictured ofSamples(Subject.Samples samples, Frame frame) {
        return switch (frame.wish().kind()) {
            case HISTOGRAM -> new HistogramPicture(samples, frame, false).picture();
            case CURVE -> new HistogramPicture(samples, frame, true).picture();
            case POLYGON -> new LinesPicture(samples, frame, false).picture();
            case OGIVE -> new LinesPicture(samples, frame, true).picture();
            case BOXES -> new BoxesPicture(samples, frame).picture();
            case DOTS -> new DotsPicture(samples, frame).picture();
            case STEMS -> new StemsPicture(samples, frame).picture();
            case BARS, SCATTER ->
                Pictured.none("picture.not-of." + frame.wish().kind().id());
        };
    }
}
