package upshot.app.coverage;

import java.time.Instant;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import upshot.core.finding.Wording;
import upshot.core.ground.Place;
import upshot.core.light.SunDay;
import upshot.core.light.SunOnView;
import upshot.core.plan.Action;
import upshot.core.plan.Light;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.WantedLight;
import upshot.core.shot.DarkeningLadder;
import upshot.core.shot.Exposing;

/** How much light a shot wants, where the sun stands for it, and when the light that its action asks for is there. */
final class LightFigures {

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");

    private LightFigures() {}

    static List<ShotFigures.Figure> of(Plan plan, Shot shot) {
        List<ShotFigures.Figure> figures = new ArrayList<>();
        figures.add(needed(plan, shot));
        tooBright(plan, shot).ifPresent(figures::add);
        SunOnView.of(plan, shot).map(sun -> sun(plan, shot, sun)).ifPresent(figures::add);
        SunDay.of(plan.brief())
                .flatMap(day -> wanted(plan, plan.actionOf(shot), day))
                .ifPresent(figures::add);
        own(plan, shot).ifPresent(figures::add);
        return figures;
    }

    /** The power that the kit's own lamps draw together; whether the place can give it is for others to say. */
    private static Optional<ShotFigures.Figure> own(Plan plan, Shot shot) {
        List<Light> lamps = plan.list(RecordKind.LIGHT);
        boolean used = shot.keyDeg().isPresent()
                || shot.fillDeg().isPresent()
                || shot.backDeg().isPresent();
        if (!used || lamps.isEmpty()) {
            return Optional.empty();
        }
        double watts = lamps.stream().mapToDouble(Light::watts).sum();
        return Optional.of(
                new ShotFigures.Figure(
                        "Own lamps",
                        "%s W for %d".formatted(Wording.number(watts, 0), lamps.size()),
                        "all lamps of the kit at once; an electrician or the house says what a circuit carries and who may rig"));
    }

    private static ShotFigures.Figure needed(Plan plan, Shot shot) {
        Exposing exposing = Exposing.of(plan, shot);
        return new ShotFigures.Figure(
                "Light",
                "%s lx wanted, %s there"
                        .formatted(
                                Wording.number(exposing.needed().lux(), 0),
                                Wording.number(plan.spotOf(plan.actionOf(shot)).lux(), 0)),
                "250·N²/(t·ISO) at f/%s, %s s, ISO %d%s"
                        .formatted(
                                Wording.number(shot.apertureN(), 1),
                                exposing.shutter(),
                                shot.iso(),
                                shot.ndStops() > 0 ? ", ND %s".formatted(Wording.number(shot.ndStops(), 1)) : ""));
    }

    /** From a stop on, where it goes. */
    private static Optional<ShotFigures.Figure> tooBright(Plan plan, Shot shot) {
        double over = -Exposing.of(plan, shot).missingStops();
        return over < 1
                ? Optional.empty()
                : Optional.of(new ShotFigures.Figure(
                        "Too bright",
                        DarkeningLadder.of(plan, shot, over).stream()
                                .map(rung -> rung.label())
                                .collect(Collectors.joining(", ")),
                        "%s over; ND before shutter, shutter by two thirds at most, then aperture and ISO"
                                .formatted(Wording.stops(over))));
    }

    private static ShotFigures.Figure sun(Plan plan, Shot shot, SunOnView sun) {
        String clock = clock(sun.hour().day(), sun.hour().at());
        return new ShotFigures.Figure(
                "Sun at " + clock,
                sun.altitudeDeg() < 0
                        ? "no direct sun"
                        : "%s, %s up".formatted(sun.from().label(), Wording.degrees(sun.altitudeDeg())),
                "%s from the view by the compass: the spot faces %s, the camera looks to %s; back light to %s, side to %s"
                        .formatted(
                                Wording.degrees(Math.abs(sun.offViewDeg())),
                                Wording.degrees(plan.spotOf(plan.actionOf(shot))
                                        .facingDeg()
                                        .orElseThrow()),
                                Wording.degrees((Place.compassDeg(
                                                                plan,
                                                                plan.spotOf(plan.actionOf(shot)),
                                                                plan.actionOf(shot),
                                                                shot.bearingDeg())
                                                        .orElseThrow()
                                                + 180)
                                        % 360),
                                Wording.degrees(SunOnView.BACK_WITHIN_DEG),
                                Wording.degrees(SunOnView.SIDE_WITHIN_DEG)));
    }

    private static Optional<ShotFigures.Figure> wanted(Plan plan, Action action, SunDay day) {
        if (action.wantedLight() == WantedLight.ANY) {
            return Optional.empty();
        }
        String windows = day.windows(action.wantedLight()).stream()
                .map(window -> "%s to %s".formatted(clock(day, window.from()), clock(day, window.until())))
                .collect(Collectors.joining(", "));
        return Optional.of(new ShotFigures.Figure(
                Wording.capital(action.wantedLight().label()),
                windows.isEmpty() ? "not that day" : windows,
                "the sun's altitude at %s".formatted(day.place().label())));
    }

    private static String clock(SunDay day, Instant at) {
        return CLOCK.format(at.atZone(day.zone()));
    }
}
