package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.present;

import java.util.UUID;

/**
 * A slice of a shot in the paper cut.
 *
 * @param rank place in the cut
 * @param frames length on the timeline, 1 to 100 000 frames
 * @param frameStep playback relative to frame for frame: 1 shows every captured frame, negative runs backwards;
 *     −32 to 32, not 0
 * @param entry how the joint into this use is meant
 */
public record Use(UUID id, @Refers(to = "shot") UUID shotId, double rank, int frames, double frameStep, Entry entry)
        implements PlanRecord {

    public Use {
        present("id", id);
        present("shotId", shotId);
        rank = Check.rank(rank);
        frames = Check.whole("frames", "length", frames, 1, 100_000, "frames");
        frameStep = Check.range("frameStep", "playback", frameStep, -32, 32, "");
        if (Math.abs(frameStep) < 0.01) {
            throw new InvalidField("frameStep", "The playback (%s) stands still.".formatted(frameStep));
        }
        chosen("entry", "joint", entry);
    }

    @Override
    public String label() {
        return "use of " + frames + " frames";
    }
}
