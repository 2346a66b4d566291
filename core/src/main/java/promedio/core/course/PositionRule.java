package promedio.core.course;

/** How quartiles and other quantiles are read: from the sorted list, or from the cumulative frequencies of classes. */
public sealed interface PositionRule extends Choice permits QuartileRule, QuantileRule, GroupedPosition {}
