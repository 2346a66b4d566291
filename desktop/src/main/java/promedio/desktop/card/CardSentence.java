package promedio.desktop.card;

import java.util.List;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.desktop.text.Words;

/** The course card folded to one line that reads like a sentence. */
final class CardSentence {
    private CardSentence() {}

    static String of(CourseCard card, boolean classes) {
        List<CardKey<?>> told = classes
                ? List.of(CardKey.DIVISOR, CardKey.GROUPED_POSITION, CardKey.GROUPED_MODE, CardKey.ACCURACY)
                : List.of(CardKey.DIVISOR, CardKey.QUARTILES, CardKey.SKEWNESS, CardKey.ACCURACY);
        String divisor = classes
                ? Words.of(CourseCard.wordsOf(
                        CardKey.DIVISOR, card.groupedDivisor().id()))
                : words(card, CardKey.DIVISOR);
        String sentence = Words.of(
                classes ? "card.sentence.classes" : "card.sentence",
                divisor,
                words(card, told.get(1)),
                words(card, told.get(2)),
                words(card, told.get(3)));
        List<String> ids = told.stream().map(CardKey::id).toList();
        long others = card.differences().keySet().stream()
                .filter(id -> !ids.contains(id))
                .filter(id -> classes || CardKey.find(id).orElseThrow().subject() != CardKey.Subject.CLASSES)
                .count();
        return others == 0 ? sentence : Words.of("card.more", sentence, others);
    }

    private static String words(CourseCard card, CardKey<?> key) {
        return Words.of(card.words(key));
    }
}
