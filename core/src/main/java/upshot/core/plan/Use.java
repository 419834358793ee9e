package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.present;

import java.util.Optional;
import java.util.UUID;

/**
 * A slice of a shot in the paper cut.
 *
 * @param rank place in the cut
 * @param frames length on the timeline, 1 to 100 000 frames
 * @param frameStep playback relative to frame for frame: 1 shows every captured frame, negative runs backwards,
 *     0 holds one of them as a still; −32 to 32
 * @param inS where in the shot's clean seconds it begins, 0 to 3600 s, or none while that is open
 * @param joinFrames how long the transition into it lasts, 0 to 1000 frames; 0 for a cut
 * @param entry how the joint into this use is meant
 * @param pinned whether it stays where it is when a cut is proposed
 * @param crop what of the picture it shows
 */
public record Use(
        UUID id,
        @Refers(to = "shot") UUID shotId,
        double rank,
        int frames,
        double frameStep,
        Optional<Double> inS,
        int joinFrames,
        Entry entry,
        boolean pinned,
        UseCrop crop)
        implements PlanRecord {

    public Use {
        present("id", id);
        present("shotId", shotId);
        rank = Check.rank(rank);
        frames = Check.whole("frames", "length", frames, 1, 100_000, "frames");
        frameStep = Check.range("frameStep", "playback", frameStep, -32, 32, "");
        if (frameStep != 0 && Math.abs(frameStep) < 0.01) {
            throw new InvalidField(
                    "frameStep", "The playback (%s) is neither 0 for a still nor 0.01 and more.".formatted(frameStep));
        }
        inS = Check.range("inS", "begin", inS, 0, 3600, "s");
        joinFrames = Check.whole("joinFrames", "transition", joinFrames, 0, 1000, "frames");
        chosen("entry", "joint", entry);
    }

    /** A straight cut to a slice that plays every captured frame, wherever in the shot it begins. */
    public static Use cut(UUID id, UUID shotId, double rank, int frames) {
        return new Use(id, shotId, rank, frames, 1, Optional.empty(), 0, Entry.STRAIGHT, false, UseCrop.NONE);
    }

    /** The same use at another playback. */
    public Use played(double step) {
        return step == frameStep ? this : new Use(id, shotId, rank, frames, step, inS, joinFrames, entry, pinned, crop);
    }

    /** How the cut comes into it. */
    public Transition transition() {
        return new Transition(entry, joinFrames);
    }

    /** Whether it holds one picture of the shot. */
    public boolean still() {
        return frameStep == 0;
    }

    /** Whether it runs backwards. */
    public boolean reversed() {
        return frameStep < 0;
    }

    /** Whether another shows the same shot in the same way, for however long and from wherever in it. */
    public boolean samePicture(Use other) {
        return id.equals(other.id)
                && shotId.equals(other.shotId)
                && frameStep == other.frameStep
                && joinFrames == other.joinFrames
                && entry == other.entry
                && crop.equals(other.crop);
    }

    /** The same use with one field changed. */
    public Use with(String field, Object value) {
        return RecordKind.USE.with(this, field, value);
    }

    public Use withFrameStep(double frameStep) {
        return RecordKind.USE.with(this, "frameStep", frameStep);
    }

    public Use withFrames(int frames) {
        return RecordKind.USE.with(this, "frames", frames);
    }

    public Use withEntry(Entry entry) {
        return RecordKind.USE.with(this, "entry", entry);
    }

    public Use withJoinFrames(int joinFrames) {
        return RecordKind.USE.with(this, "joinFrames", joinFrames);
    }

    public Use withRank(double rank) {
        return RecordKind.USE.with(this, "rank", rank);
    }

    public Use withInS(Optional<Double> inS) {
        return RecordKind.USE.with(this, "inS", inS);
    }

    public Use withShotId(UUID shotId) {
        return RecordKind.USE.with(this, "shotId", shotId);
    }

    public Use withCropZoom(double cropZoom) {
        return RecordKind.USE.with(this, crop.withCropZoom(cropZoom));
    }

    public Use withCropAcross(double cropAcross) {
        return RecordKind.USE.with(this, crop.withCropAcross(cropAcross));
    }

    public Use withCropDown(double cropDown) {
        return RecordKind.USE.with(this, crop.withCropDown(cropDown));
    }

    public Use withFlipped(boolean flipped) {
        return RecordKind.USE.with(this, crop.withFlipped(flipped));
    }

    public Use withPinned(boolean pinned) {
        return RecordKind.USE.with(this, "pinned", pinned);
    }

    @Override
    public String label() {
        return "use of " + frames + " frames";
    }
}
