package promedio.desktop.model;

import promedio.core.course.CardKey;
import promedio.desktop.model.compare.Comparing;
import promedio.desktop.model.desk.Background;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.Habits;
import promedio.desktop.model.desk.Lanes;
import promedio.desktop.model.groups.Breakdowns;
import promedio.desktop.model.jotter.Jots;
import promedio.desktop.model.own.OwnSetting;
import promedio.desktop.model.own.OwnWork;
import promedio.desktop.model.picture.Drawings;
import promedio.desktop.model.reading.Filing;
import promedio.desktop.model.reading.Intake;
import promedio.desktop.model.shelf.GivenWork;
import promedio.desktop.model.shelf.GroupWork;
import promedio.desktop.model.shelf.PairWork;
import promedio.desktop.model.table.Amending;
import promedio.desktop.model.table.Followers;
import promedio.desktop.model.table.InSteps;
import promedio.desktop.model.table.TableTrail;
import promedio.desktop.model.table.Tables;
import promedio.desktop.model.table.Taking;
import promedio.desktop.model.table.TrailFiling;
import promedio.desktop.model.table.TrailsCompared;
import promedio.desktop.model.tutor.Classwork;
import promedio.desktop.model.tutor.Handwork;
import promedio.desktop.text.Words;
import promedio.files.assignment.Journal;

/** The desk with all its parts. A part knows the desk and the parts before it. */
public final class DeskModel extends Desk {
    private final Tables tables = with(new Tables(this));
    private final Taking taking = new Taking(this);
    private final Amending amending = new Amending(this, tables);
    private final TableTrail trail = with(new TableTrail(this));
    private final TrailFiling trailFiling = new TrailFiling(this, taking, trail);
    private final Followers followers = with(new Followers(this, trail));
    private final InSteps inSteps = new InSteps(this, tables, trail);
    private final TrailsCompared contrast = new TrailsCompared(this, trail);
    private final Breakdowns breakdowns = new Breakdowns(this, tables, trail, trailFiling);
    private final Jots jotter = with(new Jots(this));
    private final Intake intake = with(new Intake(this, taking));
    private final Filing filing = new Filing(this, intake);
    private final Classwork classwork = with(new Classwork(this));
    private final Drawings drawings = with(new Drawings(this, tables, inSteps));
    private final Comparing comparing = with(new Comparing(this));
    private final PairWork pairs = new PairWork(this, followers);
    private final GivenWork givens = new GivenWork(this);
    private final OwnWork ownWork = with(new OwnWork(this));
    private final OwnSetting ownSetting = new OwnSetting(this, ownWork);
    private final Handwork handwork = with(new Handwork(this));
    private final Habits habits;
    private final GroupWork groups = new GroupWork(this, comparing);

    /** An empty desk that keeps no journal: for pictures and tests. */
    public DeskModel(Background background) {
        this(Lanes.one(background), background, null, Habits.none());
    }

    /**
     * An empty desk.
     *
     * @param background where figures are computed and files read
     * @param disk where files are written, one after another
     * @param journal where every edit is written down; null for nowhere
     */
    public DeskModel(Background background, Background disk, Journal journal) {
        this(Lanes.one(background), disk, journal, Habits.none());
    }

    /** An empty desk of somebody with habits. */
    public DeskModel(Lanes lanes, Background disk, Journal journal, Habits habits) {
        super(lanes, disk, journal);
        this.habits = habits;
    }

    /** What the person at the desk has chosen for themselves. */
    public Habits habits() {
        return habits;
    }

    /** What is shown of the chosen data table. */
    public Tables tables() {
        return tables;
    }

    /** Tables and their columns put on the shelf. */
    public Taking taking() {
        return taking;
    }

    /** What is changed by hand in the chosen table. */
    public Amending amending() {
        return amending;
    }

    /** The trail of the chosen table. */
    public TableTrail trail() {
        return trail;
    }

    /** The trail of the chosen table, in files and from them. */
    public TrailFiling trailFiling() {
        return trailFiling;
    }

    /** Samples of what steps make. */
    public Followers followers() {
        return followers;
    }

    /** Columns as steps leave them. */
    public InSteps inSteps() {
        return inSteps;
    }

    /** Two trails compared. */
    public TrailsCompared contrast() {
        return contrast;
    }

    /** Measures by groups. */
    public Breakdowns breakdowns() {
        return breakdowns;
    }

    /** The jotter. */
    public Jots jotter() {
        return jotter;
    }

    /** What is typed, pasted or read from a file. */
    public Intake intake() {
        return intake;
    }

    /** Assignments opened, samples written. */
    public Filing filing() {
        return filing;
    }

    /** What a tutor does with the assignment. */
    public Classwork classwork() {
        return classwork;
    }

    /** The pictures of what is chosen. */
    public Drawings drawings() {
        return drawings;
    }

    /** Samples that are compared. */
    public Comparing comparing() {
        return comparing;
    }

    /** Pairs on the shelf. */
    public PairWork pairs() {
        return pairs;
    }

    /** Questions that give figures in place of data. */
    public GivenWork givens() {
        return givens;
    }

    /** How what the student works by hand is set out. */
    public OwnSetting ownSetting() {
        return ownSetting;
    }

    /** What a class worked by hand. */
    public Handwork handwork() {
        return handwork;
    }

    /** What the student works by hand. */
    public OwnWork ownWork() {
        return ownWork;
    }

    /** Groups on the shelf. */
    public GroupWork groups() {
        return groups;
    }

    @Override
    public <T> void choose(CardKey<T> key, T choice) {
        super.choose(key, choice);
        if (classwork.isCardChanged()) {
            say(Words.of("card.set.changed"));
        }
    }
}
