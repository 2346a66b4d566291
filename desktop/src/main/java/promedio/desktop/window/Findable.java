package promedio.desktop.window;

import java.util.Optional;
import promedio.core.report.MeasureLine;

/**
 * Something that can be found and gone to.
 *
 * @param name what it is called
 * @param says its figure, or what kind of thing it is
 * @param measure the measure, where it is one
 * @param go goes there
 */
record Findable(String name, String says, Optional<MeasureLine> measure, Runnable go) {}
