package upshot.core.arrange;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.NavigableSet;
import java.util.Set;
import java.util.UUID;
import upshot.core.cut.BeatSeconds;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Finding;
import upshot.core.house.PaceSchool;
import upshot.core.house.TellingSchool;
import upshot.core.joint.JointRules;
import upshot.core.order.Rolls;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.plan.Priority;
import upshot.core.plan.StoryBeat;
import upshot.core.size.SizeClass;
import upshot.core.time.BeatGrid;
import upshot.core.verdict.Verdict;
import upshot.core.whole.WholeRule;

/** How good a lineup is: the findings against it first, then what a practised editor would like better; less is better. */
final class Weighing {

    private static final double OVER_THE_STORY = 3;
    private static final double UNSEEN = 4;
    private static final double UNSEEN_FEATURE = 0.7;
    private static final double SEEN_AGAIN = 0.7;
    private static final double NOT_A_MUST = 0.05;
    private static final double OFF_THE_BEAT = 0.04;
    private static final double SECOND_BESIDE_TARGET = 0.25;
    private static final double SECOND_BESIDE_PACE = 0.3;
    private static final double PACE_PLAY_S = 0.4;
    private static final double SAME_CLASS = 0.05;
    private static final double LONGER_THAN_IT_LASTS = 1;
    private static final double WRONG_END = 1;
    private static final double BACK_IN_THE_STORY = 0.5;
    private static final double OPENS_CLOSE = 0.5;
    private static final double OFF_THE_BAR = 0.8;
    private static final double OPENS_OTHERWISE = 0.3;
    private static final double ONE_OF_SEVERAL = 0.6;
    private static final double PARTS_A_RUN = 0.6;

    private final Plan plan;
    private final Rolls rolls;
    private final BeatGrid beats;
    private final Map<UUID, Double> targetS;
    private final Map<Meeting, Integer> meetings = new HashMap<>();
    private final Map<UUID, Integer> places = new HashMap<>();
    private final int storyFindings;
    private final Manner manner;
    private final NavigableSet<Long> bars;
    private final double paceScale;

    /** What the rules look at that judge two uses alone. */
    private record Meeting(UUID out, UUID into, int outFrames, int intoFrames, double outStep, double intoStep) {}

    /**
     * @param manner what the cut is to be good at
     * @param story the cut in story order: more findings than it has are not wanted for anything
     */
    Weighing(Verdict verdict, Lineup story, Manner manner) {
        this.plan = verdict.plan();
        this.manner = manner;
        this.bars = BeatGrid.bars(plan, plan.brief().lengthFrames());
        this.paceScale = manner.pace() * plan.house().pace().pictureS() / PaceSchool.USUAL.pictureS();
        this.rolls = Rolls.of(verdict.day());
        this.beats = BeatGrid.of(plan, BeatGrid.Step.BEAT, plan.brief().lengthFrames());
        this.targetS = BeatSeconds.of(plan);
        plan.beats().forEach(beat -> places.put(beat.id(), places.size()));
        this.storyFindings = findings(story, story.cut(plan));
    }

    double of(Lineup lineup) {
        PaperCut cut = lineup.cut(plan);
        int findings = findings(lineup, cut);
        return findings + OVER_THE_STORY * Math.max(0, findings - storyFindings) + disliked(cut);
    }

    /** The weighted findings alone. */
    int findings(Lineup lineup, PaperCut cut) {
        int weight = weigh(WholeRule.judgeAll(cut));
        for (int joint = 0; joint < cut.joints(); joint++) {
            weight += meeting(lineup, cut, joint) + weigh(JointRules.judgeBeyond(cut, joint, rolls));
        }
        return weight;
    }

    /** A pinned use may come with a transition of its own, so that what was said of its meetings is not remembered. */
    private int meeting(Lineup lineup, PaperCut cut, int joint) {
        LineupUse out = lineup.slots().get(joint);
        LineupUse into = lineup.slots().get(joint + 1);
        if (!out.free() || !into.free()) {
            return weigh(JointRules.judgeMeeting(cut, joint));
        }
        Meeting key = new Meeting(
                out.shot().id(), into.shot().id(), out.frames(), into.frames(), out.frameStep(), into.frameStep());
        return meetings.computeIfAbsent(key, unknown -> weigh(JointRules.judgeMeeting(cut, joint)));
    }

    private static int weigh(List<Finding> findings) {
        return findings.stream().mapToInt(finding -> finding.status().weight()).sum();
    }

