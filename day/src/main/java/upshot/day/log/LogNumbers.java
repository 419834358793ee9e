package upshot.day.log;

import java.util.ArrayList;
import java.util.List;
import upshot.day.NumberRow;

/** A log and the state of a day as rows of numbers, component after component as the records name them. */
public final class LogNumbers extends NumberRow {

    private LogNumbers(double[] read) {
        super(read);
    }

    /** The numbers of a log: what it is held against, its lines, and the time. */
    public static double[] write(LogTable table, Iterable<LogLine> lines, double nowMs) {
        LogNumbers out = new LogNumbers(new double[0]);
        out.list(
                table.shots(),
                shot -> out.put(
                        shot.setup(),
                        shot.settleS(),
                        shot.reframeS(),
                        shot.needS(),
                        shot.cleanS(),
                        shot.lostAfterMs(),
                        shot.mayComeLate() ? 1 : 0));
        out.list(table.setups(), setup -> {
            out.put(setup.readyMs(), setup.rollMs(), setup.endMs());
            out.list(setup.people(), out::put);
        });
        out.put(table.people(), nowMs);
        lines.forEach(out::line);
        return out.numbers();
    }

    /**
     * The state that follows from such numbers, as numbers: takes, shots, setups, order, consents, who leaves, the next, how late.
     *
     * @throws IllegalArgumentException when they are none
     */
    public static double[] state(double[] log) {
        LogNumbers in = new LogNumbers(log);
        LogTable table = new LogTable(
                in.list(() -> new LogTable.Shot(
                        in.whole(), in.number(), in.number(), in.number(), in.number(), in.number(), in.truth())),
                in.list(() -> new LogTable.Setup(in.number(), in.number(), in.number(), in.list(in::whole))),
                in.whole());
        double nowMs = in.number();
        List<LogLine> lines = new ArrayList<>();
        while (in.more()) {
            lines.add(in.line());
        }
        return write(LogFold.of(table, lines, nowMs));
    }

    private void line(LogLine line) {
        put(line.what().ordinal(), line.atMs(), line.phone(), line.number(), line.of(), line.about(), line.body());
        put(line.detail(), line.amount());
        list(line.turns(), turn -> put(turn.shot(), turn.rollMs(), turn.endMs()));
    }

    private LogLine line() {
        What what = What.at(whole());
        if (what == null) {
            throw new IllegalArgumentException("A line of the log says nothing known.");
        }
        return new LogLine(
                what,
                number(),
                whole(),
                whole(),
                whole(),
                whole(),
                whole(),
                whole(),
                number(),
                list(() -> new LogLine.Turn(whole(), number(), number())));
    }

    private static double[] write(LogState state) {
        LogNumbers out = new LogNumbers(new double[0]);
        out.list(state.takes(), out::take);
        out.list(
                state.shots(),
                shot -> out.put(shot.status().ordinal(), shot.takes(), shot.keepers(), shot.bestS(), shot.bankedS()));
        out.list(state.setups(), setup -> {
            out.put(setup.read());
            out.put(setup.checks());
            out.put(setup.left());
        });
        out.list(state.order(), out::put);
        out.list(state.consents(), out::put);
        out.list(state.leaving(), out::put);
        out.put(state.next(), state.behindMs());
        out.list(state.orders(), out::put);
        return out.numbers();
    }

    private void take(Take take) {
        put(take.line(), take.body(), take.number(), take.fromMs(), take.untilMs(), take.cleanFromMs());
        put(take.kept(), take.reason(), take.namedAction(), take.namedSize(), take.clipLine());
        list(take.parts(), part -> put(part.shot(), part.fromMs(), part.cleanS()));
    }
}
