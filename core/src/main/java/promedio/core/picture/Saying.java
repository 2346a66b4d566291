package promedio.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.course.CourseCard;
import promedio.core.formula.Evaluation;
import promedio.core.measure.Catalogue;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.core.working.FigureText;

/**
 * What a picture of a sample says: to which side it is skewed, how many humps it has, what lies far out. From the measures, and no
 * more than they bear: a small sample has no shape, and two humps are said only where the valley between them is deeper than chance
 * would have it (twice the root of the lower hump).
 */
public final class Saying {
    private static final Exact FEW = Exact.of(8);
    private static final double SKEWED = 0.5;
    private static final double NEARLY_EVEN = 0.2;
    private static final double CHANCE = 2;

    private final CourseCard card;
    private final FigureText text;
    private final Sample sample;
    private final Evaluation evaluation;

    private Saying(Sample sample, CourseCard card, FigureText text) {
        this.card = card;
        this.text = text;
        this.sample = sample;
        this.evaluation = Evaluation.of(sample);
    }

    /**
     * What is to be said of a sample, a sentence each; none that the measures do not bear.
     *
     * @param picture a picture of it; its bars tell of humps
     */
    public static List<Sentence> of(Named one, Picture picture, CourseCard card, FigureText text) {
        if (one.sample().isEmpty() || one.sample().isOpenEnded()) {
            return List.of();
        }
        return new Saying(one.sample(), card, text).sentences(picture);
    }

    private List<Sentence> sentences(Picture picture) {
        List<Sentence> said = new ArrayList<>();
        if (sample.count().compareTo(FEW) < 0 && !sample.shape().relative()) {
            said.add(Sentence.of("picture.says.few", text.carried(sample.count())));
            return said;
        }
        humps(picture).ifPresent(said::add);
        shape().ifPresent(said::add);
        farOut().ifPresent(said::add);
        return said;
    }

    private Optional<Figure> figure(String question) {
        return Catalogue.of(sample).find(question, card).flatMap(measure -> measure.outcome(evaluation)
                .single());
    }

    private Optional<Sentence> shape() {
        Optional<Figure> skewness = figure("skewness-moment");
        Optional<Figure> mean = figure("mean");
        Optional<Figure> median = figure("median");
        if (skewness.isEmpty() || mean.isEmpty() || median.isEmpty()) {
            return Optional.empty();
        }
        double coefficient = skewness.get().toDouble();
        int side = mean.get().compare(median.get());
        String middle = text.answer(mean.get());
        String half = text.answer(median.get());
        if (coefficient > SKEWED && side > 0) {
            return Optional.of(Sentence.of("picture.says.right", middle, half));
        }
        if (coefficient < -SKEWED && side < 0) {
            return Optional.of(Sentence.of("picture.says.left", middle, half));
        }
        return Math.abs(coefficient) <= NEARLY_EVEN
                ? Optional.of(Sentence.of("picture.says.even", middle, half))
                : Optional.empty();
    }

    private Optional<Sentence> farOut() {
        List<? extends Figure> outliers = Catalogue.of(sample)
                .find("outliers", card)
                .map(measure -> measure.outcome(evaluation).figures())
                .orElse(List.of());
        if (outliers.isEmpty()) {
            return Optional.empty();
        }
        String first = text.carried(outliers.get(0));
        String last = text.carried(outliers.get(outliers.size() - 1));
        return Optional.of(
                outliers.size() == 1
                        ? Sentence.of("picture.says.outlier", first)
                        : Sentence.of("picture.says.outliers", outliers.size(), first, last));
    }

    /** Two humps: where from the lower of two tops down to the valley between them it is further than chance goes. */
    private Optional<Sentence> humps(Picture picture) {
        if (!(picture.content() instanceof Content.Classes classes)
                || classes.series().size() != 1) {
            return Optional.empty();
        }
        List<Content.Classes.Bar> bars = classes.series().get(0).bars();
        double[] f = bars.stream().mapToDouble(bar -> bar.height().toDouble()).toArray();
        int top = 0;
        for (int i = 1; i < f.length; i++) {
            top = f[i] > f[top] ? i : top;
        }
        int other = -1;
        double deepest = 0;
        for (int i = 0; i < f.length; i++) {
            double valley = f[i];
            for (int k = Math.min(i, top); k <= Math.max(i, top); k++) {
                valley = Math.min(valley, f[k]);
            }
            double share = f[i] == 0 ? 0 : bars.get(i).frequency().toDouble();
            double fall = f[i] == 0 ? 0 : (f[i] - valley) / f[i] * share;
            if (fall > CHANCE * Math.sqrt(share) && fall > deepest) {
                deepest = fall;
                other = i;
            }
        }
        if (other < 0 || sample.shape().relative()) {
            return Optional.empty();
        }
        String low = bars.get(Math.min(other, top)).label();
        String high = bars.get(Math.max(other, top)).label();
        return Optional.of(Sentence.of("picture.says.humps", low, high));
    }
}
