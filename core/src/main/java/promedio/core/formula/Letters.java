package promedio.core.formula;

/** What is written for a symbol: the course's letters, s or σ, x̄ or μ. */
@FunctionalInterface
public interface Letters {
    /** Each symbol as it comes. */
    Letters AS_THEY_COME = Symbol::notation;

    /** The notation of a symbol. */
    Notation of(Symbol symbol);
}
