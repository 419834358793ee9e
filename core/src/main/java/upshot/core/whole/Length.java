package upshot.core.whole;

import java.util.List;
import java.util.Optional;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.Wording;

/** The cut is not as long as the promo, to the frame. */
final class Length implements OncePerCut {

    @Override
    public String id() {
        return "length";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "As long as the promo",
                "The cut is as long as the promo, to the frame.",
                "It is delivered to the frame.",
                RuleCard.Source.PLAN);
    }

    @Override
    public Optional<Finding> find(PaperCut cut) {
        long missing = cut.missingFrames();
        if (missing == 0) {
            return Optional.empty();
        }
        long target = cut.plan().brief().lengthFrames();
        return Optional.of(Seconds.watch(
                this,
                List.<Placed>of(),
                missing > 0 ? "Too short." : "Too long.",
                new Measured(cut.frames(), target, Quantity.FRAMES),
                "It is %s (%s s) %s than the promo's %d."
                        .formatted(
                                Wording.count(Math.abs(missing), "frame"),
                                Wording.number(Seconds.of(cut, Math.abs(missing)), 2),
                                missing > 0 ? "shorter" : "longer",
                                target),
                List.of()));
    }
}
