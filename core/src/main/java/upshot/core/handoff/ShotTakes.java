package upshot.core.handoff;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import upshot.core.measure.FrameRate;
import upshot.core.measure.Numbers;
import upshot.core.plan.Shot;
import upshot.core.roll.DayLog;
import upshot.core.roll.LogEntry;
import upshot.core.roll.LoggedDay;
import upshot.day.log.LogLine;
import upshot.day.log.LogState;
import upshot.day.log.Take;
import upshot.day.log.What;

/** The takes of a day with their clips. */
public final class ShotTakes {

    private static final double S = 1000;
    /** Nobody presses that late; then a clip was given to a take by hand, against all clocks. */
    private static final double FAR_S = 60;

    private final LoggedDay day;
    private final DayLog log;
    private final LogState state;
    private final Matching matching;
    private final Map<UUID, Clip> clips = new HashMap<>();
    private final Map<UUID, Match> byTake = new HashMap<>();
    private final Map<UUID, List<Kept>> keepers;

    private ShotTakes(LoggedDay day, DayLog log, LogState state, HandOffLog said) {
        this.day = day;
        this.log = log;
        this.state = state;
        said.clips().forEach(clip -> clips.put(clip.id(), clip));
        this.matching = Matching.of(recorded(), said.clips(), said.said());
        matching.matches().forEach(match -> byTake.put(match.takeId(), match));
        this.keepers = allKeepers();
    }

    /**
     * Lays clips beside takes.
     *
     * @param nowMs milliseconds since 1970
     */
    public static ShotTakes of(LoggedDay day, DayLog log, long nowMs, HandOffLog said) {
        return new ShotTakes(day, log, log.state(nowMs), said);
    }

    /** Takes, and clocks that a camera filmed: those have a clip too, and tell when it was. */
    private List<Recorded> recorded() {
        List<Recorded> recorded = new ArrayList<>();
        for (Take take : state.takes()) {
            LogEntry begun = log.entries().get(take.line());
            Optional<LogEntry> clip = take.clipLine() < 0
                    ? Optional.empty()
                    : Optional.of(log.entries().get(take.clipLine()));
            boolean timed = begun.what() != What.ENTERED;
            double lastsS = take.parts().get(0).cleanS();
            if (timed) {
                lastsS = take.rolling() ? -1 : (take.untilMs() - take.fromMs()) / S;
            }
            recorded.add(new Recorded(
                    begun.id(),
                    take.body(),
                    take.fromMs(),
                    lastsS,
                    timed,
                    capture(take),
                    clip.map(LogEntry::words).orElse(""),
                    clip.map(LogEntry::detail).orElse("")));
        }
        List<LogLine> lines = log.lines();
        for (int place = 0; place < lines.size(); place++) {
            LogLine line = lines.get(place);
            if (line.what() == What.CLOCK && line.body() >= 0) {
                UUID id = log.entries().get(place).id();
                recorded.add(new Recorded(
                        id,
                        line.body(),
                        line.atMs(),
                        -1,
                        true,
                        day.plan().brief().rate(),
                        "",
                        ""));
            }
        }
        return recorded;
    }

    private FrameRate capture(Take take) {
        return shot(take.parts().get(0))
                .map(Shot::captureRate)
                .orElse(day.plan().brief().rate());
    }

    /** The shot of a part; none for what was not planned. */
    public Optional<Shot> shot(Take.Part part) {
        return part.shot() < 0 ? Optional.empty() : Optional.of(day.shots().get(part.shot()));
    }

    public LoggedDay day() {
        return day;
    }

    public LogState state() {
        return state;
    }

    public Matching matching() {
        return matching;
    }

    /** The entry that began a take. */
    public LogEntry begun(Take take) {
        return log.entries().get(take.line());
    }

    public Optional<Match> match(Take take) {
        return Optional.ofNullable(byTake.get(begun(take).id()));
    }