    private double disliked(PaperCut cut) {
        Set<UUID> seen = new HashSet<>();
        Set<UUID> actions = new HashSet<>();
        Map<UUID, Long> framesByBeat = new HashMap<>();
        double dislike = ends(cut) + (plan.house().telling() == TellingSchool.SEQUENCES ? runs(cut) : 0);
        SizeClass before = null;
        int told = 0;
        for (Placed placed : cut.uses()) {
            SizeClass now = placed.shot().size().sizeClass();
            dislike += seen.add(placed.shot().id()) ? 0 : SEEN_AGAIN;
            dislike += placed.shot().priority() == Priority.MUST ? 0 : NOT_A_MUST;
            dislike += beats.frames().contains(placed.startFrame()) ? 0 : OFF_THE_BEAT;
            dislike += now == before ? SAME_CLASS : 0;
            dislike += pace(cut, placed, now);
            before = now;
            int beat = places.get(placed.action().beatId());
            dislike += beat < told && !placed.action().feature() ? BACK_IN_THE_STORY : 0;
            told = Math.max(told, beat);
            actions.add(placed.action().id());
            framesByBeat.merge(placed.action().beatId(), (long) placed.use().frames(), Long::sum);
        }
        return dislike + unseen(actions) + besideTargets(framesByBeat);
    }

    /** Runs open as the manner wants, hold more than one picture where there are more, and begin on bars. */
    private double runs(PaperCut cut) {
        double dislike = 0;
        List<Placed> uses = cut.uses();
        for (int i = 0; i < uses.size(); i++) {
            Placed placed = uses.get(i);
            boolean begins = i == 0 || !placed.action().equals(uses.get(i - 1).action());
            boolean ends = i + 1 == uses.size()
                    || !placed.action().equals(uses.get(i + 1).action());
            if (begins && i > 0) {
                dislike += bars.isEmpty() || bars.contains(placed.startFrame()) ? 0 : OFF_THE_BAR;
                dislike += placed.action().feature() || placed.shot().size().sizeClass() == manner.opens()
                        ? 0
                        : OPENS_OTHERWISE;
            }
            boolean more = plan.shotsOf(placed.action()).size() > 1;
            dislike += begins && ends && more && !placed.action().feature() ? ONE_OF_SEVERAL : 0;
            dislike += placed.action().feature()
                            && i > 0
                            && i + 1 < uses.size()
                            && uses.get(i - 1).action().equals(uses.get(i + 1).action())
                    ? PARTS_A_RUN
                    : 0;
        }
        return dislike;
    }

    /** Wide pictures want time to be read, details are understood at once; nothing lasts longer than its action. */
    private double pace(PaperCut cut, Placed placed, SizeClass sizeClass) {
        double seconds = plan.brief().rate().secondsOf(placed.use().frames());
        double wanted = paceScale
                * switch (sizeClass) {
                    case WIDE -> 2.25;
                    case MID -> 1.6;
                    case DETAIL -> 1.2;
                };
        Action action = placed.action();
        boolean outlasts = action.once() && placed.picture().realS() > action.durationS();
        double beside = Math.max(0, Math.abs(seconds - wanted) - PACE_PLAY_S);
        return beside * SECOND_BESIDE_PACE + (outlasts ? LONGER_THAN_IT_LASTS : 0);
    }

    /** It opens wide in the story's first beat and closes in its last. */
    private double ends(PaperCut cut) {
        Placed first = cut.uses().get(0);
        Placed last = cut.uses().get(cut.uses().size() - 1);
        List<StoryBeat> story = plan.beats().stream()
                .filter(beat -> targetS.getOrDefault(beat.id(), 0.0) > 0)
                .toList();
        if (story.isEmpty()) {
            return 0;
        }
        boolean begins = first.action().beatId().equals(story.get(0).id());
        boolean ends = last.action().beatId().equals(story.get(story.size() - 1).id());
        boolean wide = first.shot().size().sizeClass() == SizeClass.WIDE;
        return (begins ? 0 : WRONG_END) + (ends ? 0 : WRONG_END) + (wide ? 0 : OPENS_CLOSE);
    }

    private double unseen(Set<UUID> seenActions) {
        return plan.actions().stream()
                .filter(action -> !seenActions.contains(action.id())
                        && !plan.shotsOf(action).isEmpty())
                .mapToDouble(action -> action.feature() ? UNSEEN_FEATURE : UNSEEN)
                .sum();
    }

    private double besideTargets(Map<UUID, Long> framesByBeat) {
        double beside = 0;
        for (StoryBeat beat : plan.beats()) {
            double has = plan.brief().rate().secondsOf(framesByBeat.getOrDefault(beat.id(), 0L));
            beside += Math.abs(has - targetS.getOrDefault(beat.id(), 0.0));
        }
        return beside * SECOND_BESIDE_TARGET;
    }
}
