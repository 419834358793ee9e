package upshot.core.handoff;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import upshot.core.measure.Numbers;
import upshot.core.plan.InvalidField;

/**
 * Something that was said at the hand-off. Entries are only ever added; what was wrong is put right by a further one.
 *
 * @param id made by the page: sent twice, it is one
 * @param clipId the clip it speaks of
 * @param takeId the entry of the log that began the take
 * @param useId the use of the cut
 * @param shotId the shot that is made again
 * @param words the card, the sort of a remark, or empty; at most 200 characters
 * @param amount the frame of a clip, from 0; milliseconds since 1970; 1 or 0 for a pick-up
 * @param remark an editor's words, at most 500 characters
 * @param clips that were read, at most 500
 */
public record HandOffEntry(
        UUID id,
        HandOffWhat what,
        Optional<UUID> clipId,
        Optional<UUID> takeId,
        Optional<UUID> useId,
        Optional<UUID> shotId,
        String words,
        double amount,
        String remark,
        List<Clip> clips) {

    public static final int MOST_CLIPS = 500;

    private static final int LONGEST_WORDS = 200;
    private static final int LONGEST_REMARK = 500;
    private static final double MOST_AMOUNT = 4.2e12;

    /** @throws InvalidField when it says nothing that can be kept */
    public HandOffEntry {
        for (Optional<UUID> each : List.of(Optional.ofNullable(id), clipId, takeId, useId, shotId)) {
            each.filter(one -> one.variant() != 2 || one.version() < 1 || one.version() > 8)
                    .ifPresent(bad -> {
                        throw new InvalidField("id", "%s is no valid identifier.".formatted(bad));
                    });
        }
        if (id == null || what == null) {
            throw new InvalidField("what", "The entry does not say what it is.");
        }
        words = text("words", words, LONGEST_WORDS);
        remark = text("remark", remark, LONGEST_REMARK);
        clips = clips == null ? List.of() : List.copyOf(clips);
        if (!Numbers.within(amount, 0, MOST_AMOUNT)) {
            throw new InvalidField("amount", "The number is out of bounds.");
        }
        String lacks = switch (what) {
            case CLIPS -> clips.isEmpty() || clips.size() > MOST_CLIPS ? "1 to %d clips".formatted(MOST_CLIPS) : "";
            case CARD_GONE -> words.isEmpty() ? "the card" : "";
            case PAIR, UNPAIR -> clipId.isEmpty() && takeId.isEmpty() ? "a clip or a take" : "";
            case BEGINS -> clipId.isEmpty() ? "the clip" : "";
            case USE_FROM -> clipId.isEmpty() || useId.isEmpty() ? "the clip and the use" : "";
            case USE_FREE -> useId.isEmpty() ? "the use" : "";
            case PICK_UP -> shotId.isEmpty() ? "the shot" : "";
            case REMARK -> useId.isEmpty() || !isKind(words) ? "the use and what is the matter with it" : "";
        };
        if (!lacks.isEmpty()) {
            throw new InvalidField("what", "The entry does not say %s.".formatted(lacks));
        }
    }

    private static boolean isKind(String words) {
        for (RemarkKind kind : RemarkKind.values()) {
            if (kind.name().equals(words)) {
                return true;
            }
        }
        return false;
    }

    private static String text(String field, String text, int most) {
        String kept = text == null ? "" : text.strip();
        if (kept.length() > most) {
            throw new InvalidField(field, "At most %d characters, please.".formatted(most));
        }
        if (kept.chars().anyMatch(one -> Character.isISOControl(one) && one != '\n')) {
            throw new InvalidField(field, "It holds a character that cannot be shown.");
        }
        return kept;
    }

    /** Words from somewhere else are about other records: an entry that only names things. */
    public static HandOffEntry of(UUID id, HandOffWhat what, Optional<UUID> clipId, Optional<UUID> takeId) {
        return new HandOffEntry(id, what, clipId, takeId, Optional.empty(), Optional.empty(), "", 0, "", List.of());
    }
}
