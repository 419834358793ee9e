package upshot.core.shot;

import java.time.Duration;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.Status;
import upshot.core.light.LightHour;
import upshot.core.light.SunDay;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Shot;
import upshot.core.plan.WantedLight;

/** The light that an action asks for is not there between the hours at which it can be shot. */
final class NoSuchLight implements ShotRule {

    @Override
    public String id() {
        return "no-such-light";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Light that is there",
                "The light that an action asks for is there when it can be shot.",
                "The sun keeps its own hours.",
                RuleCard.Source.GEOMETRY);
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        Action action = plan.actionOf(shot);
        if (action.wantedLight() == WantedLight.ANY) {
            return Optional.empty();
        }
        return LightHour.of(plan, action)
                .filter(hour -> action.fixedTime().isPresent()
                        ? hour.day().windows(action.wantedLight()).stream().noneMatch(window -> holds(window, hour))
                        : hour.windows().isEmpty())
                .map(hour -> finding(shot, action, hour));
    }

    private static boolean holds(SunDay.Window window, LightHour hour) {
        return !hour.at().isBefore(window.from()) && hour.at().isBefore(window.until());
    }

    private Finding finding(Shot shot, Action action, LightHour hour) {
        Optional<SunDay.Window> nearest = hour.day().windows(action.wantedLight()).stream()
                .min(Comparator.comparing(window -> awayFrom(window, hour)));
        String light = action.wantedLight().label();
        List<Mend> mends = new ArrayList<>();
        nearest.filter(window -> action.fixedTime().isEmpty())
                .ifPresent(window -> mends.add(new Mend(
                        "Shoot it %s to %s".formatted(minute(hour, window.from()), minute(hour, window.until())),
                        Change.batch(List.of(
                                Change.edit(action, one -> one.withFromTime(Optional.of(minute(hour, window.from())))),
                                Change.edit(
                                        action,
                                        one -> one.withUntilTime(Optional.of(minute(hour, window.until())))))))));
        mends.add(new Mend("Take any light", Change.edit(action, one -> one.withWantedLight(WantedLight.ANY))));
        return new Finding(
                id(),
                Status.BREAK,
                List.of(shot.id()),
                "No %s then.".formatted(light),
                new Measured(
                        nearest.map(window -> awayFrom(window, hour).toMinutes())
                                .orElse(24L * 60),
                        0,
                        Quantity.MINUTES),
                nearest.map(window -> "That day there is %s from %s to %s, and this is shot between %s and %s."
                                .formatted(
                                        light,
                                        minute(hour, window.from()),
                                        minute(hour, window.until()),
                                        minute(hour, hour.hours().from()),
                                        minute(hour, hour.hours().until())))
                        .orElse("There is no %s at this place on that day.".formatted(light)),
                mends);
    }

    private static Duration awayFrom(SunDay.Window window, LightHour hour) {
        SunDay.Window hours = hour.hours();
        Duration later = Duration.between(hours.until(), window.from());
        Duration earlier = Duration.between(window.until(), hours.from());
        Duration off = later.compareTo(earlier) > 0 ? later : earlier;
        return off.isNegative() ? Duration.ZERO : off;
    }

    private static LocalTime minute(LightHour hour, java.time.Instant at) {
        return hour.clock(at).truncatedTo(ChronoUnit.MINUTES);
    }
}
