package promedio.core.picture;

import java.util.List;
import java.util.Optional;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Figure;

/** What a picture shows, exactly. */
public sealed interface Content {
    /** Who asks which kind it is. */
    interface Cases<R> {
        /** Bars over classes. */
        R classes(Classes classes);

        /** Lines from point to point. */
        R lines(Lines lines);

        /** Boxes with whiskers. */
        R boxes(Boxes boxes);

        /** Dots over values. */
        R dots(Dots dots);

        /** Stems with leaves. */
        R stems(Stems stems);

        /** Bars of categories. */
        R bars(Bars bars);

        /** Points of pairs. */
        R scatter(Scatter scatter);
    }

    /** Answers by kind. */
    <R> R fold(Cases<R> cases);

    /** What the height of a bar over a class is. */
    enum Height {
        /** f. */
        FREQUENCY,
        /** f/n. */
        RELATIVE,
        /** f/h. */
        DENSITY,
        /** f/(n·h). */
        RELATIVE_DENSITY
    }

    /**
     * Bars over classes.
     *
     * @param height what their heights are
     * @param series the bars of each sample
     * @param curve the normal curve over them, where it is drawn
     */
    record Classes(Height height, List<Series> series, Optional<Normal> curve) implements Content {
        /**
         * The bars of a sample.
         *
         * @param name its name; empty where there is one
         * @param count n
         * @param bars a bar for each class
         */
        public record Series(String name, Exact count, List<Bar> bars) {
            /** Copies the bars. */
            public Series {
                bars = List.copyOf(bars);
            }
        }

        /**
         * A bar.
         *
         * @param label the class as it is written
         * @param assumedEnd whether an end of the class is only assumed
         */
        public record Bar(String label, Exact from, Exact to, Exact frequency, Exact height, boolean assumedEnd) {}

        /** Copies the list. */
        public Classes {
            series = List.copyOf(series);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.classes(this);
        }
    }

    /**
     * The normal curve of a sample’s mean and standard deviation.
     *
     * @param shares within 1, 2 and 3 standard deviations of the mean
     */
    record Normal(Figure mean, Figure sd, List<Share> shares) {
        /**
         * A share of all values.
         *
         * @param sds within so many standard deviations of the mean
         * @param expected of a normal distribution
         * @param found in the sample
         */
        public record Share(int sds, Exact expected, Exact found) {}

        /** Copies the list. */
        public Normal {
            shares = List.copyOf(shares);
        }
    }

    /** Lines from point to point: polygons, ogives. */
    record Lines(List<Line> lines) implements Content {
        /**
         * A line.
         *
         * @param name what it is of, or which way it counts; empty where there is one
         * @param points from left to right
         */
        public record Line(String name, List<Point> points) {
            /** Copies the points. */
            public Line {
                points = List.copyOf(points);
            }
        }

        /**
         * A point.
         *
         * @param assumed whether the way to it leads over a class of which an end is only assumed
         */
        public record Point(Exact x, Exact y, boolean assumed) {}

        /** Copies the list. */
        public Lines {
            lines = List.copyOf(lines);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.lines(this);
        }
    }

    /** Boxes with whiskers. */
    record Boxes(List<Box> boxes) implements Content {
        /**
         * A box.
         *
         * @param low where the lower whisker ends
         * @param high where the upper whisker ends
         * @param outliers the different values beyond the whiskers, ascending
         * @param fences the lower and the upper fence; empty for whiskers to the extremes
         */
        public record Box(
                String name,
                Exact count,
                Figure low,
                Figure quartile1,
                Figure median,
                Figure quartile3,
                Figure high,
                List<Figure> outliers,
                Figure mean,
                Optional<List<Figure>> fences) {
            /** Copies the lists. */
            public Box {
                outliers = List.copyOf(outliers);
            }
        }

        /** Copies the list. */
        public Boxes {
            boxes = List.copyOf(boxes);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.boxes(this);
        }
    }

    /** Dots over values. */
    record Dots(List<Strip> strips) implements Content {
        /** The dots of a sample. */
        public record Strip(String name, List<Dot> dots) {
            /** Copies the dots. */
            public Strip {
                dots = List.copyOf(dots);
            }
        }

        /** A value and how often it occurs. */
        public record Dot(Exact value, Exact count) {}

        /** Copies the list. */
        public Dots {
            strips = List.copyOf(strips);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.dots(this);
        }
    }

    /**
     * Stems with leaves.
     *
     * @param names the name of the sample, or of both of them
     * @param key what a stem with a leaf means
     */
    record Stems(List<String> names, List<Stem> lines, String key) implements Content {
        /**
         * A line: a stem with its leaves.
         *
         * @param left the leaves of the first of two samples, from the stem outwards; empty where there is one
         * @param right those of the other, or of the only one
         */
        public record Stem(String stem, List<String> left, List<String> right) {
            /** Copies the lists. */
            public Stem {
                left = List.copyOf(left);
                right = List.copyOf(right);
            }
        }

        /** Copies the lists. */
        public Stems {
            names = List.copyOf(names);
            lines = List.copyOf(lines);
        }

        /** Whether two samples stand back to back. */
        public boolean backToBack() {
            return names.size() == 2;
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.stems(this);
        }
    }

    /**
     * Bars of categories.
     *
     * @param percent whether heights are percentages and not frequencies
     */
    record Bars(boolean percent, List<Column> bars) implements Content {
        /**
         * A bar.
         *
         * @param group its group; empty where there are none
         * @param frequency how often it occurs
         * @param of how many there are of the category, or in all where there are no groups
         */
        public record Column(String category, String group, Exact height, long frequency, long of) {}

        /** Copies the list. */
        public Bars {
            bars = List.copyOf(bars);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.bars(this);
        }
    }

    /**
     * Points of pairs.
     *
     * @param line the least-squares line through all of them, where it is drawn
     */
    record Scatter(List<Cloud> clouds, Optional<Fit> line) implements Content {
        /** The points of a group. */
        public record Cloud(String name, Decimals xs, Decimals ys) {}

        /** A straight line. */
        public record Fit(Exact slope, Exact intercept) {}

        /** Copies the list. */
        public Scatter {
            clouds = List.copyOf(clouds);
        }

        /** How many points there are. */
        public int size() {
            return clouds.stream().mapToInt(cloud -> cloud.xs().size()).sum();
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.scatter(this);
        }
    }
}
