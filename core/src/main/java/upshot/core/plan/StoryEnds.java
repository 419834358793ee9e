package upshot.core.plan;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The first action of what opens the story, and the last of what ends it; less where no beat is marked so. */
record StoryEnds(Set<UUID> actionIds) {

    static StoryEnds of(Plan plan) {
        List<Action> opening = actions(plan, StoryBeat.Role.OPENING);
        List<Action> ending = actions(plan, StoryBeat.Role.ENDING);
        return new StoryEnds(Stream.concat(
                        opening.stream().limit(1), ending.stream().skip(Math.max(0, ending.size() - 1)))
                .map(Action::id)
                .collect(Collectors.toSet()));
    }

    private static List<Action> actions(Plan plan, StoryBeat.Role role) {
        return plan.beats().stream()
                .filter(beat -> beat.role() == role)
                .flatMap(beat -> plan.actionsOf(beat).stream())
                .toList();
    }
}
