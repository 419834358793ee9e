package upshot.app.roll;

import java.util.List;
import upshot.app.web.FrameView;
import upshot.core.finding.Wording;
import upshot.core.house.Threshold;
import upshot.core.plan.Move;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.shot.ShotNumbers;
import upshot.core.verdict.Verdict;
import upshot.day.log.LogTable;

/**
 * A shot as a phone takes it along.
 *
 * @param setup its place, −1 for none
 * @param settleS until the clean seconds begin
 * @param cleanS that are planned
 * @param enoughS that a keeper has at least
 * @param tailS rolled after the last clean second
 * @param takes planned
 */
record PhoneShot(
        String id,
        String code,
        String title,
        int setup,
        double settleS,
        double cleanS,
        double enoughS,
        double tailS,
        int takes,
        List<Fact> facts,
        String spoken,
        String svg) {

    /** A figure with its name. */
    record Fact(String name, String value) {}

    /** A shot with its numbers. */
    static PhoneShot of(Verdict verdict, Shot shot, LogTable.Shot numbers) {
        Plan plan = verdict.plan();
        ShotNumbers figures = verdict.numbers().get(shot.id());
        FrameView frame = FrameView.of(verdict, shot);
        return new PhoneShot(
                shot.id().toString(),
                shot.code(),
                "%s, %s".formatted(plan.actionOf(shot).name(), shot.size().label()),
                numbers.setup(),
                numbers.settleS(),
                numbers.cleanS(),
                numbers.enoughS(),
                plan.threshold(Threshold.TAIL),
                shot.takes(),
                List.of(
                        new Fact(
                                "Stand",
                                "%s m, %s, %s"
                                        .formatted(
                                                Wording.number(figures.stand().groundDistanceM(), 1),
                                                Wording.side(shot.bearingDeg()).replace("the ", ""),
                                                figures.stand().height(shot).label())),
                        new Fact(
                                "Lens",
                                "%s mm, f/%s"
                                        .formatted(
                                                Wording.number(shot.focalLengthMm(), 0),
                                                Wording.number(shot.apertureN(), 1))),
                        new Fact(
                                "Frames",
                                "%s, shutter %s".formatted(shot.captureRate().label(), figures.shutter())),
                        new Fact(
                                shot.move() == Move.STILL ? "Support" : "Move",
                                shot.move() == Move.STILL
                                        ? shot.support().label()
                                        : "%s, %s"
                                                .formatted(
                                                        shot.move().label(),
                                                        shot.support().label()))),
                frame.spoken(),
                frame.svg());
    }
}
