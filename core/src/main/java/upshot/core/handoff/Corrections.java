package upshot.core.handoff;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * What people said about clips and takes; it holds, and everything else is laid round it.
 *
 * @param clips by take: its clip, or that it has none
 * @param none clips of which somebody said that they are of no take
 * @param begins by clip: when it begins by the server's clock, milliseconds, where somebody read that in its picture
 */
public record Corrections(Map<UUID, Optional<UUID>> clips, Set<UUID> none, Map<UUID, Double> begins) {

    public static final Corrections NONE = new Corrections(Map.of(), Set.of(), Map.of());

    public Corrections {
        clips = Map.copyOf(clips);
        none = Set.copyOf(none);
        begins = Map.copyOf(begins);
    }

    /** The clips of takes that have one. */
    Map<UUID, UUID> known() {
        Map<UUID, UUID> known = new HashMap<>();
        clips.forEach((take, clip) -> clip.ifPresent(id -> known.put(take, id)));
        return known;
    }
}
