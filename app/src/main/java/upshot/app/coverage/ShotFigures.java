package upshot.app.coverage;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import upshot.core.finding.Wording;
import upshot.core.ground.Stand;
import upshot.core.optics.Separation;
import upshot.core.plan.Action;
import upshot.core.plan.Line;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;
import upshot.core.shot.Moving;
import upshot.core.shot.Recording;
import upshot.core.shot.Room;
import upshot.core.shot.ShotNumbers;
import upshot.core.time.Motion;

/** The figures of a shot, in groups, each with the formula and the inputs that it comes from. */
final class ShotFigures {

    /**
     * @param title what the figures are about
     */
    record Group(String title, List<Figure> figures) {}

    /**
     * A computed figure.
     *
     * @param how the formula with its inputs; empty where there is nothing to explain
     */
    record Figure(String label, String value, String how) {}

    private static final Set<String> FIRST = Set.of("Distance", "Frame", "Keep clean", "Roll");

    private final Plan plan;
    private final Shot shot;
    private final Action action;
    private final Spot spot;
    private final ShotNumbers numbers;
    private final Stand stand;

    private ShotFigures(Plan plan, Shot shot, ShotNumbers numbers) {
        this.plan = plan;
        this.shot = shot;
        this.action = plan.actionOf(shot);
        this.spot = plan.spotOf(action);
        this.numbers = numbers;
        this.stand = numbers.stand();
    }

    static List<Group> of(Plan plan, Shot shot, ShotNumbers numbers) {
        ShotFigures figures = new ShotFigures(plan, shot, numbers);
        return List.of(
                new Group("Stand", figures.stand()),
                new Group("Camera", figures.camera()),
                new Group("Light", LightFigures.of(plan, shot)),
                new Group("Roll", figures.roll()));
    }

    /** What an operator asks first: where to stand, and how long to roll. */
    static List<Figure> first(Plan plan, Shot shot, ShotNumbers numbers) {
        ShotFigures figures = new ShotFigures(plan, shot, numbers);
        return Stream.concat(figures.stand().stream(), figures.roll().stream())
                .filter(figure -> FIRST.contains(figure.label()))
                .toList();
    }

    private List<Figure> stand() {
        List<Figure> figures = new ArrayList<>();
        double focal = shot.focalLengthMm();
        figures.add(new Figure(
                "Distance",
                "%s back, %s up"
                        .formatted(Wording.metres(stand.groundDistanceM()), Wording.metres(shot.cameraHeightM())),
                shot.dioptrePerM() > 0
                        ? "1/(x + P) through +%s, x the lens's own setting"
                                .formatted(Wording.number(shot.dioptrePerM(), 1))
                        : "d = f(F/s_h + 1) = %s mm × (%s/%s mm + 1) = %s to the aim; along the floor d·cos of the tilt"
                                .formatted(
                                        Wording.number(focal, 1),
                                        Wording.metres(stand.framing().heightM() * shot.punchIn()),
                                        Wording.number(stand.sensor().heightMm(), 1),
                                        Wording.metres(stand.distanceM()))));
        figures.add(new Figure(
                "Looks",
                looks(stand.elevationDeg()),
                "asin((camera %s − aim %s)/%s)"
                        .formatted(
                                Wording.metres(shot.cameraHeightM()),
                                Wording.metres(stand.framing().aimM()),
                                Wording.metres(stand.distanceM()))));
        figures.add(new Figure(
                "Room",
                "%s of %s"
                        .formatted(
                                Wording.metres(stand.groundDistanceM()), Wording.metres(Room.onThatSideM(plan, shot))),
                "what %s gives to stand back".formatted(spot.name())));
        figures.add(new Figure(
                "Frame",
                "%s high at the subject"
                        .formatted(Wording.metres(stand.framing().heightM())),
                "%s of %s".formatted(shot.size().label(), plan.subjectOf(shot).name())));
        if (action.line() != Line.NONE) {
            figures.add(new Figure(
                    "Travel",
                    Stand.travel(plan, shot, false).label(),
                    "the sign of sin of the bearing, %s".formatted(Wording.degrees(shot.bearingDeg()))));
        }
        return figures;
    }

    private List<Figure> camera() {
        List<Figure> figures = new ArrayList<>();
        double focal = shot.focalLengthMm();
        figures.add(new Figure(
                "Lens",
                "%s mm, %s across, %s mm full frame"
                        .formatted(
                                Wording.number(focal, 0),
                                Wording.degrees(stand.sensor().fieldOfViewDeg(focal)),
                                Wording.number(stand.sensor().fullFrameEquivalentMm(focal), 0)),
                "2·atan(s_w/2f) and f × 36/s_w with s_w %s mm"
                        .formatted(Wording.number(stand.sensor().widthMm(), 1))));
        figures.add(new Figure(
                "Sharp",
                sharp(),
                "H = f²/(N·coc) + f = %s, coc %s mm"
                        .formatted(
                                Wording.metres(numbers.depth().hyperfocalM()),
                                Wording.number(stand.sensor().cocMm(), 4))));
        figures.add(background());
        figures.add(shutter());
        moves(figures);
        return figures;
    }

