package upshot.core.order;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What keeps a setup out of an order: the limit that it breaks by the least where it would come nearest to fitting. It comes
 * nearest where the least has to be changed for it; the rest of the day is gone through for the best of these places alone.
 */
final class LeftOut {

    /** Places that are tried in a crew's day: in a day of 150 setups more of them gave the same reasons at ten times the work. */
    private static final int MOST_PLACES = 16;

    private final RunningOrder order;
    private final Shoot shoot;
    private final Whys words;

    /** What breaks where something is put in. */
    private record Nearest(Pace.Breach breach, int setup, long brokenMin) {}

    LeftOut(DayPlan day, Whys words) {
        this.order = day.order();
        this.shoot = order.shoot();
        this.words = words;
    }

    String why(DayPlan.Dropped dropped) {
        Nearest best = null;
        for (int crew = 0; crew < order.crews().size(); crew++) {
            for (int place : places(order.crews().get(crew), dropped.index())) {
                long least = best == null ? Long.MAX_VALUE : best.brokenMin();
                Nearest here = at(crew, place, dropped.index(), least);
                if (here.brokenMin() < least) {
                    best = here;
                }
            }
        }
        return said(dropped, best);
    }

    /** Where the least has to be changed, the best first. */
    private List<Integer> places(List<Integer> own, int setup) {
        return IntStream.rangeClosed(0, own.size())
                .boxed()
                .sorted(Comparator.comparingDouble(place -> addedMin(own, place, setup)))
                .limit(MOST_PLACES)
                .toList();
    }

    private double addedMin(List<Integer> own, int place, int setup) {
        int before = place == 0 ? -1 : own.get(place - 1);
        double change = shoot.changeMin(before, setup);
        if (place == own.size()) {
            return change;
        }
        int next = own.get(place);
        return change + shoot.changeMin(setup, next) - shoot.changeMin(before, next);
    }

    /**
     * What breaks with a setup in a place.
     *
     * @param enough where as much is broken, the rest of the day need not be gone through
     */
    private Nearest at(int crew, int place, int setup, long enough) {
        List<Integer> own = order.crews().get(crew);
        Pacing pacing = new Pacing(shoot);
        // What comes before it stays as it is, and breaks nothing.
        Pace pace = place == 0
                ? Pace.atCall(shoot, shoot.crews().get(crew))
                : order.paces().get(crew).get(place - 1);
        Nearest first = null;
        long broken = 0;
        for (int next = place - 1; next < own.size() && broken < enough; next++) {
            int one = next < place ? setup : own.get(next);
            pace = pacing.then(pace, one);
            broken += pace.brokenMin();
            if (first == null && broken > 0) {
                first = new Nearest(pace.breaches().get(0), one, 0);
            }
        }
        return first == null
                ? new Nearest(new Pace.Breach(Limit.TWO_PLACES, 1), setup, 1)
                : new Nearest(first.breach(), first.setup(), broken);
    }

    private String said(DayPlan.Dropped dropped, Nearest nearest) {
        Setup hit = shoot.setups().get(nearest.setup());
        boolean itself = nearest.setup() == dropped.index();
        String over = "%d min".formatted(nearest.breach().minutes());
        String who = itself ? "it" : hit.codes();
        return switch (nearest.breach().limit()) {
            case WRAP -> "%s would end %s after the wrap".formatted(who, over);
            case HOURS -> hours(dropped, hit, itself, over);
            case MOMENT ->
                itself
                        ? "the crew is not free in time, by " + over
                        : "%s would not be ready in time, by %s".formatted(who, over);
            case PINNED -> "%s is pinned and would begin %s too late".formatted(who, over);
            case ONCE -> "it happens once and every camera is taken";
            case BEFORE -> "it would have to come before what is shot already";
            case TWO_PLACES -> "somebody would be in two places";
        };
    }

    private String hours(DayPlan.Dropped dropped, Setup hit, boolean itself, String over) {
        Hours hours =
                shoot.part(shoot.setups().indexOf(hit)).hours(shoot.crews().get(0));
        return itself
                ? "there is no gap of %d min left %s (%s)"
                        .formatted(dropped.needsMin(), words.spans(hours), hours.why())
                : "%s would end %s after its hours (%s)".formatted(hit.codes(), over, hours.why());
    }
}
