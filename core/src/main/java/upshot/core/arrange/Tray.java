package upshot.core.arrange;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.cut.Picture;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.joint.JointRules;
import upshot.core.order.Rolls;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;
import upshot.core.verdict.Verdict;

/**
 * Every shot, best first: by the joints that a use of it would make at a place of the cut; among equals what the cut does
 * not show yet and what belongs to the beat there.
 */
public final class Tray {

    private static final UUID NOBODY = new UUID(0x4000L, 0x8000_0000_0000_0000L);

    private Tray() {}

    /**
     * A shot that could go there.
     *
     * @param weight of the findings on both joints, see {@link Status#weight()}
     * @param reason why it stands where it does in the tray
     * @param used how often the cut shows it already
     */
    public record Offer(Shot shot, int weight, String reason, int used) {}

    /**
     * @param index where the new use would stand, 0 for the front, the number of uses for the end
     * @param instead whether it takes the place of the use that stands there
     * @param frames how long it would be
     * @param most how many shots are tried, those of the place's own beat that the cut does not show yet before others
     */
    public static List<Offer> at(Verdict verdict, int index, boolean instead, int frames, int most) {
        return among(verdict.plan().shots(), verdict, index, instead, frames, most);
    }

    /**
     * The same of some shots of the plan.
     *
     * @param shots which
     */
    public static List<Offer> among(
            List<Shot> shots, Verdict verdict, int index, boolean instead, int frames, int most) {
        PaperCut cut = verdict.cut();
        Plan plan = verdict.plan();
        Rolls rolls = Rolls.of(verdict.day());
        List<Placed> before = cut.uses().subList(0, index);
        List<Placed> behind =
                cut.uses().subList(instead ? index + 1 : index, cut.uses().size());
        UUID beat = neighbour(before, behind);
        return shots.stream()
                .sorted(Comparator.comparingInt(shot ->
                        (inBeat(plan, shot, beat) ? 0 : 1) + (plan.usesOf(shot).isEmpty() ? 0 : 2)))
                .limit(most)
                .map(shot -> offer(plan, rolls, before, behind, shot, frames))
                .sorted(Comparator.comparingInt(Offer::weight)
                        .thenComparingInt(Offer::used)
                        .thenComparing(offer -> !inBeat(plan, offer.shot(), beat)))
                .toList();
    }

    private static UUID neighbour(List<Placed> before, List<Placed> behind) {
        return before.isEmpty()
                ? behind.isEmpty() ? NOBODY : behind.get(0).action().beatId()
                : before.get(before.size() - 1).action().beatId();
    }

    private static boolean inBeat(Plan plan, Shot shot, UUID beat) {
        return plan.actionOf(shot).beatId().equals(beat);
    }

    private static Offer offer(
            Plan plan, Rolls rolls, List<Placed> before, List<Placed> behind, Shot shot, int frames) {
        List<Placed> placed = new ArrayList<>(before);
        placed.add(new Placed(
                before.size(),
                new Picture(Use.cut(NOBODY, shot.id(), 0, frames), plan.view(shot)),
                before.isEmpty() ? 0 : last(before).endFrame()));
        behind.stream()
                .limit(1)
                .forEach(next -> placed.add(
                        new Placed(placed.size(), next.picture(), last(placed).endFrame())));
        PaperCut tried =
                new PaperCut(plan, placed, placed.get(placed.size() - 1).endFrame());
        List<String> reasons = new ArrayList<>();
        int weight = 0;
        for (int joint = Math.max(0, before.size() - 1); joint < tried.joints(); joint++) {
            for (Finding finding : JointRules.judge(tried, joint, rolls)) {
                weight += finding.status().weight();
                if (finding.status() != Status.CLEAR) {
                    boolean into = joint == before.size() - 1;
                    String other = into
                            ? last(before).shot().code()
                            : behind.get(0).shot().code();
                    reasons.add("%s %s %s".formatted(title(finding), into ? "after" : "before", other));
                }
            }
        }
        int used = plan.usesOf(shot).size();
        String clean = tried.joints() == 0 ? "Nothing to join it to yet" : "Cuts clean";
        String reason = reasons.isEmpty() ? clean : String.join("; ", reasons);
        return new Offer(shot, weight, reason, used);
    }

    private static String title(Finding finding) {
        return finding.title().replaceFirst("[.?]$", "");
    }

    private static Placed last(List<Placed> placed) {
        return placed.get(placed.size() - 1);
    }
}