    private Figure background() {
        double blur = numbers.blurPercent();
        String word = Separation.Look.of(blur).label();
        Separation separation =
                Separation.of(stand.sensor(), shot.focalLengthMm(), shot.apertureN(), stand.distanceM());
        String how = separation.reachable()
                ? "f²/(N(d−f))·|D−d|/D of the long side; 1 %% from %s off the background on"
                        .formatted(Wording.metres(separation.backgroundM() - stand.distanceM()))
                : "at most %s %% through this lens: longer, wider open or tighter for more"
                        .formatted(Wording.number(separation.kappa(), 2));
        return new Figure("Background", "%s %% blur, %s".formatted(Wording.number(blur, 2), word), how);
    }

    private Figure shutter() {
        double angle = numbers.shutter().angleDeg(shot.captureRate());
        return new Figure(
                "Shutter",
                "%s, %s".formatted(numbers.shutter(), Wording.degrees(angle)),
                shot.shutterPerS().isPresent()
                        ? "chosen on this shot"
                        : "%s, the nearest mark at %s frames"
                                .formatted(
                                        plan.house().shutter().label(),
                                        shot.captureRate().label()));
    }

    private String sharp() {
        String near = Wording.metres(numbers.depth().nearM());
        String stop = "f/" + Wording.number(shot.apertureN(), 1);
        return Double.isInfinite(numbers.depth().farM())
                ? "%s to the horizon at %s".formatted(near, stop)
                : "%s to %s at %s"
                        .formatted(near, Wording.metres(numbers.depth().farM()), stop);
    }

    private void moves(List<Figure> figures) {
        Moving.each(plan, shot).stream()
                .max(Comparator.comparingDouble(Moving::screenS))
                .ifPresent(moving -> moves(figures, moving));
    }

    private void moves(List<Figure> figures, Moving moving) {
        if (!Double.isInfinite(moving.crossingS())) {
            figures.add(new Figure(
                    "Crosses in",
                    Wording.number(moving.crossingS(), 2) + " s of screen",
                    "F·aspect·0.5/(v·|sin β|·|p|), the middle half of the frame"));
        }
        if (shot.move().moving() && shot.moveM() > 0) {
            figures.add(new Figure(
                    Wording.capital(shot.move().label()),
                    "%s in %s s, %s m/s"
                            .formatted(
                                    Wording.metres(shot.moveM()),
                                    Wording.number(moving.playback().realS(moving.screenS()), 2),
                                    Wording.number(moving.realSpeed(shot.moveM()), 2)),
                    "%s s of screen take |p| times as long for the camera"
                            .formatted(Wording.number(moving.screenS(), 1))));
        }
        if (shot.move().moving() && shot.turnDeg() > 0) {
            double smooth = Motion.smoothPanS(
                    shot.turnDeg(), moving.fieldDeg(), plan.brief().rate());
            figures.add(new Figure(
                    "Turns",
                    "%s, smooth from %s s on".formatted(Wording.degrees(shot.turnDeg()), Wording.number(smooth, 1)),
                    "7·(24/b)·θ/φ with a field of %s".formatted(Wording.degrees(moving.fieldDeg()))));
        }
    }

    private List<Figure> roll() {
        Recording recording = Recording.of(plan, shot);
        List<Figure> figures = new ArrayList<>();
        figures.add(new Figure(
                "Plays",
                numbers.playback().label(),
                "p = b/c = %s/%s frame for frame"
                        .formatted(
                                plan.brief().rate().label(), shot.captureRate().label())));
        figures.add(new Figure(
                "Keep clean",
                "%s s, %s s of screen"
                        .formatted(
                                Wording.number(numbers.hold().cleanS(), 1), Wording.number(numbers.usableScreenS(), 1)),
                "the longest of the hold, the uses with their handles, and an action that happens once"));
        figures.add(new Figure(
                "Roll",
                Wording.number(numbers.hold().rollS(), 1) + " s",
                "settle %s, clean %s, tail after it"
                        .formatted(
                                Wording.number(numbers.hold().settleS(), 0),
                                Wording.number(numbers.hold().cleanS(), 1))));
        figures.add(new Figure(
                "All takes",
                "%s min for %d".formatted(Wording.number(Math.ceil(numbers.shotTimeS() / 6) / 10, 1), shot.takes()),
                "takes × roll + (takes − 1) × %s min reset".formatted(Wording.number(action.resetMin(), 1))));
        figures.add(new Figure(
                "Card",
                "%s, %s min to copy".formatted(size(recording.megabytes()), Wording.number(recording.copyMin(), 1)),
                "%s Mbit/s in %s"
                        .formatted(
                                Wording.number(recording.mode().bitRateMbps(), 0),
                                recording.mode().name())));
        figures.add(new Figure(
                "Battery",
                Wording.number(100 * recording.batteryShare(), 1) + " % of one",
                "the roll of all takes against %s min"
                        .formatted(Wording.number(plan.bodies().get(0).batteryMin(), 0))));
        if (!action.sound().isEmpty()) {
            figures.add(new Figure("Sound", Wording.capital(action.sound()), ""));
        }
        return figures;
    }

    private static String size(double megabytes) {
        return megabytes < 1000 ? Wording.number(megabytes, 0) + " MB" : Wording.number(megabytes / 1000, 1) + " GB";
    }

    private static String looks(double elevationDeg) {
        long degrees = Math.round(Math.abs(elevationDeg));
        return degrees == 0 ? "level" : "%d° %s".formatted(degrees, elevationDeg > 0 ? "down" : "up");
    }
}
