package upshot.exchange.handoff;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.handoff.HandOffLog;
import upshot.core.handoff.JudgedAsShot;
import upshot.core.handoff.ShotTakes;
import upshot.core.handoff.ShotTakes.Kept;
import upshot.core.handoff.UseAsShot;
import upshot.core.handoff.UseAsShot.Source;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Brief;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.verdict.Verdict;

/**
 * Everything that is handed over.
 *
 * @param planned as the plan was made
 * @param takes with their clips
 * @param said at the hand-off
 * @param judged the cut as shot
 */
public record Handed(Verdict planned, ShotTakes takes, HandOffLog said, JudgedAsShot judged) {

    /** Where clips lie, seen from the package: a folder of that name beside it, or one that the editor makes. */
    static final String MEDIA = "media";

    Plan plan() {
        return planned.plan();
    }

    Brief brief() {
        return planned.plan().brief();
    }

    FrameRate rate() {
        return brief().rate();
    }

    List<UseAsShot> uses() {
        return judged.uses();
    }

    /** How much of a use its clip fills, in frames of the cut; what is left of it is empty. */
    static int filled(UseAsShot use) {
        int all = use.placed().use().frames();
        if (use.source().isEmpty()) {
            return 0;
        }
        double step = Math.abs(use.placed().use().frameStep());
        return step == 0
                ? all
                : (int) Math.min(all, Math.floor(use.source().get().frames() / step + 1e-9));
    }

    /** Other keepers of the shot that a use shows, the best first. */
    List<Kept> alternates(UseAsShot use) {
        Shot shown = plan().shots().stream()
                .filter(shot -> shot.id().equals(use.shown().id()))
                .findFirst()
                .orElseThrow();
        return takes.keepers(shown).stream()
                .filter(kept -> use.source()
                        .map(Source::clip)
                        .filter(kept.clip()::equals)
                        .isEmpty())
                .toList();
    }

    /** What is said of a use and of the joint into it, as far as it is not clear. */
    List<Finding> findings(int use) {
        List<Finding> joint = use == 0 ? List.of() : judged.verdict().joints().get(use - 1);
        return Stream.concat(judged.ofUses().get(use).stream(), joint.stream())
                .filter(finding -> finding.status() != Status.CLEAR)
                .toList();
    }

    /** A path of a clip's file in the package's media folder. */
    static String mediaPath(String card, String file) {
        return MEDIA + "/" + card + "/" + file;
    }

    Map<UUID, String> names() {
        return RenameList.names(this);
    }
}
