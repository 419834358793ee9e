package upshot.core.handoff;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.handoff.HandOffLog.From;
import upshot.core.handoff.ShotTakes.Kept;
import upshot.core.handoff.ShotTakes.Span;
import upshot.core.handoff.UseAsShot.Lack;
import upshot.core.handoff.UseAsShot.Source;
import upshot.core.house.Threshold;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Plan;
import upshot.core.plan.Use;
import upshot.core.roll.Consents;
import upshot.core.time.Playback;

/**
 * The cut with what was shot: each use has the best keeper's clip, from its clean stretch and a handle in, or what somebody
 * chose. Its length stays what it was, to the frame.
 */
public final class AsShot {

    private static final double ROUNDING = 1e-9;

    private final ShotTakes takes;
    private final HandOffLog said;
    private final Plan plan;
    private final Consents consents;
    private final Map<UUID, Kept> byClip = new HashMap<>();
    private final Map<UUID, Clip> clips = new HashMap<>();
    /** Where the next use of a keeper may begin, seconds of the world. */
    private final Map<Kept, Double> usedUntilS = new HashMap<>();

    private AsShot(ShotTakes takes, HandOffLog said) {
        this.takes = takes;
        this.said = said;
        this.plan = takes.day().plan();
        this.consents = new Consents(takes.day(), takes.state());
        takes.keepers().forEach(kept -> byClip.putIfAbsent(kept.clip().id(), kept));
        said.clips().forEach(clip -> clips.put(clip.id(), clip));
    }

    /** All uses of the cut, in its order. */
    public static List<UseAsShot> of(ShotTakes takes, HandOffLog said) {
        AsShot asShot = new AsShot(takes, said);
        List<UseAsShot> uses = new ArrayList<>();
        for (Placed placed : PaperCut.of(asShot.plan).uses()) {
            uses.add(asShot.use(placed));
        }
        return uses;
    }

    private UseAsShot use(Placed placed) {
        Optional<UseAsShot> chosen =
                Optional.ofNullable(said.chosen().get(placed.use().id())).flatMap(from -> chosen(placed, from));
        if (chosen.isPresent()) {
            return chosen.get();
        }
        List<Kept> keepers = takes.keepers(placed.shot());
        if (keepers.isEmpty()) {
            return new UseAsShot(placed, Optional.empty(), false, Lack.NONE, List.of());
        }
        Kept kept = keepers.get(0);
        return filled(placed, kept, beginS(placed, kept), false);
    }

    /** What a person chose holds as long as its clip is there. */
    private Optional<UseAsShot> chosen(Placed placed, From from) {
        Optional<Clip> clip = Optional.ofNullable(clips.get(from.clipId()));
        return clip.map(one -> keeperOf(one)
                .map(kept -> filled(placed, kept, kept.capture().secondsOf(from.frame()), true))
                .orElseGet(() -> {
                    Source source = source(placed, Optional.empty(), one, from.frame());
                    return new UseAsShot(placed, Optional.of(source), true, Lack.NONE, List.of());
                }));
    }

    private Optional<Kept> keeperOf(Clip clip) {
        return Optional.ofNullable(byClip.get(clip.id()));
    }

    /** A use that says where it begins begins there; the others follow each other, with a handle between them. */
    private double beginS(Placed placed, Kept kept) {
        Span clean = kept.clean();
        double speed = Math.abs(playback(placed.use(), kept.capture()).speed());
        double handleS = speed * plan.threshold(Threshold.HANDLE);
        double needS = speed * plan.brief().rate().secondsOf(placed.use().frames());
        if (placed.use().inS().isPresent()) {
            return clean.fromS() + placed.use().inS().get();
        }
        double first = clean.fromS() + handleS;
        double next = Math.max(first, usedUntilS.getOrDefault(kept, first));
        if (next + needS > clean.untilS()) {
            // In the middle of what there is, so that both sides keep as much as can be.
            next = needS + handleS > clean.lastsS() ? clean.fromS() + (clean.lastsS() - needS) / 2 : first;
        }
        usedUntilS.put(kept, next + needS + handleS);
        return next;
    }

    private UseAsShot filled(Placed placed, Kept kept, double beginS, boolean chosen) {
        Source source = source(placed, Optional.of(kept), kept.clip(), kept.frameAt(beginS));
        double inS = kept.capture().secondsOf(source.inFrame());
        double untilS = kept.capture().secondsOf(source.inFrame() + (long) source.frames());
        double wantingS = kept.capture().secondsOf(needs(placed.use()) - (long) source.frames());
        double worldPerScreen = Math.abs(playback(placed.use(), kept.capture()).speed());
        return new UseAsShot(
                placed,
                Optional.of(source),
                chosen,
                placed.use().still() ? Lack.NONE : lack(kept, inS, untilS + wantingS, worldPerScreen),
                consents.refusedIn(kept.shot()));
    }

    private Lack lack(Kept kept, double inS, double untilS, double worldPerScreen) {
        double frameS = 1 / kept.capture().perSecond();
        double handleS = plan.threshold(Threshold.HANDLE) * worldPerScreen;
        double useS = missing(kept.clean().fromS() - inS, frameS)
                + missing(untilS - kept.clean().untilS(), frameS);
        double before = missing(handleS - Math.max(0, inS - kept.clean().fromS()), frameS);
        double behind = missing(handleS - Math.max(0, kept.clean().untilS() - untilS), frameS);
        return new Lack(useS / worldPerScreen, (before + behind) / worldPerScreen);
    }

    /** Less than a picture is nothing. */
    private static double missing(double seconds, double frameS) {
        return seconds < frameS ? 0 : seconds;
    }

    private Playback playback(Use use, FrameRate capture) {
        return Playback.of(use.frameStep(), plan.brief().rate(), capture);
    }

    /** How many pictures go by; a still is one. */
    private static int needs(Use use) {
        return (int) Math.max(1, Math.ceil(use.frames() * Math.abs(use.frameStep()) - ROUNDING));
    }

    /** Every captured picture that the plan wants seen is seen; what does not fit into the clip begins earlier. */
    private Source source(Placed placed, Optional<Kept> kept, Clip clip, int wantedFrame) {
        Use use = placed.use();
        int frames = Math.min(clip.frames(), needs(use));
        int inFrame = Math.max(0, Math.min(wantedFrame, clip.frames() - frames));
        double speed = use.frameStep() * plan.brief().rate().over(clip.rate());
        return new Source(kept, clip, inFrame, frames, speed);
    }
}
