package upshot.app.day;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import upshot.core.light.SunDay;
import upshot.core.order.Crew;
import upshot.day.Minute;

/** The light on a crew's clock, in minutes after the brief's call: daylight where none of the others is. */
final class DayLight {

    private static final String DAY = "daylight";

    /** A minute is drawn so tall, and what is longer than the second folds. */
    private static final int PX_PER_MIN = 3;

    private static final int TALLEST_PX = 72;

    /** A light from the first whole minute of it to the last. */
    record Change(String name, int fromMin, int untilMin) {}

    /**
     * The light while a row lasts, drawn beside it.
     *
     * @param minutes how long the row is
     * @param heightPx the least that it is drawn tall
     */
    record Strip(int minutes, int heightPx, List<Part> parts) {}

    /** Part of a strip, in minutes after its top. */
    record Part(String style, int from, int minutes) {}

    private final List<Change> lights = new ArrayList<>();
    private final Crew crew;

    DayLight(SunDay first, Crew crew) {
        this.crew = crew;
        Instant call = crew.instant(first.date(), first.zone(), new Minute(crew.callMin()));
        for (int day = 0; day <= 1; day++) {
            SunDay sun = new SunDay(first.place(), first.date().plusDays(crew.dayOffset() + day), first.zone());
            sun.golden().forEach(window -> add("golden light", call, window));
            sun.blue().forEach(window -> add("blue hour", call, window));
            sun.dark().forEach(window -> add("dark", call, window));
        }
        lights.sort(Comparator.comparingInt(Change::fromMin));
    }

    /** What ends at midnight goes on after it. */
    private void add(String name, Instant call, SunDay.Window window) {
        int from = crew.callMin()
                + (int) ChronoUnit.MINUTES.between(call, window.from().plusSeconds(59));
        int until = crew.callMin() + (int) ChronoUnit.MINUTES.between(call, window.until());
        lights.stream()
                .filter(one -> one.name().equals(name) && Math.abs(one.untilMin() - from) <= 1)
                .findFirst()
                .ifPresentOrElse(
                        one -> lights.set(lights.indexOf(one), new Change(name, one.fromMin(), until)),
                        () -> lights.add(new Change(name, from, until)));
    }

    /** The lights that begin after the call and before the wrap. */
    List<Change> changes() {
        return lights.stream()
                .filter(one -> one.fromMin() > crew.callMin() && one.fromMin() < crew.wrapMin())
                .toList();
    }

    /** The light of a minute; one in which it changes belongs to what was there before. */
    String at(int minute) {
        return lights.stream()
                .filter(one -> one.fromMin() <= minute && minute <= one.untilMin())
                .reduce((one, later) -> later)
                .map(Change::name)
                .orElse(DAY);
    }

    /** The light from one minute up to another, or of a minute where no time passes. */
    Strip strip(int fromMin, int upToMin) {
        int untilMin = Math.max(upToMin, fromMin + 1);
        List<Part> parts = new ArrayList<>();
        int begins = fromMin;
        for (int minute = fromMin; minute < untilMin; minute++) {
            if (minute + 1 == untilMin || !at(minute + 1).equals(at(minute))) {
                parts.add(new Part(style(at(minute)), begins - fromMin, minute + 1 - begins));
                begins = minute + 1;
            }
        }
        int minutes = untilMin - fromMin;
        return new Strip(minutes, Math.min(TALLEST_PX, minutes * PX_PER_MIN), parts);
    }

    private static String style(String name) {
        return "light-" + name.split(" ")[0];
    }
}
