package promedio.core.formula;

/** One answer for each kind of node. Value, notation and polynomial use it; everything else uses the parts. */
public interface Cases<R> {
    /** A number. */
    R constant(Formula.Constant node);

    /** The row's value. */
    R variable(Formula.Variable node);

    /** n. */
    R count(Formula.Count node);

    /** A named part. */
    R named(Formula.Named node);

    /** An operation. */
    R operation(Formula.Operation node);

    /** A total. */
    R total(Formula.Total node);

    /** A figure of somebody's own. */
    R given(Formula.Given node);

    /** A column with figures of somebody's own. */
    R givenCells(Formula.GivenCells node);

    /** A value at a rank. */
    R pick(Formula.Pick node);

    /** The commonest value. */
    R commonest(Formula.Commonest node);

    /** The root of the product. */
    R rootOfProduct(Formula.RootOfProduct node);

    /** Several figures. */
    R series(Formula.Series node);

    /** The values beyond two bounds. */
    R beyond(Formula.Beyond node);

    /** A class found. */
    R found(Formula.Found node);

    /** A figure read off a class. */
    R reading(Formula.Reading node);

    /** The share of a distribution beyond a figure. */
    R tail(Formula.Tail node);

    /** The value of a distribution that cuts off a share. */
    R cut(Formula.Cut node);
}
