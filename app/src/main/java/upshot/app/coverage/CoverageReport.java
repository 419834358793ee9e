package upshot.app.coverage;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;
import java.util.stream.Stream;
import upshot.app.web.FindingView;
import upshot.app.web.FrameView;
import upshot.core.coverage.Hole;
import upshot.core.coverage.Wishes;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.plan.Action;
import upshot.core.plan.Brief;
import upshot.core.plan.Caution;
import upshot.core.plan.Cautions;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.StoryBeat;
import upshot.core.shot.RaisedCautions;
import upshot.core.shot.ShotNumbers;
import upshot.core.verdict.Verdict;

/**
 * All coverage on paper: what is there, what is missing, and what can hurt somebody.
 *
 * @param facts of the job in one line
 * @param cautions all that any shot raises, with who decides
 */
record CoverageReport(
        String name, String facts, String summary, List<BeatPart> beats, List<Caution> cautions, boolean upright) {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM uuuu", Locale.ENGLISH);

    /** A beat with what the edit still wishes of it. */
    record BeatPart(String name, String wishes, List<ActionPart> actions) {}

    /** An action with its holes said in sentences. */
    record ActionPart(String name, String facts, List<String> holes, List<ShotPart> shots) {}

    /**
     * A shot as it is set up.
     *
     * @param lines stand, camera, roll
     */
    record ShotPart(FrameView frame, List<String> lines, List<FindingView> findings, String cautions, String note) {}

    /**
     * @param frame draws a shot for where the report is read
     */
    static CoverageReport of(Verdict verdict, BiFunction<Verdict, Shot, FrameView> frame) {
        Plan plan = verdict.plan();
        Brief brief = plan.brief();
        Cautions cautions =
                plan.shots().stream().map(shot -> RaisedCautions.of(plan, shot)).reduce(Cautions.NONE, Cautions::and);
        long breaks = verdict.shots().values().stream()
                .flatMap(List::stream)
                .filter(finding -> finding.status() == Status.BREAK)
                .count();
        return new CoverageReport(
                brief.name(),
                "%s s, %s, %s fps, %s%s"
                        .formatted(
                                Wording.number(brief.lengthS(), 1),
                                brief.aspect(),
                                brief.rate().label(),
                                plan.house().coverage().label(),
                                brief.shootDate()
                                        .map(date -> ", " + DAY.format(date))
                                        .orElse("")),
                "%s of %s, %s, %s"
                        .formatted(
                                Wording.count(plan.shots().size(), "shot"),
                                Wording.count(plan.actions().size(), "action"),
                                Wording.count(verdict.holes().size(), "open hole"),
                                Wording.count(breaks, "break")),
                plan.beats().stream()
                        .filter(beat -> !plan.actionsOf(beat).isEmpty())
                        .map(beat -> beat(verdict, beat, frame))
                        .toList(),
                cautions.tags(),
                brief.aspect().ratio() < 1);
    }

    private static BeatPart beat(Verdict verdict, StoryBeat beat, BiFunction<Verdict, Shot, FrameView> frame) {
        return new BeatPart(
                beat.name(),
                String.join(
                        ", ",
                        Wishes.of(verdict.plan(), beat).stream()
                                .filter(Wishes.Wish::open)
                                .map(Wishes.Wish::sentence)
                                .toList()),
                verdict.plan().actionsOf(beat).stream()
                        .map(action -> action(verdict, action, frame))
                        .toList());
    }

    private static ActionPart action(Verdict verdict, Action action, BiFunction<Verdict, Shot, FrameView> frame) {
        Plan plan = verdict.plan();
        List<String> facts = new ArrayList<>(
                List.of(plan.subjectOf(action).name(), plan.spotOf(action).name()));
        if (!action.feature()) {
            facts.add(Wording.number(action.durationS(), 1) + " s");
        }
        action.fixedTime().ifPresent(time -> facts.add("at " + time));
        if (action.once()) {
            facts.add("once only");
        }
        return new ActionPart(
                action.name(),
                String.join(", ", facts),
                verdict.holes().stream()
                        .filter(hole -> hole.actionId().equals(action.id()))
                        .map(CoverageReport::said)
                        .distinct()
                        .toList(),
                plan.shotsOf(action).stream()
                        .sorted(Comparator.comparing(shot -> shot.size().sizeClass()))
                        .map(shot -> shot(verdict, shot, frame.apply(verdict, shot)))
                        .toList());
    }

    private static String said(Hole hole) {
        return "No %s. %s".formatted(hole.label(), hole.misses());
    }

    private static ShotPart shot(Verdict verdict, Shot shot, FrameView frame) {
        ShotNumbers numbers = verdict.numbers().get(shot.id());
        String stand = "%s back, %s up, from %s, %s"
                .formatted(
                        Wording.metres(numbers.stand().groundDistanceM()),
                        Wording.metres(shot.cameraHeightM()),
                        Wording.place(shot.bearingDeg()),
                        shot.support().label());
        String camera = "f/%s, %s, ISO %d, %s fps%s"
                .formatted(
                        Wording.number(shot.apertureN(), 1),
                        numbers.shutter(),
                        shot.iso(),
                        shot.captureRate().label(),
                        shot.move().moving() ? ", " + shot.move().label() : "");
        String roll = "keep %s s clean, roll %s s, %d %s, %s"
                .formatted(
                        Wording.number(numbers.hold().cleanS(), 1),
                        Wording.number(numbers.hold().rollS(), 1),
                        shot.takes(),
                        shot.takes() == 1 ? "take" : "takes",
                        shot.priority().label());
        return new ShotPart(
                frame,
                List.of(stand, camera, roll),
                verdict.findingsOf(shot).stream()
                        .filter(finding -> finding.status() != Status.CLEAR)
                        .map(FindingView::of)
                        .toList(),
                Stream.of(RaisedCautions.of(verdict.plan(), shot))
                        .flatMap(cautions -> cautions.tags().stream())
                        .map(caution -> caution.label().toLowerCase(Locale.ROOT))
                        .reduce((one, other) -> one + ", " + other)
                        .orElse(""),
                shot.note());
    }
}
