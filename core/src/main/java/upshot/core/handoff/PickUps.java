package upshot.core.handoff;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import upshot.core.arrange.Tray;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.handoff.ShotTakes.Kept;
import upshot.core.measure.Labelled;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;
import upshot.core.roll.LoggedDay.Stop;
import upshot.core.shot.ShotNumbers;
import upshot.core.time.Playback;
import upshot.core.verdict.Verdict;

/** What is missing from the cut as shot: what could stand in for it, and what to shoot again. */
public final class PickUps {

    private static final int OFFERED = 3;
    private static final int TRIED = 60;
    private static final double MINUTE_S = 60;

    private PickUps() {}

    /**
     * A shot to be made again.
     *
     * @param asked whether somebody put it on the list; else it is missing from the cut
     * @param what "the kiln opens, detail; at the Kiln yard: tripod, 85 mm, 10 s clean"
     * @param minutes it takes, setting up included
     */
    public record PickUp(Shot shot, boolean asked, String what, int minutes) {}

    /**
     * Something that was kept and could stand in for a hole.
     *
     * @param tells what of the story it tells in the place of the hole
     * @param clean whether both joints say nothing
     * @param reason what they say
     */
    public record StandIn(Kept kept, Tells tells, boolean clean, String reason) {}

    /** What a stand-in tells; the nearer to what is missing, the better. */
    public enum Tells implements Labelled {
        SAME_ACTION("of the same action"),
        SAME_BEAT("of the same part of the story"),
        SOMETHING_ELSE("of another part of the story");

        private final String label;

        Tells(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }

        private static Tells of(Plan plan, Shot missing, Shot shown) {
            Action wanted = plan.actionOf(missing);
            Action there = plan.actionOf(shown);
            if (wanted.equals(there)) {
                return SAME_ACTION;
            }
            return wanted.beatId().equals(there.beatId()) ? SAME_BEAT : SOMETHING_ELSE;
        }
    }

    /** Holes and what people put on the list, each once. */
    public static List<PickUp> of(ShotTakes takes, List<UseAsShot> uses, HandOffLog said) {
        Plan plan = takes.day().plan();
        Set<Shot> shots = new LinkedHashSet<>();
        uses.stream()
                .filter(UseAsShot::hole)
                .forEach(use -> shots.add(use.placed().shot()));
        plan.shots().stream().filter(shot -> said.pickUps().contains(shot.id())).forEach(shots::add);
        return shots.stream()
                .map(shot ->
                        new PickUp(shot, said.pickUps().contains(shot.id()), what(plan, shot), minutes(takes, shot)))
                .toList();
    }

    private static String what(Plan plan, Shot shot) {
        Action action = plan.actionOf(shot);
        Spot spot = plan.get(RecordKind.SPOT, action.spotId());
        return "%s, %s; %s: %s, %s mm, %s s clean"
                .formatted(
                        action.name(),
                        shot.size().label(),
                        spot.name(),
                        shot.support().label(),
                        Wording.number(shot.focalLengthMm(), 0),
                        Wording.number(
                                Math.ceil(ShotNumbers.of(plan, shot).hold().cleanS()), 0));
    }

    /** What its setup was planned to take from getting ready to its end; where it had no time, what it takes to roll. */
    private static int minutes(ShotTakes takes, Shot shot) {
        for (Stop stop : takes.day().stops()) {
            if (stop.setup().shots().contains(shot) && stop.slot().isPresent()) {
                var times = stop.slot().get().times();
                return times.end().afterCall() - times.gettingReady().afterCall();
            }
        }
        return (int) Math.ceil(ShotNumbers.of(takes.day().plan(), shot).shotTimeS() / MINUTE_S);
    }

    /**
     * What could stand in for a hole: what breaks no joint first, of that what tells nearest to the same, of that what cuts
     * best.
     *
     * @param asShot the cut judged with what there is
     */
    public static List<StandIn> standIns(Verdict asShot, ShotTakes takes, UseAsShot hole) {
        List<StandIn> found = new ArrayList<>();
        Map<UUID, Boolean> breaks = new HashMap<>();
        int frames = hole.placed().use().frames();
        double step = hole.placed().use().frameStep();
        double screenS = asShot.plan().brief().rate().secondsOf(frames);
        Map<UUID, Kept> longEnough = new HashMap<>();
        takes.keepers()
                .filter(kept -> !kept.shot().id().equals(hole.placed().shot().id()))
                .filter(kept -> kept.clean().lastsS()
                        >= Playback.of(step, asShot.plan().brief().rate(), kept.capture())
                                .realS(screenS))
                .forEach(kept -> longEnough.putIfAbsent(kept.shot().id(), kept));
        List<Shot> shots = asShot.plan().shots().stream()
                .filter(shot -> longEnough.containsKey(shot.id()))
                .toList();
        int place = hole.placed().index();
        for (Tray.Offer offer : Tray.among(shots, asShot, place, true, frames, TRIED)) {
            found.add(new StandIn(
                    longEnough.get(offer.shot().id()),
                    Tells.of(asShot.plan(), hole.placed().shot(), offer.shot()),
                    offer.weight() < Status.WATCH.weight(),
                    offer.reason()));
            breaks.put(offer.shot().id(), offer.weight() >= Status.BREAK.weight());
        }
        return found.stream()
                .sorted(Comparator.comparing(
                                (StandIn one) -> breaks.get(one.kept().shot().id()))
                        .thenComparing(StandIn::tells))
                .limit(OFFERED)
                .toList();
    }
}
