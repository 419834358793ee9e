package upshot.day.log;

import java.util.ArrayList;
import java.util.List;

/** What one camera recorded in one go. A run that is reframed is one take in several parts. */
public final class Take {

    /** Said of a take by nobody yet. */
    public static final int UNSAID = -1;

    private static final double MS = 1000;

    private final int line;
    private final int body;
    private final int number;
    private final double fromMs;
    private final List<Part> parts = new ArrayList<>();
    private double untilMs = -1;
    private double cleanFromMs;
    private int kept = UNSAID;
    private int reason;
    private int namedAction = -1;
    private int namedSize;
    private int clipLine = -1;

    Take(LogLine line, int place, int number) {
        this.line = place;
        this.body = line.body();
        this.number = number;
        this.fromMs = line.atMs();
    }

    /**
     * A shot in a take.
     *
     * @param shot its place in the table, −1 for what was not planned
     * @param fromMs where it begins
     * @param cleanS its longest uninterrupted stretch
     * @param stretchMs where that stretch begins
     */
    public record Part(int shot, double fromMs, double cleanS, double stretchMs) {}

    void begin(int shot, double atMs, double settleS) {
        cleanFromMs = atMs + settleS * MS;
        parts.add(new Part(shot, atMs, 0, cleanFromMs));
    }

    boolean has(int shot) {
        for (Part part : parts) {
            if (part.shot() == shot) {
                return true;
            }
        }
        return false;
    }

    /** A stretch ends; the next begins where it ended, or where settling is over. */
    void clean(double untilMs) {
        Part part = parts.get(parts.size() - 1);
        double seconds = Math.max(0, untilMs - cleanFromMs) / MS;
        if (seconds > part.cleanS()) {
            parts.set(parts.size() - 1, new Part(part.shot(), part.fromMs(), seconds, cleanFromMs));
        }
        cleanFromMs = Math.max(cleanFromMs, untilMs);
    }

    void stop(double atMs) {
        clean(atMs);
        untilMs = Math.max(fromMs, atMs);
    }

    void entered(double seconds) {
        Part part = parts.get(0);
        parts.set(0, new Part(part.shot(), part.fromMs(), Math.max(0, seconds), part.fromMs()));
        untilMs = fromMs;
        kept = 1;
    }

    void judged(boolean keeper, int why) {
        kept = keeper ? 1 : 0;
        reason = keeper ? 0 : why;
    }

    void named(int action, int size) {
        namedAction = action;
        namedSize = size;
    }

    void clip(int place) {
        clipLine = place;
    }

    /** The place of the line that began it. */
    public int line() {
        return line;
    }

    /** The place of its camera, −1 where nobody said. */
    public int body() {
        return body;
    }

    /** 1 for the first of its shot. */
    public int number() {
        return number;
    }

    public double fromMs() {
        return fromMs;
    }

    /** When it was stopped; below 0 while it rolls. */
    public double untilMs() {
        return untilMs;
    }

    public boolean rolling() {
        return untilMs < 0;
    }

    /** From when on the present stretch is clean. */
    public double cleanFromMs() {
        return cleanFromMs;
    }

    public List<Part> parts() {
        return List.copyOf(parts);
    }

    /** The shot that it is on now, or was on last. */
    public int shot() {
        return parts.get(parts.size() - 1).shot();
    }

    /** 1 for a keeper, 0 for none, {@link #UNSAID} while nobody has said. */
    public int kept() {
        return kept;
    }

    /** Whether it counts: what nobody has judged is not thrown away. */
    public boolean counts() {
        return !rolling() && kept != 0;
    }

    /** Which reason there is to take it again, 0 for none. */
    public int reason() {
        return reason;
    }

    /** The action that an extra was given, −1 for none. */
    public int namedAction() {
        return namedAction;
    }

    public int namedSize() {
        return namedSize;
    }

    /** The place of the line that says its clip and card, −1 for none. */
    public int clipLine() {
        return clipLine;
    }
}