    public Optional<Clip> clip(Take take) {
        return match(take).map(match -> clips.get(match.clipId()));
    }

    /**
     * What of a clip is of one shot, and clean.
     *
     * @param capture pictures for a second of the world: a camera that writes a slower rate into the header has more of them
     * @param clean seconds of the world from the clip's beginning, within it
     */
    public record Kept(Take take, Clip clip, Shot shot, FrameRate capture, Span clean) {

        /** The picture at some seconds of the world from the beginning, within the clip. */
        public int frameAt(double worldS) {
            long frame = Math.round(worldS * capture.perSecond());
            return (int) Math.max(0, Math.min(clip.frames() - 1L, frame));
        }
    }

    /** When a clip begins by the server's clock, as its camera's clock says; NaN where that is not known. */
    public double beginsMs(Clip clip) {
        Integer body = matching.bodies().get(clip.card());
        ClipClock clock = body == null ? null : matching.clocks().get(body);
        return clock == null ? Double.NaN : clock.serverMs(clip);
    }

    /** How much later than a take a clip begins, seconds; NaN where that is not known. */
    public double beginsAfterS(Clip clip, Take take) {
        return (beginsMs(clip) - take.fromMs()) / S;
    }

    /** Seconds from one to another. */
    public record Span(double fromS, double untilS) {

        public double lastsS() {
            return untilS - fromS;
        }
    }

    /**
     * The keepers of a shot that have a clip: what somebody kept before what nobody judged, and of these the one with the
     * longest clean stretch first.
     */
    public List<Kept> keepers(Shot shot) {
        return keepers.getOrDefault(shot.id(), List.of());
    }

    /** Every keeper that has a clip. */
    public Stream<Kept> keepers() {
        return keepers.values().stream().flatMap(List::stream);
    }

    private Map<UUID, List<Kept>> allKeepers() {
        Map<UUID, List<Kept>> all = new LinkedHashMap<>();
        for (Take take : state.takes()) {
            for (Take.Part part : take.counts() ? take.parts() : List.<Take.Part>of()) {
                shot(part)
                        .ifPresent(shot -> clip(take)
                                .ifPresent(clip -> all.computeIfAbsent(shot.id(), none -> new ArrayList<>())
                                        .add(kept(take, part, clip, shot))));
            }
        }
        all.values()
                .forEach(kept ->
                        kept.sort(Comparator.comparing((Kept one) -> one.take().kept() == Take.UNSAID)
                                .thenComparing(Comparator.comparingDouble(
                                                (Kept one) -> one.clean().lastsS())
                                        .reversed())));
        return all;
    }

    private Kept kept(Take take, Take.Part part, Clip clip, Shot shot) {
        boolean entered = begun(take).what() == What.ENTERED;
        FrameRate capture = capture(clip, shot, entered ? part.cleanS() : (take.untilMs() - take.fromMs()) / S);
        double lastsS = capture.secondsOf(clip.frames());
        double fromS = entered ? (lastsS - part.cleanS()) / 2 : (part.stretchMs() - beginsMs(take)) / S;
        double untilS = Numbers.clamp(fromS + part.cleanS(), 0, lastsS);
        return new Kept(take, clip, shot, capture, new Span(Numbers.clamp(fromS, 0, untilS), untilS));
    }

    private static FrameRate capture(Clip clip, Shot shot, double tookS) {
        boolean conformed = !clip.rate().equals(shot.captureRate())
                && Math.abs(clip.worldS(shot.captureRate()) - tookS) < Math.abs(clip.lastsS() - tookS);
        return conformed ? shot.captureRate() : clip.rate();
    }

    /** By the camera's clock; where that is far off the take, when somebody pressed. */
    private double beginsMs(Take take) {
        double apartS = byTake.get(begun(take).id()).apartS();
        return take.fromMs() + (Math.abs(apartS) > FAR_S ? 0 : S * apartS);
    }
}
