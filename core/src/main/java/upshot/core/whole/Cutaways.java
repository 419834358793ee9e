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
import upshot.core.ground.Stand;
import upshot.core.house.CoverageSchool;
import upshot.core.house.TellingSchool;

/**
 * More than eight seconds pass without a picture that lets the editor shorten and join: a feature, a detail without a
 * face, in a performance another performer, under speech a listener. Not asked of the last four seconds, of a montage and
 * of products.
 */
final class Cutaways implements OncePerCut {

    private static final double EVERY_S = 8;
    private static final double CLOSING_S = 4;
    private static final double ROUNDING = 1e-9;

    @Override
    public String id() {
        return "cutaways";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Something to breathe",
                "A cutaway or a detail comes every few seconds.",
                "It lets the editor shorten and join.",
                RuleCard.Source.TRADE,
                Bound.of("every", EVERY_S, "s"));
    }

    @Override
    public Optional<Finding> find(PaperCut cut) {
        boolean asked = cut.plan().house().telling() != TellingSchool.MONTAGE
                && cut.plan().house().coverage() != CoverageSchool.PRODUCT;
        return asked ? longest(cut) : Optional.empty();
    }

    private Optional<Finding> longest(PaperCut cut) {
        double until = Seconds.of(cut, cut.frames()) - CLOSING_S;
        double since = 0;
        double longest = 0;
        double longestFrom = 0;
        for (Placed placed : cut.uses()) {
            double ends = Seconds.of(cut, placed.endFrame());
            if (breathes(cut, placed)) {
                since = ends;
            } else if (Math.min(ends, until) - since > longest) {
                longest = Math.min(ends, until) - since;
                longestFrom = since;
            }
        }
        return longest <= EVERY_S + ROUNDING ? Optional.empty() : Optional.of(finding(cut, longestFrom, longest));
    }

    /** Whether the editor can shorten and join there. */
    private static boolean breathes(PaperCut cut, Placed placed) {
        boolean somebodyElse = placed.shot().subjectId().isPresent()
                && (placed.action().speech() || cut.plan().house().coverage() == CoverageSchool.PERFORMANCE);
        return placed.action().feature()
                || somebodyElse
                || Stand.of(placed.picture().around(), placed.shot()).aim().faceless();
    }

    private Finding finding(PaperCut cut, double fromS, double longestS) {
        return Seconds.watch(
                this,
                cut.uses().stream()
                        .filter(placed -> Math.abs(Seconds.of(cut, placed.startFrame()) - fromS) < ROUNDING)
                        .toList(),
                "Nothing to breathe.",
                new Measured(longestS, EVERY_S, Quantity.SECONDS),
                "From %s s on there is no cutaway and no detail for %s s; one in eight lets the editor shorten and join."
                        .formatted(Wording.number(fromS, 1), Wording.number(longestS, 1)),
                List.of());
    }
}
