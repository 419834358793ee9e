package upshot.core.play;

import java.util.List;
import upshot.core.cut.PaperCut;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Plan;
import upshot.core.time.TempoMap;

/**
 * A paper cut ready to be played.
 *
 * @param name of the job
 * @param aspect the picture's width, its height being 1
 * @param frames of the whole cut
 * @param uses in edit order, without a gap
 * @param clicks where the music's beats fall, none where there is no music
 */
public record Playing(
        String name, double aspect, FrameRate rate, long frames, List<PlayedUse> uses, List<Click> clicks) {

    /**
     * A beat of the music.
     *
     * @param atS seconds of the promo
     * @param bar whether a bar begins with it
     */
    public record Click(double atS, boolean bar) {}

    public Playing {
        uses = List.copyOf(uses);
        clicks = List.copyOf(clicks);
    }

    public static Playing of(PaperCut cut) {
        Plan plan = cut.plan();
        return new Playing(
                plan.brief().name(),
                plan.brief().aspect().ratio(),
                plan.brief().rate(),
                cut.frames(),
                cut.uses().stream().map(placed -> PlayedUse.of(cut, placed)).toList(),
                clicks(plan, plan.brief().rate().secondsOf(cut.frames())));
    }

    private static List<Click> clicks(Plan plan, double endS) {
        return TempoMap.of(plan).stream()
                .flatMap(music -> music.barsUntil(endS).stream())
                .flatMap(bar -> bar.beatsS().stream().map(beat -> new Click(beat, beat == bar.startS())))
                .filter(click -> click.atS() >= 0 && click.atS() < endS)
                .toList();
    }
}
