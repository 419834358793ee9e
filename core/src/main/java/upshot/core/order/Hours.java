package upshot.core.order;

import java.time.Instant;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import upshot.core.coverage.Coverage;
import upshot.core.light.SunDay;
import upshot.core.plan.Action;
import upshot.core.plan.Brief;
import upshot.core.plan.Givens;
import upshot.core.plan.Rest;
import upshot.core.plan.Spot;
import upshot.core.plan.Subject;
import upshot.core.plan.WantedLight;
import upshot.day.Windows;
import upshot.day.Windows.Span;

/**
 * When a crew can shoot an action: within the action's own hours, those of everybody who takes part and of the spot, while
 * none of them has a rest that is planned, and while the light that it asks for is there.
 *
 * @param windows when shooting may happen
 * @param limits what leaves less than the crew's day, each by itself
 */
public record Hours(Windows windows, List<Bound> limits) {

    private static final int MINUTES_IN_A_DAY = 24 * 60;

    /**
     * One thing that bounds the hours.
     *
     * @param why who or what it is, for the sentences
     * @param spans what it leaves of the crew's day
     */
    public record Bound(String why, List<Span> spans) {}

    static Hours of(Givens plan, Action action, Crew crew) {
        Spot spot = plan.spotOf(action);
        List<Bound> all = new ArrayList<>();
        all.add(clock(crew, action.name(), action.fromTime(), action.untilTime()));
        for (Subject subject : Coverage.performing(plan, action)) {
            all.add(clock(crew, subject.name(), subject.fromTime(), subject.untilTime()));
            plan.restsOf(subject).forEach(rest -> all.add(around(crew, subject.name() + "'s rest", rest)));
        }
        all.add(clock(crew, spot.name(), spot.opensTime(), spot.closesTime()));
        light(plan.brief(), action.wantedLight(), crew).ifPresent(all::add);
        List<Span> whole = List.of(new Span(crew.callMin(), crew.wrapMin()));
        all.removeIf(limit -> limit.spans().equals(whole));
        int opens = spot.opensTime()
                .map(crew::at)
                .filter(at -> at <= crew.wrapMin())
                .orElse(crew.callMin());
        return of(crew, all, opens);
    }

    /** What several limits leave together. */
    private static Hours of(Crew crew, List<Bound> limits, int rigFromMin) {
        List<Span> left = List.of(new Span(crew.callMin(), crew.wrapMin()));
        for (Bound limit : limits) {
            left = both(left, limit.spans());
        }
        return new Hours(new Windows(left, rigFromMin, !limits.isEmpty()), List.copyOf(limits));
    }

    /**
     * Hours that begin before the call or end after the wrap bound nothing by that. Hours wholly outside leave nothing: a
     * time between wrap and call belongs to whichever of the two is nearer.
     */
    private static Bound clock(Crew crew, String why, Optional<LocalTime> from, Optional<LocalTime> until) {
        int begins = from.map(time -> within(crew, crew.at(time))).orElse(crew.callMin());
        int ends = until.map(time -> within(crew, crew.at(time))).orElse(crew.wrapMin());
        boolean lasts = begins < ends && begins < crew.wrapMin() && ends > crew.callMin();
        return new Bound(why, lasts ? List.of(new Span(begins, ends)) : List.of());
    }

    /** What a planned rest leaves, one that began before the call included. */
    private static Bound around(Crew crew, String why, Rest rest) {
        List<Span> left = List.of(new Span(crew.callMin(), crew.wrapMin()));
        int begins = crew.at(rest.startTime());
        for (int from : List.of(begins - MINUTES_IN_A_DAY, begins)) {
            int until = from + (int) Math.ceil(rest.durationMin());
            left = both(left, List.of(new Span(Integer.MIN_VALUE, from), new Span(until, Integer.MAX_VALUE)));
        }
        return new Bound(why, left);
    }

    private static int within(Crew crew, int at) {
        boolean nextCallIsNearer = at - crew.wrapMin() > crew.callMin() + MINUTES_IN_A_DAY - at;
        return at <= crew.wrapMin() ? at : nextCallIsNearer ? crew.callMin() : crew.wrapMin();
    }

    /** The windows of a wanted light during the crew's day and the night after it; nothing where date or place are unknown. */
    private static Optional<Bound> light(Brief brief, WantedLight wanted, Crew crew) {
        Optional<SunDay> known = SunDay.of(brief);
        if (wanted == WantedLight.ANY || known.isEmpty()) {
            return Optional.empty();
        }
        SunDay first = known.get();
        Instant call =
                first.date().atTime(brief.callTime()).atZone(first.zone()).toInstant();
        List<Span> spans = new ArrayList<>();
        for (int day = 0; day <= 1; day++) {
            SunDay sun = new SunDay(first.place(), first.date().plusDays(crew.dayOffset() + day), first.zone());
            for (SunDay.Window window : sun.windows(wanted)) {
                add(
                        spans,
                        new Span(
                                (int) ChronoUnit.MINUTES.between(
                                        call, window.from().plusSeconds(59)),
                                (int) ChronoUnit.MINUTES.between(call, window.until())));
            }
        }
        return Optional.of(new Bound(wanted.label(), both(spans, List.of(new Span(crew.callMin(), crew.wrapMin())))));
    }

    /** What ends at midnight goes on after it. */
    private static void add(List<Span> spans, Span next) {
        int last = spans.size() - 1;
        if (last >= 0 && next.fromMin() - spans.get(last).untilMin() <= 1) {
            spans.set(last, new Span(spans.get(last).fromMin(), next.untilMin()));
        } else {
            spans.add(next);
        }
    }

    private static List<Span> both(List<Span> one, List<Span> other) {
        List<Span> both = new ArrayList<>();
        for (Span a : one) {
            for (Span b : other) {
                int from = Math.max(a.fromMin(), b.fromMin());
                int until = Math.min(a.untilMin(), b.untilMin());
                if (from < until) {
                    both.add(new Span(from, until));
                }
            }
        }
        return List.copyOf(both);
    }

    List<Span> spans() {
        return windows.spans();
    }

    /** What bounds it, "Ada and golden light". */
    String why() {
        List<String> names = limits.stream().map(Bound::why).distinct().toList();
        int last = names.size() - 1;
        return last <= 0
                ? String.join("", names)
                : String.join(", ", names.subList(0, last)) + " and " + names.get(last);
    }
}
