package promedio.desktop.card;

import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.desktop.text.Words;

/** The course card folded to one line that reads like a sentence. */
final class CardSentence {
    private CardSentence() {}

    static String of(CourseCard card) {
        String sentence = Words.of(
                "card.sentence",
                words(card, CardKey.DIVISOR),
                words(card, CardKey.QUARTILES),
                words(card, CardKey.SKEWNESS),
                words(card, CardKey.ACCURACY));
        long others = card.differences().keySet().stream()
                .filter(key -> !key.equals("divisor")
                        && !key.equals("quartiles")
                        && !key.equals("skewness")
                        && !key.equals("places"))
                .count();
        return others == 0 ? sentence : Words.of("card.more", sentence, others);
    }

    private static String words(CourseCard card, CardKey<?> key) {
        return Words.of(card.words(key));
    }
}
