package upshot.core.shot;

import upshot.core.plan.Around;
import upshot.core.plan.Body;
import upshot.core.plan.Card;
import upshot.core.plan.Mode;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;

/**
 * What a shot costs in card and battery: bit rate/8 × roll × takes megabytes, × c/b where the mode's bit rate grows with
 * the frame rate.
 *
 * @param mode in which the first body records it; its first mode where none has the rate
 * @param recordsRate whether the body has a mode for the rate at all
 * @param megabytes all takes
 * @param copyMin minutes to copy them at the reader's speed, 0 where the kit names no cards
 * @param batteryShare part of one battery, 1 for a whole one
 * @param largestPunchIn what can be cut out of the recorded picture before it is softer than delivered
 */
public record Recording(
        Mode mode, boolean recordsRate, double megabytes, double copyMin, double batteryShare, double largestPunchIn) {

    public static Recording of(Around plan, Shot shot) {
        Body body = plan.bodies().get(0);
        Mode mode = plan.modeFor(body, shot.captureRate())
                .orElseGet(() -> plan.modesOf(body).get(0));
        double rollS = ShotNumbers.of(plan, shot).hold().rollS() * shot.takes();
        double scale = mode.bitRateScales()
                ? Math.max(1, shot.captureRate().over(plan.brief().rate()))
                : 1;
        double megabytes = mode.bitRateMbps() / 8 * rollS * scale;
        double readerMbS = plan.list(RecordKind.CARD).stream()
                .mapToDouble(Card::copyMegabytesPerS)
                .max()
                .orElse(0);
        return new Recording(
                mode,
                mode.records(shot.captureRate()),
                megabytes,
                readerMbS > 0 ? megabytes / readerMbS / 60 : 0,
                rollS / 60 / body.batteryMin(),
                largestPunchIn(plan, mode.heldBy(body)));
    }

    /** min(recorded width/delivered width, recorded height/delivered height), in the leading shape. */
    private static double largestPunchIn(Around plan, Mode mode) {
        double ratio = plan.brief().aspect().ratio();
        double longSide = plan.brief().longSidePx();
        double width = ratio >= 1 ? longSide : longSide * ratio;
        double height = ratio >= 1 ? longSide / ratio : longSide;
        return Math.min(mode.widthPx() / width, mode.heightPx() / height);
    }
}
