package upshot.app.handoff;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import upshot.app.handoff.ShotView.ClipChoice;
import upshot.app.handoff.ShotView.Panel;
import upshot.core.finding.Wording;
import upshot.core.handoff.Clip;
import upshot.core.handoff.Match;
import upshot.core.handoff.ShotTakes;
import upshot.core.handoff.UseAsShot;
import upshot.day.log.Take;

/** What was chosen, with what it could be. */
final class PanelRows {

    private static final int CHOICES = 6;

    private final HandedShots.Shot shot;
    private final ShotRows rows;

    PanelRows(HandedShots.Shot shot, ShotRows rows) {
        this.shot = shot;
        this.rows = rows;
    }

    Optional<Panel> of(String takeId, String useId) {
        ShotTakes takes = shot.takes();
        Optional<Panel> take = takes.state().takes().stream()
                .filter(one -> takes.begun(one).id().toString().equals(takeId))
                .findFirst()
                .map(this::take);
        return take.or(() -> shot.uses().stream()
                .filter(one -> one.placed().use().id().toString().equals(useId))
                .findFirst()
                .map(this::use));
    }

    private Panel take(Take take) {
        ShotTakes takes = shot.takes();
        UUID id = takes.begun(take).id();
        Optional<Clip> present = takes.clip(take);
        Comparator<Clip> near = Comparator.comparingDouble((Clip clip) -> far(takes.beginsAfterS(clip, take)));
        List<ClipChoice> choices = shot.said().clips().stream()
                .sorted(Comparator.comparing((Clip clip) -> !present.equals(Optional.of(clip)))
                        .thenComparing(near))
                .limit(CHOICES)
                .map(clip -> rows.choice(clip, take))
                .toList();
        String action = takes.shot(take.parts().get(0))
                .map(one -> takes.day().plan().actionOf(one).name() + ", "
                        + one.size().label())
                .orElse("not planned");
        Optional<Match> match = takes.match(take);
        return new Panel(
                id.toString(),
                "",
                "%s take %d".formatted(rows.codes(take), take.number()),
                action,
                choices,
                present.map(clip -> clip.id().toString()).orElse(""),
                match.map(Match::said).orElse(shot.said().said().clips().containsKey(id)));
    }

    /** What has no time stands last. */
    private static double far(double seconds) {
        return Double.isNaN(seconds) ? Double.MAX_VALUE : Math.abs(seconds);
    }

    private Panel use(UseAsShot use) {
        List<ClipChoice> choices = shot.takes().keepers(use.placed().shot()).stream()
                .map(kept -> rows.choice(kept.clip(), kept.take()))
                .toList();
        String words = use.source()
                .map(source -> "%s, from picture %d, %s; %d and %d pictures of room before and behind"
                        .formatted(
                                source.clip().name(),
                                source.inFrame(),
                                Wording.count(source.frames(), "picture"),
                                source.handleBefore(),
                                source.handleBehind()))
                .orElse("Nothing was kept for it.");
        return new Panel(
                "",
                use.placed().use().id().toString(),
                "Use %d, %s".formatted(use.placed().index() + 1, use.shown().code()),
                words,
                choices,
                use.source().map(source -> source.clip().id().toString()).orElse(""),
                use.chosen());
    }
}
