package upshot.day;

/** A problem and an order as rows of numbers, component after component as the records name them. */
public final class DayNumbers extends NumberRow {

    private DayNumbers(double[] read) {
        super(read);
    }

    /** The numbers of a problem. */
    public static double[] write(DayProblem problem) {
        DayNumbers out = new DayNumbers(new double[0]);
        out.list(problem.crews(), out::crew);
        out.list(problem.setups(), out::setup);
        out.changes(problem.changes());
        out.list(problem.people(), out::performer);
        out.rests(problem.rests());
        out.put(problem.capacityMegabytes(), problem.margin(), problem.readyBeforeMin());
        return out.numbers();
    }

    /**
     * The problem of such numbers.
     *
     * @throws IllegalArgumentException when they are none
     */
    public static DayProblem read(double[] numbers) {
        DayNumbers in = new DayNumbers(numbers);
        DayProblem problem = in.problem();
        in.end();
        return problem;
    }

    /**
     * The problem of what is left: behind the numbers of the whole day follows where its first crew stands.
     *
     * @throws IllegalArgumentException when they are none
     */
    public static DayProblem readRest(double[] numbers) {
        DayNumbers in = new DayNumbers(numbers);
        DayProblem problem = in.problem();
        DayCrew.Standing now = in.standing();
        in.end();
        return problem.standing(now);
    }

    private DayProblem problem() {
        return new DayProblem(
                list(this::crew),
                list(this::setup),
                changes(),
                list(this::performer),
                rests(),
                number(),
                number(),
                number());
    }

    /**
     * An order: its levels as {@link Merit} names them, then for each crew how many setups it shoots, and of each its
     * place in the problem and the minutes of getting ready, roll and end.
     */
    public static double[] write(DayOrder order) {
        DayNumbers out = new DayNumbers(new double[0]);
        Merit merit = order.merit();
        out.put(merit.brokenMin(), merit.musts(), merit.shoulds(), merit.bonuses(), merit.hundredths());
        out.list(
                order.states(),
                crew -> out.list(crew, state -> {
                    Times times = state.times();
                    out.put(
                            state.setup(),
                            times.gettingReady().afterCall(),
                            times.roll().afterCall(),
                            times.end().afterCall());
                }));
        return out.numbers();
    }

    private void crew(DayCrew crew) {
        put(crew.callMin(), crew.wrapMin());
        put(crew.laterDay());
        put(crew.cameras());
        optional(crew.standing(), standing -> {
            put(standing.freeMin(), standing.last());
            list(standing.done(), this::put);
            put(standing.pausedMin(), standing.fedMin());
        });
    }

    private DayCrew crew() {
        return new DayCrew(whole(), whole(), truth(), whole(), optional(this::standing));
    }

    private DayCrew.Standing standing() {
        return new DayCrew.Standing(whole(), whole(), list(this::whole), whole(), whole());
    }

    private void setup(DaySetup setup) {
        put(setup.action(), setup.run());
        put(setup.once());
        gear(setup.gear());
        put(setup.shootMin(), setup.resetMin());
        optional(setup.fixed(), fixed -> put(fixed.atMin(), fixed.lastsMin()));
        optional(setup.turn(), turn -> {
            put(turn.crew(), turn.rank());
            optional(turn.pinnedMin(), this::put);
        });
        list(setup.windows(), this::windows);
        list(setup.people(), this::put);
        list(setup.before(), this::put);
        list(setup.after(), this::put);
        put(setup.worth().priority(), setup.worth().shots());
        put(setup.recording().megabytes(), setup.recording().copyMin());
        put(setup.early());
        put(setup.messy());
        put(setup.outdoors());
        put(setup.usual());
    }

    private DaySetup setup() {
        return new DaySetup(
                whole(),
                whole(),
                truth(),
                gear(),
                number(),
                number(),
                optional(() -> new DaySetup.Moment(whole(), number())),
                optional(() -> new DaySetup.Turn(whole(), number(), optional(this::whole))),
                list(this::windows),
                list(this::whole),
                list(this::whole),
                list(this::whole),
                new DaySetup.Worth(whole(), whole()),
                new DaySetup.Recording(number(), number()),
                truth(),
                truth(),
                truth(),
                whole());
    }

    private void gear(Gear gear) {
        put(gear.stand(), gear.spot(), gear.support());
        put(gear.balanced());
        put(gear.lens(), gear.rate(), gear.lamps());
        put(gear.dark());
    }

    private Gear gear() {
        return new Gear(whole(), whole(), whole(), truth(), whole(), whole(), whole(), truth());
    }

    private void windows(Windows windows) {
        list(windows.spans(), this::span);
        put(windows.rigFromMin());
        put(windows.bounded());
    }

    private void span(Windows.Span span) {
        put(span.fromMin(), span.untilMin());
    }

    private Windows.Span span() {
        return new Windows.Span(whole(), whole());
    }

    private Windows windows() {
        return new Windows(list(this::span), whole(), truth());
    }

    private void changes(Changes changes) {
        list(changes.walkMin(), row -> list(row, this::put));
        list(changes.rigMin(), this::put);
        put(changes.newStandMin(), changes.lensMin(), changes.rebalanceMin(), changes.rateMin());
        put(changes.lampsPlacedMin(), changes.lampsSwitchedMin(), changes.rigAgainMin(), changes.anotherActionMin());
    }

    private Changes changes() {
        return new Changes(
                list(() -> list(this::number)),
                list(this::number),
                number(),
                number(),
                number(),
                number(),
                number(),
                number(),
                number(),
                number());
    }

    private void performer(Performer performer) {
        optional(performer.effortMin(), this::put);
        put(performer.restMin());
        put(performer.released());
    }

    private Performer performer() {
        return new Performer(optional(this::number), number(), truth());
    }

    private void rests(Rests rests) {
        put(rests.talkMin(), rests.breakAfterMin(), rests.breakMin());
        put(rests.mealByMin(), rests.mealMin(), rests.mealNotBeforeMin());
        list(rests.mealTimes(), this::span);
    }

    private Rests rests() {
        return new Rests(number(), number(), number(), number(), number(), number(), list(this::span));
    }
}
