package upshot.offload;

import java.io.PrintStream;
import upshot.offload.Progress.Phase;

/** What stands in the terminal: one line that changes; where there is no terminal, a line for every tenth. */
final class Screen {

    private static final int TENTHS = 10;
    private static final int PERCENT = 100;
    private static final int MINUTE_S = 60;

    private final PrintStream out;
    private final boolean terminal;
    private Phase phase;
    private long tenth;

    Screen(PrintStream out, boolean terminal) {
        this.out = out;
        this.terminal = terminal;
    }

    synchronized void stands(Phase now, long done, long all, double leftS) {
        long reached = all == 0 ? TENTHS : done * TENTHS / all;
        if (!terminal && now == phase && reached == tenth) {
            return;
        }
        phase = now;
        tenth = reached;
        String line = "%s %d %% of %s%s"
                .formatted(
                        now == Phase.COPYING ? "Copying" : "Reading everything back",
                        all == 0 ? PERCENT : done * PERCENT / all,
                        Size.of(all),
                        left(leftS));
        out.print(terminal ? "\r" + line + "\u001b[K" : line + "\n");
        out.flush();
    }

    private static String left(double leftS) {
        if (leftS < 0) {
            return "";
        }
        long minutes = Math.round(leftS / MINUTE_S);
        return minutes == 0 ? ", less than a minute left" : ", %d min left".formatted(minutes);
    }

    synchronized void say(String words) {
        out.print((terminal ? "\n" : "") + words.stripTrailing() + "\n");
    }
}
