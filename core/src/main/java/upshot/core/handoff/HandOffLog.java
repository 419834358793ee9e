package upshot.core.handoff;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * What follows from the entries of a hand-off.
 *
 * @param clips of all cards, as they were read last
 * @param said of clips and takes
 * @param chosen by use: the clip that it shows, and from which frame
 * @param pickUps shots that somebody wants made again
 * @param remarks of editors, as they came
 */
public record HandOffLog(
        List<Clip> clips, Corrections said, Map<UUID, From> chosen, Set<UUID> pickUps, List<HandOffEntry> remarks) {

    /**
     * What a use was told to show.
     *
     * @param frame of the clip, from 0
     */
    public record From(UUID clipId, int frame) {}

    /** @param entries as they came */
    public static HandOffLog of(List<HandOffEntry> entries) {
        Fold fold = new Fold();
        entries.forEach(fold::say);
        return new HandOffLog(
                Chapters.joined(fold.clips.values()),
                new Corrections(fold.pairs, fold.none, fold.begins),
                Map.copyOf(fold.chosen),
                Set.copyOf(fold.pickUps),
                List.copyOf(fold.remarks));
    }

    private static final class Fold {

        private final Map<UUID, Clip> clips = new LinkedHashMap<>();
        private final Map<UUID, Optional<UUID>> pairs = new HashMap<>();
        private final Set<UUID> none = new HashSet<>();
        private final Map<UUID, Double> begins = new HashMap<>();
        private final Map<UUID, From> chosen = new HashMap<>();
        private final Set<UUID> pickUps = new LinkedHashSet<>();
        private final List<HandOffEntry> remarks = new ArrayList<>();

        void say(HandOffEntry entry) {
            switch (entry.what()) {
                case CLIPS -> entry.clips().forEach(clip -> clips.put(clip.id(), clip));
                case CARD_GONE -> clips.values().removeIf(clip -> clip.card().equals(entry.words()));
                case PAIR -> pair(entry);
                case UNPAIR -> free(entry);
                case BEGINS -> begins(entry);
                case USE_FROM ->
                    chosen.put(
                            entry.useId().orElseThrow(),
                            new From(entry.clipId().orElseThrow(), (int) Math.min(Integer.MAX_VALUE, entry.amount())));
                case USE_FREE -> chosen.remove(entry.useId().orElseThrow());
                case PICK_UP -> pickUp(entry);
                case REMARK -> remarks.add(entry);
            }
        }

        /** A clip is of one take, and a take has one clip: what was said of either before is gone. */
        private void pair(HandOffEntry entry) {
            free(entry);
            if (entry.takeId().isPresent()) {
                pairs.put(entry.takeId().get(), entry.clipId());
            } else {
                none.add(entry.clipId().orElseThrow());
            }
        }

        private void free(HandOffEntry entry) {
            entry.takeId().ifPresent(pairs::remove);
            entry.clipId().ifPresent(clip -> {
                none.remove(clip);
                pairs.values().removeIf(paired -> paired.equals(Optional.of(clip)));
            });
        }

        private void begins(HandOffEntry entry) {
            if (entry.amount() == 0) {
                begins.remove(entry.clipId().orElseThrow());
            } else {
                begins.put(entry.clipId().orElseThrow(), entry.amount());
            }
        }

        private void pickUp(HandOffEntry entry) {
            if (entry.amount() > 0) {
                pickUps.add(entry.shotId().orElseThrow());
            } else {
                pickUps.remove(entry.shotId().orElseThrow());
            }
        }
    }
}
