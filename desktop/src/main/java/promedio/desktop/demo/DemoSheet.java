package promedio.desktop.demo;

/** A sheet of questions about the repair café as it may be handed out: made up, to be pasted whole. */
public final class DemoSheet {
    /** One question: a list, its parts, what is drawn and said about it. */
    public static final String ONE =
            """
            The waiting times (in minutes) of eight visitors to the repair café were
            4, 7, 9, 12, 15, 15, 20, 30
            (a) Find the mean waiting time to one decimal place.
            (b) Find the median and the quartiles.
            (c) Calculate the standard deviation by the short-cut method.
            (d) Draw a box plot of the data and comment on its shape.
            """;

    /** Eight questions: a list, a class table, a frequency table, two benches, pairs, a correction, groups put together, what is missing. */
    public static final String SHEET =
            """
            1. The waiting times of eight visitors were 4, 7, 9, 12, 15, 15, 20 and 30 minutes. Find the mean and the median.
            2. The table shows how long 50 repairs took. Calculate the mean and the standard deviation by the step-deviation method, to 1 decimal place. Find also the modal class.
            Minutes	Repairs
            0-10	5
            10-20	8
            20-30	20
            30-40	10
            40-50	7
            3. Find the quartile deviation and its coefficient. Explain which average you would use.
            Number of faults: 0 1 2 3 4
            Number of devices: 11 9 6 3 1
            4. Which bench is more consistent? Calculate the coefficient of variation of each to support your answer.
            Bench A: 12 15 18 20 25
            Bench B: 10 20 12 25 33
            5. Find Karl Pearson's coefficient of correlation and the line of regression of y on x. Hence estimate y when x = 6.
            Hours x: 1 2 3 4 5
            Repairs y: 2 4 5 4 5
            6. The mean of 20 repair times was found to be 40 minutes. Later it was discovered that a time of 18 was misread as 8. Find the correct mean.
            7. The mean time of 20 lamps is 40 with standard deviation 5 and that of 30 radios is 35 with standard deviation 4. Find the combined mean and the combined standard deviation.
            8. The mean weight of the devices in the table is 26.2 hectograms and the total frequency is 50. Find the missing frequencies p and q.
            Weight	0-10	10-20	20-30	30-40	40-50
            Frequency	5	p	20	q	7
            """;

    private DemoSheet() {}
}
