package upshot.core.joint;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import upshot.core.cut.Picture;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.ground.Likeness;
import upshot.core.light.SunDay;
import upshot.core.measure.Degrees;
import upshot.core.plan.Action;
import upshot.core.plan.Givens;
import upshot.core.plan.Shot;
import upshot.core.size.SizeClass;

/**
 * Outdoors the light has changed between two neighbours of one spot and beat that show one subject or one view: the sun has moved over 10°, 45 minutes lie
 * between, or 15 while it is low; golden beside not golden is a break. In the dark nothing of that shows. Asked only of shots that have a time in the
 * order of the day, and where the sun of that day is known.
 */
final class LightJump implements DayRule {

    private static final double MOST_ARC_DEG = 10;
    private static final double MOST_MIN = 45;
    private static final double MOST_LOW_MIN = 15;
    private static final double LOW_DEG = 10;
    private static final double GOLDEN_APART_DEG = 3;
    private static final double ONE_VIEW_DEG = 30;

    private record Sun(Optional<SunDay> day) {}

    private record Lit(Instant at, double altitudeDeg, double azimuthDeg) {

        boolean golden() {
            return altitudeDeg >= SunDay.GOLDEN_FROM_DEG && altitudeDeg < SunDay.GOLDEN_TO_DEG;
        }

        double arcDeg(Lit other) {
            return Degrees.acos(Degrees.sin(altitudeDeg) * Degrees.sin(other.altitudeDeg)
                    + Degrees.cos(altitudeDeg)
                            * Degrees.cos(other.altitudeDeg)
                            * Degrees.cos(azimuthDeg - other.azimuthDeg));
        }
    }

    @Override
    public String id() {
        return "light-jump";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "The light has changed",
                "Neighbours of one place are lit alike.",
                "Shadows and colours that jump say that hours lie between.",
                RuleCard.Source.TRADE,
                Bound.of("way of the sun at most", MOST_ARC_DEG, "°"),
                Bound.of("apart at most", MOST_MIN, "min"),
                Bound.of("apart at most while it is low", MOST_LOW_MIN, "min"),
                Bound.of("golden and not golden apart", GOLDEN_APART_DEG, "°"));
    }

    @Override
    public boolean asks(Meeting meeting) {
        Action out = meeting.out().action();
        Action into = meeting.into().action();
        return out.spotId().equals(into.spotId())
                && out.beatId().equals(into.beatId())
                && meeting.spotOf(into).outdoors()
                && comparable(meeting)
                && sun(meeting).isPresent();
    }

    /** Shadows are compared on one subject, or on the ground of two wide pictures that look the same way. */
    private static boolean comparable(Meeting meeting) {
        Shot out = meeting.out().shot();
        Shot into = meeting.into().shot();
        boolean oneView = out.size().sizeClass() == SizeClass.WIDE
                && into.size().sizeClass() == SizeClass.WIDE
                && Likeness.between(meeting, out, into).angleDeg() < ONE_VIEW_DEG;
        return oneView || meeting.subjectOf(out).equals(meeting.subjectOf(into));
    }

    private static Optional<SunDay> sun(Meeting meeting) {
        Givens givens = meeting.givens();
        return givens.remember(Sun.class, () -> new Sun(SunDay.of(givens.brief())))
                .day();
    }

    @Override
    public Optional<Finding> judge(Meeting meeting, int outMin, int intoMin) {
        SunDay sun = sun(meeting).orElseThrow();
        LocalTime call = meeting.brief().callTime();
        Instant start = sun.date().atTime(call).atZone(sun.zone()).toInstant();
        return compare(meeting.out(), meeting.into(), lit(sun, start, outMin), lit(sun, start, intoMin));
    }

    private static Lit lit(SunDay sun, Instant call, int minutes) {
        Instant at = call.plus(Duration.ofMinutes(minutes));
        return new Lit(at, sun.altitudeDeg(at), sun.azimuthDeg(at));
    }

    private Optional<Finding> compare(Picture out, Picture into, Lit one, Lit other) {
        if (one.altitudeDeg < SunDay.BLUE_FROM_DEG && other.altitudeDeg < SunDay.BLUE_FROM_DEG) {
            return Optional.empty();
        }
        double apart = Math.abs(one.altitudeDeg - other.altitudeDeg);
        if (one.golden() != other.golden() && apart >= GOLDEN_APART_DEG) {
            return said(
                    Status.BREAK,
                    out,
                    into,
                    "Golden and not golden.",
                    new Measured(apart, GOLDEN_APART_DEG, Quantity.DEGREES),
                    "The sun stands %s for %s and %s for %s: one is golden and the other is not."
                            .formatted(
                                    Wording.degrees(one.altitudeDeg),
                                    out.shot().code(),
                                    Wording.degrees(other.altitudeDeg),
                                    into.shot().code()));
        }
        double arc = one.arcDeg(other);
        if (arc > MOST_ARC_DEG) {
            return said(
                    Status.WATCH,
                    out,
                    into,
                    "The sun has moved.",
                    new Measured(arc, MOST_ARC_DEG, Quantity.DEGREES),
                    "Between %s and %s the sun moves %s; shadows will not match."
                            .formatted(out.shot().code(), into.shot().code(), Wording.degrees(arc)));
        }
        double minutes = Duration.between(one.at, other.at).abs().toMinutes();
        double most = Math.min(one.altitudeDeg, other.altitudeDeg) < LOW_DEG ? MOST_LOW_MIN : MOST_MIN;
        return minutes <= most
                ? Optional.empty()
                : said(
                        Status.WATCH,
                        out,
                        into,
                        "The light has changed.",
                        new Measured(minutes, most, Quantity.MINUTES),
                        "%s min lie between %s and %s; %s are few enough at this height of the sun."
                                .formatted(
                                        Wording.number(minutes, 0),
                                        out.shot().code(),
                                        into.shot().code(),
                                        Wording.number(most, 0)));
    }

    private Optional<Finding> said(
            Status status, Picture out, Picture into, String title, Measured measured, String why) {
        return Optional.of(
                new Finding(id(), status, List.of(out.use().id(), into.use().id()), title, measured, why, List.of()));
    }
}
