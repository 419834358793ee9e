package upshot.core.shot;

import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Rule;
import upshot.core.finding.Unjudged;
import upshot.core.plan.Around;
import upshot.core.plan.Shot;

/** A rule about one shot alone. */
public interface ShotRule extends Rule {

    /** All rules on shots, in the order in which they are shown. */
    List<ShotRule> ALL = List.of(
            new OutOfReach(),
            new UnderTheCeiling(),
            new TightRoom(),
            new InTheWay(),
            new AtTheWall(),
            new WayOutBlocked(),
            new BlockedSight(),
            new TooClose(),
            new NoSuchRate(),
            new LampFlicker(),
            new TooDark(),
            new PunchedSoft(),
            new QuickCrossing(),
            new MoveSpeed(),
            new ShutterLook(),
            new FocusPull(),
            new LeadRoom(),
            new SafeAreas(),
            new StillSlowed(),
            new NoSuchLight(),
            new TopLight(),
            new OwnShadow(),
            new InTheMirror(),
            new LightInView(),
            new UnevenSteps(),
            new OneMove(),
            new Level(),
            new Outlasts(),
            new SecondTake(),
            new SpeechRate(),
            new LoudPlace(),
            new Backwards(),
            new FilmsAlone(),
            new CleanPlate());

    /** The id of the rule that says when somebody is through a still frame too soon. */
    String QUICK_CROSSING = "quick-crossing";

    /** Rules on where the camera can stand: what a proposed shot has to keep. */
    List<ShotRule> PLACING = List.of(
            new OutOfReach(),
            new UnderTheCeiling(),
            new TightRoom(),
            new InTheWay(),
            new AtTheWall(),
            new WayOutBlocked(),
            new BlockedSight(),
            new TooClose());

    /** What the rule says about a shot; empty where it has nothing to say against it. */
    Optional<Finding> judge(Around plan, Shot shot);

    /** What every rule says against a shot. */
    static List<Finding> judgeAll(Around plan, Shot shot) {
        return plan.remember(Said.class, shot, around -> new Said(judge(ALL, around, shot)))
                .findings();
    }

    /** What is wrong with where a shot wants the camera. */
    static List<Finding> placing(Around plan, Shot shot) {
        return judge(PLACING, plan, shot);
    }

    /** Whether the camera can stand where a shot wants it. */
    static boolean canStand(Around plan, Shot shot) {
        return placing(plan, shot).isEmpty();
    }

    private static List<Finding> judge(List<ShotRule> rules, Around plan, Shot shot) {
        return rules.stream()
                .map(rule -> Unjudged.guarded(rule.id(), List.of(shot.id()), () -> rule.judge(plan, shot)))
                .flatMap(Optional::stream)
                .toList();
    }

    /** What every rule says against a shot, as it is remembered. */
    record Said(List<Finding> findings) {}
}
