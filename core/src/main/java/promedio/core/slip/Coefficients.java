package promedio.core.slip;

import java.util.List;
import promedio.core.course.CourseCard;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;

/** Another coefficient of the same name: of skewness, or of kurtosis. */
final class Coefficients {
    private Coefficients() {}

    static List<Changed> ofSkewness(Asked asked) {
        return others(asked, "skewness-", "other-skewness");
    }

    static List<Changed> ofKurtosis(Asked asked) {
        return others(asked, "kurtosis-", "other-convention");
    }

    private static List<Changed> others(Asked asked, String family, String slip) {
        if (!asked.measure().id().startsWith(family)) {
            return List.of();
        }
        return Catalogue.of(asked.sample()).page(CourseCard.STANDARD).stream()
                .filter(measure -> measure.id().startsWith(family))
                .filter(measure -> !measure.question().equals(asked.measure().question()))
                .flatMap(measure -> value(asked, measure, slip).stream())
                .toList();
    }

    private static List<Changed> value(Asked asked, Measure other, String slip) {
        return other.isDefined(asked.sample())
                ? asked.value(other.formula(asked.sample().shape())).stream()
                        .map(way -> Changed.of(slip, way, other.label()))
                        .toList()
                : List.of();
    }
}
