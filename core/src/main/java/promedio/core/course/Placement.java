package promedio.core.course;

import promedio.core.formula.Formula;
import promedio.core.number.Exact;

/**
 * Where in the sorted list a quantile is read: at a whole rank, or on the way from one rank to the next.
 *
 * @param rank the lower rank, from 1
 * @param fraction how far on towards the next rank: 0 up to below 1
 * @param interpolates whether the fraction comes from the position itself rather than from averaging two values
 * @param position the position as a formula in n, where the rule has one to show; null for the rules by halves
 */
public record Placement(Exact rank, Exact fraction, boolean interpolates, Formula position) {}
