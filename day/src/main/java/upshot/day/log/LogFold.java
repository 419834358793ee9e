package upshot.day.log;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import upshot.day.log.LogState.SetupState;
import upshot.day.log.LogState.ShotState;
import upshot.day.log.LogState.Status;

/** What follows from a log. Lines may come late, doubled or in any order: the same lines give the same state. */
public final class LogFold {

    private static final int MOST_CHECKS = Integer.SIZE - 1;
    /** For so long after "later" a moment may still come. */
    private static final double WAITS_MS = 3_600_000;

    private static final int NEEDED = 0;
    private static final int MAY_GO = 1;
    private static final int TOLD = 2;

    private final LogTable table;
    private final double nowMs;
    private final boolean itsDay;
    private final Takes takes;
    private final Queue queue;
    private final boolean[] read;
    private final int[] checks;
    private final boolean[] letGo;
    private final double[] waitsUntilMs;
    private final int[] consents;
    private final boolean[] told;

    private LogFold(LogTable table, List<LogLine> lines, double nowMs) {
        this.table = table;
        this.itsDay = table.isItsDay(nowMs);
        this.nowMs = itsDay ? nowMs : rolledOn(table, lines) ? Math.min(nowMs, table.overMs()) : 0;
        this.takes = new Takes(table, lines);
        this.queue = new Queue(table);
        this.read = new boolean[table.setups().size()];
        this.checks = new int[table.setups().size()];
        this.letGo = new boolean[table.shots().size()];
        this.waitsUntilMs = new double[table.setups().size()];
        this.consents = new int[table.people()];
        this.told = new boolean[table.people()];
    }

    /**
     * The state.
     *
     * @param lines sorted by their ids, each once
     * @param nowMs milliseconds since 1970; what could not wait until then is lost. More than half a day before and after the
     *     day a plan is only looked at: nothing is late then, and nothing lost unless something was logged on the day
     */
    public static LogState of(LogTable table, List<LogLine> lines, double nowMs) {
        LogFold fold = new LogFold(table, lines, nowMs);
        for (int place : new InTurn(lines).thatCount()) {
            fold.line(lines.get(place), place);
        }
        return fold.state();
    }

    /** Whether the day was shot, and not only rehearsed on another. */
    private static boolean rolledOn(LogTable table, List<LogLine> lines) {
        for (LogLine line : lines) {
            if (line.what().beginsTake() && table.isItsDay(line.atMs())) {
                return true;
            }
        }
        return false;
    }

    private void line(LogLine line, int place) {
        if (line.what().beginsTake()) {
            takes.begin(line, place);
        } else if (line.what().ofAnother()) {
            takes.say(line, place);
        } else if (line.what() == What.ORDER) {
            queue.take(line, place);
        } else if (line.about() >= 0) {
            about(line);
        }
    }

    /** What is said of a shot, of the setup it belongs to, or of a person. */
    private void about(LogLine line) {
        boolean person = line.what() == What.CONSENT || line.what() == What.RELEASED;
        if (person && line.about() < table.people()) {
            consents[line.about()] = line.what() == What.CONSENT ? line.detail() : consents[line.about()];
            told[line.about()] |= line.what() == What.RELEASED;
        }
        int setup = table.setupOf(line.about());
        if (person || setup < 0) {
            return;
        }
        switch (line.what()) {
            case LATER -> {
                waitsUntilMs[setup] = line.atMs() + WAITS_MS;
                queue.later(setup, this::left);
            }
            case LET_GO -> letGo[line.about()] = true;
            case READ -> read[setup] = true;
            case CHECK -> check(line, setup);
            default -> {
                // A clock that was filmed changes nothing of the day.
            }
        }
    }

    private void check(LogLine line, int setup) {
        if (line.detail() >= 0 && line.detail() < MOST_CHECKS) {
            int bit = 1 << line.detail();
            checks[setup] = line.amount() > 0 ? checks[setup] | bit : checks[setup] & ~bit;
        }
    }

    private LogState state() {
        List<ShotState> shots = new ArrayList<>();
        for (int shot = 0; shot < table.shots().size(); shot++) {
            shots.add(shot(shot));
        }
        List<SetupState> setups = new ArrayList<>();
        for (int setup = 0; setup < read.length; setup++) {
            setups.add(new SetupState(read[setup], checks[setup], left(setup)));
        }
        int next = queue.next(this::left);
        return new LogState(
                takes.all(),
                shots,
                setups,
                queue.order(),
                Arrays.stream(consents).boxed().toList(),
                leaving(setups),
                next,
                next < 0 || !itsDay ? 0 : queue.behindMs(next, begun(next), nowMs),
                queue.anew());
    }

    private boolean begun(int setup) {
        for (int shot = 0; shot < table.shots().size(); shot++) {
            if (table.setupOf(shot) == setup && !takes.of(shot).isEmpty()) {
                return true;
            }
        }
        return false;
    }

    /** Whoever is in a setup is needed until it is left. */
    private List<Integer> leaving(List<SetupState> setups) {
        boolean[] seen = new boolean[told.length];
        boolean[] needed = new boolean[told.length];
        for (int setup = 0; setup < setups.size(); setup++) {
            for (int person : table.setups().get(setup).people()) {
                seen[person] = true;
                needed[person] |= !setups.get(setup).left();
            }
        }
        List<Integer> leaving = new ArrayList<>();
        for (int person = 0; person < told.length; person++) {
            leaving.add(told[person] ? TOLD : seen[person] && !needed[person] ? MAY_GO : NEEDED);
        }
        return leaving;
    }

    /** Whether there is nothing more to be done for a setup. */
    private boolean left(int setup) {
        for (int shot = 0; shot < table.shots().size(); shot++) {
            if (table.setupOf(shot) == setup && open(shot)) {
                return false;
            }
        }
        return true;
    }

    private boolean open(int shot) {
        return !letGo[shot] && !lost(shot) && takes.of(shot).stream().noneMatch(Take::counts);
    }

    private boolean lost(int shot) {
        LogTable.Shot planned = table.shots().get(shot);
        double after = planned.lostAfterMs();
        double waits = planned.mayComeLate() && planned.setup() >= 0 ? waitsUntilMs[planned.setup()] : 0;
        return after > 0 && nowMs > Math.max(after, waits);
    }

    private ShotState shot(int shot) {
        int of = 0;
        int keepers = 0;
        double best = 0;
        double banked = 0;
        boolean rolling = false;
        for (Take take : takes.of(shot)) {
            rolling |= take.rolling() && take.shot() == shot;
            for (Take.Part part : take.parts()) {
                if (part.shot() == shot) {
                    of++;
                    keepers += take.counts() ? 1 : 0;
                    best = take.counts() ? Math.max(best, part.cleanS()) : best;
                    banked += take.counts() ? part.cleanS() : 0;
                }
            }
        }
        return new ShotState(status(shot, rolling, keepers, best), of, keepers, best, banked);
    }

    private Status status(int shot, boolean rolling, int keepers, double bestS) {
        if (rolling) {
            return Status.ROLLING;
        }
        if (keepers > 0) {
            return bestS >= table.shots().get(shot).enoughS() ? Status.GOT : Status.SHORT;
        }
        return letGo[shot] ? Status.LET_GO : lost(shot) ? Status.LOST : Status.TO_DO;
    }
}
