package upshot.day;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;

/**
 * A problem and an order as a row of numbers, for whoever has nothing else in common: component after component as the
 * records name them, a list as its length and its members, something optional as 0 or 1 and itself, a truth as 0 or 1.
 */
public final class DayNumbers {

    private final List<Double> written = new ArrayList<>();
    private final double[] read;
    private int at;

    private DayNumbers(double[] read) {
        this.read = read;
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
        DayProblem problem = new DayProblem(
                in.list(in::crew),
                in.list(in::setup),
                in.changes(),
                in.list(in::performer),
                in.rests(),
                in.number(),
                in.number(),
                in.number());
        if (in.at != numbers.length) {
            throw new IllegalArgumentException("More numbers follow after the end of the problem.");
        }
        return problem;
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

    private double[] numbers() {
        double[] numbers = new double[written.size()];
        for (int i = 0; i < numbers.length; i++) {
            numbers[i] = written.get(i);
        }
        return numbers;
    }

    private void put(double... numbers) {
        for (double number : numbers) {
            written.add(number);
        }
    }

    private void put(boolean truth) {
        put(truth ? 1 : 0);
    }

    private <T> void list(List<T> all, Consumer<T> each) {
        put(all.size());
        all.forEach(each);
    }

    private <T> void optional(Optional<T> one, Consumer<T> itself) {
        put(one.isPresent());
        one.ifPresent(itself);
    }

    private double number() {
        if (at == read.length) {
            throw new IllegalArgumentException("The problem ends too early.");
        }
        return read[at++];
    }

    private int whole() {
        return (int) number();
    }

    private boolean truth() {
        return number() != 0;
    }

    private <T> List<T> list(Supplier<T> each) {
        int size = whole();
        if (size < 0 || size > read.length - at) {
            throw new IllegalArgumentException("The problem ends too early.");
        }
        List<T> all = new ArrayList<>(size);
        for (int i = 0; i < size; i++) {
            all.add(each.get());
        }
        return all;
    }

    private <T> Optional<T> optional(Supplier<T> itself) {
        return truth() ? Optional.of(itself.get()) : Optional.empty();
    }

    private void crew(DayCrew crew) {
        put(crew.callMin(), crew.wrapMin());
        put(crew.laterDay());
        put(crew.cameras());
        optional(crew.standing(), standing -> {
            put(standing.freeMin(), standing.last());
            list(standing.done(), this::put);
        });
    }

    private DayCrew crew() {
        return new DayCrew(
                whole(),
                whole(),
                truth(),
                whole(),
                optional(() -> new DayCrew.Standing(whole(), whole(), list(this::whole))));
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
