package upshot.core.roll;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import upshot.core.measure.Numbers;
import upshot.core.plan.InvalidField;
import upshot.day.log.What;

/**
 * An entry in the log of a day. It is made on a phone and never changed; what was wrong is corrected by a further entry.
 *
 * @param id made on the phone: sent twice, it is one
 * @param phoneId which phone
 * @param number counts up on the phone, from 0
 * @param atMs the phone's clock, milliseconds since 1970; between 2000 and 2100
 * @param offsetMs what has to be added for the server's clock, as it was known then; at most a day
 * @param of the entry it speaks of: the take, or what it takes back
 * @param about the shot, for an extra's name the action, for consent and leaving the person; it need not be in the plan any
 *     more
 * @param bodyId the camera
 * @param detail the reason, the size, the consent, the words of a check or the card; at most 200 characters
 * @param amount clean seconds of a take that is entered, up to 86 400; 1 or 0 for a check
 * @param words the clip's name, or a remark; at most 200 characters
 * @param turns of another order of what is left, at most 500; empty otherwise
 */
public record LogEntry(
        UUID id,
        UUID phoneId,
        int number,
        long atMs,
        long offsetMs,
        What what,
        Optional<UUID> of,
        Optional<UUID> about,
        Optional<UUID> bodyId,
        String detail,
        double amount,
        String words,
        List<Turn> turns) {

    public static final int LONGEST = 200;

    private static final int MOST_TURNS = 500;
    private static final long YEAR_2000_MS = 946_684_800_000L;
    private static final long YEAR_2100_MS = 4_102_444_800_000L;
    private static final long DAY_MS = 86_400_000;
    private static final double DAY_S = 86_400;

    /**
     * When a setup is shot in another order.
     *
     * @param about its first shot
     * @param rollMs when it rolls, by the server's clock; between 2000 and 2100
     * @param endMs when it ends, not before it rolls
     */
    public record Turn(UUID about, long rollMs, long endMs) {

        public Turn {
            id("about", about);
            if (rollMs < YEAR_2000_MS || endMs < rollMs || endMs > YEAR_2100_MS) {
                throw new InvalidField("turns", "A time of the order is none.");
            }
        }
    }

    /** @throws InvalidField when it says nothing that can be kept */
    public LogEntry {
        id("id", id);
        id("phoneId", phoneId);
        if (what == null) {
            throw new InvalidField("what", "The entry does not say what it is.");
        }
        if (number < 0) {
            throw new InvalidField("number", "Entries are counted from 0.");
        }
        if (atMs < YEAR_2000_MS || atMs > YEAR_2100_MS) {
            throw new InvalidField("atMs", "The phone's clock is not in this century.");
        }
        if (Math.abs(offsetMs) > DAY_MS) {
            throw new InvalidField("offsetMs", "The phone's clock is more than a day off. Set it, please.");
        }
        if (what.ofAnother() && of.isEmpty()) {
            throw new InvalidField("of", "The entry does not say which take it is about.");
        }
        if (what.aboutSomething() && about.isEmpty()) {
            throw new InvalidField("about", "The entry does not say what it is about.");
        }
        turns = List.copyOf(turns);
        if (turns.size() > MOST_TURNS || what == What.ORDER && turns.isEmpty()) {
            throw new InvalidField("turns", "An order has 1 to %d setups.".formatted(MOST_TURNS));
        }
        detail = text("detail", detail);
        words = text("words", words);
        if (what == What.LINE && words.isEmpty()) {
            throw new InvalidField("words", "Write what is to be said.");
        }
        if (!Numbers.within(amount, 0, DAY_S)) {
            throw new InvalidField("amount", "Seconds are 0 to 86400.");
        }
    }

    private static void id(String field, UUID id) {
        if (id == null || id.variant() != 2 || id.version() < 1 || id.version() > 8) {
            throw new InvalidField(field, "The %s is no valid identifier.".formatted(field));
        }
    }

    private static String text(String field, String text) {
        String kept = text == null ? "" : text.strip();
        if (kept.length() > LONGEST) {
            throw new InvalidField(field, "At most %d characters, please.".formatted(LONGEST));
        }
        return kept;
    }

    /** By the server's clock, as far as the phone knew it. */
    public long serverMs() {
        return atMs + offsetMs;
    }
}
