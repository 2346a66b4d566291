package promedio.core.language;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import promedio.core.number.Exact;
import promedio.core.vector.Numbers;
import promedio.core.vector.Register;
import promedio.core.vector.Vector;
import promedio.core.vector.Vectors;

/** Lists that are written out, counted up, or drawn: only the jotter has them. */
final class Several {
    private static final int MOST_LISTED = 1_000_000;
    /** Fractions of so many bits are added at once; longer ones take a time that grows with the square of their length. */
    private static final int SHORT_BITS = 64;

    private final Evaluator evaluator;
    private final RandomGenerator random;

    Several(Evaluator evaluator, RandomGenerator random) {
        this.evaluator = evaluator;
        this.random = random;
    }

    Vector listed(Expression.Listed listed) {
        List<Vector> items = new ArrayList<>();
        listed.items().forEach(item -> items.add(evaluator.of(item)));
        return Vectors.together(items).orElseThrow(() -> Fault.of(listed.at(), "language.list-kinds"));
    }

    Vector taken(Expression.Take take) {
        Vector of = evaluator.of(take.of());
        boolean enough = take.count().isWhole() && take.count().compareTo(Exact.of(of.size())) <= 0;
        if (!enough) {
            throw Fault.of(take.at(), "language.take", take.count(), of.size());
        }
        return of.pick(Draw.rows(of.size(), take.count().numerator().intValue(), random));
    }

    Vector range(Expression.Range range) {
        Exact from = single(range.from());
        Exact to = single(range.to());
        Exact by = range.by().isPresent() ? single(range.by().get()) : Exact.ONE;
        boolean gets = by.signum() != 0 && to.minus(from).over(by).signum() >= 0;
        if (!gets) {
            throw Fault.of(range.at(), "language.range");
        }
        Exact steps = to.minus(from).over(by);
        int most = mostListed(from, by);
        if (steps.compareTo(Exact.of(most)) >= 0) {
            throw Fault.of(range.at(), most == MOST_LISTED ? "language.range-long" : "language.range-fine", most);
        }
        int count = steps.floor().intValue() + 1;
        Numbers.Builder builder = new Numbers.Builder(count);
        Register register = new Register();
        for (int i = 0; i < count; i++) {
            register.figure(from.plus(by.times(i)));
            builder.add(register);
        }
        return builder.build();
    }

    private static int mostListed(Exact from, Exact by) {
        int bits = from.denominator().bitLength() + by.denominator().bitLength();
        double longer = Math.max(1, bits / (double) SHORT_BITS);
        return (int) (MOST_LISTED / (longer * longer));
    }

    private Exact single(Expression expression) {
        return Optional.of(Kinds.numbers(evaluator.of(expression), expression.at()))
                .filter(Numbers::isConstant)
                .flatMap(one -> one.figure(0))
                .filter(Exact.class::isInstance)
                .map(Exact.class::cast)
                .orElseThrow(() -> Fault.of(expression.at(), "language.range-ends"));
    }
}
