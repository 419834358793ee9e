package upshot.core.whole;

import java.util.List;
import java.util.Optional;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.plan.RecordKind;
import upshot.core.plan.StoryBeat;

/** A beat comes after a later one has begun. */
final class StoryOrder implements WholeRule {

    @Override
    public String id() {
        return "story-order";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "In the story's order",
                "Beats come in their order.",
                "A beat after a later one is told backwards.",
                RuleCard.Source.TRADE);
    }

    @Override
    public Optional<Finding> judge(PaperCut cut) {
        List<StoryBeat> story = cut.plan().beats();
        int latest = -1;
        for (Placed placed : cut.uses()) {
            StoryBeat beat = cut.plan().get(RecordKind.BEAT, placed.action().beatId());
            int place = story.indexOf(beat);
            if (place < latest && !placed.action().feature()) {
                return Optional.of(Seconds.watch(
                        this,
                        List.of(placed),
                        "Out of the story's order.",
                        new Measured(place + 1, latest + 1, Quantity.COUNT),
                        "%s belongs to %s and comes after %s has begun."
                                .formatted(
                                        placed.shot().code(),
                                        beat.name(),
                                        story.get(latest).name()),
                        List.of()));
            }
            latest = Math.max(latest, place);
        }
        return Optional.empty();
    }
}
