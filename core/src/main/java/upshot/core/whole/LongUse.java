package upshot.core.whole;

import java.util.List;
import java.util.Optional;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.finding.Wording;
import upshot.core.house.Threshold;
import upshot.core.plan.Meant;
import upshot.core.plan.RecordKind;
import upshot.core.plan.VoiceOver;

/**
 * A picture stands longer than a promo bears: over four seconds, or 15 % of a longer cut. The first and the last may stand
 * for six; speech on camera, a performance's master, what a voice speaks over and what is pinned as long as they like.
 */
final class LongUse implements OncePerCut {

    private static final double MOST_SHARE = 0.15;
    private static final double LONGER_AT_ENDS = 1.5;
    private static final double ROUNDING = 1e-9;

    @Override
    public String id() {
        return "long-use";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "No longer than it bears",
                "No picture stands longer than a promo bears; the first and the last may rest.",
                "Whoever has seen it all looks away.",
                RuleCard.Source.TRADE,
                Bound.of(Threshold.LONG_USE),
                Bound.of("or", 100 * MOST_SHARE, "% of the cut"));
    }

    @Override
    public Optional<Finding> find(PaperCut cut) {
        return cut.uses().stream()
                .filter(placed -> !mayStand(cut, placed))
                .filter(placed -> Seconds.of(cut, placed) > mostS(cut, placed) + ROUNDING)
                .findFirst()
                .map(placed -> Seconds.watch(
                        this,
                        List.of(placed),
                        "It stands for long.",
                        new Measured(Seconds.of(cut, placed), mostS(cut, placed), Quantity.SECONDS),
                        "%s stands for %s s; %s s is what it bears there."
                                .formatted(
                                        placed.shot().code(),
                                        Wording.number(Seconds.of(cut, placed), 1),
                                        Wording.number(mostS(cut, placed), 1)),
                        List.of()));
    }

    private static double mostS(PaperCut cut, Placed placed) {
        double usual = cut.plan().threshold(Threshold.LONG_USE);
        double most = Math.max(usual, MOST_SHARE * Seconds.of(cut, cut.frames()));
        boolean atAnEnd = placed.index() == 0 || placed.index() == cut.uses().size() - 1;
        return atAnEnd ? Math.max(most, LONGER_AT_ENDS * usual) : most;
    }

    private static boolean mayStand(PaperCut cut, Placed placed) {
        return placed.action().speech()
                || placed.shot().meant() == Meant.MASTER
                || placed.use().pinned()
                || cut.plan().list(RecordKind.VOICE).stream().anyMatch(voice -> under(cut, placed, voice));
    }

    private static boolean under(PaperCut cut, Placed placed, VoiceOver voice) {
        return voice.startS() < Seconds.of(cut, placed.endFrame())
                && voice.endS() > Seconds.of(cut, placed.startFrame());
    }
}
