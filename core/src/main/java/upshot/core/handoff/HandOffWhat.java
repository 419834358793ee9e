package upshot.core.handoff;

/** What an entry of the hand-off says. The names are kept: they are written down. */
public enum HandOffWhat {
    /** Clips of a card were read. */
    CLIPS,
    /** A card with all its clips is taken out of the job's list; nothing happens to the card itself. */
    CARD_GONE,
    /** A clip and a take belong together; with only one of the two, it has none. */
    PAIR,
    /** What was said of a clip or a take does not hold any more. */
    UNPAIR,
    /** The phone's clock was read in a clip's first picture. */
    BEGINS,
    /** A use of the cut shows this clip from this frame on. */
    USE_FROM,
    /** A use shows again what was worked out for it. */
    USE_FREE,
    /** A shot is to be made again, or not any more. */
    PICK_UP,
    /** An editor's remark on a use. */
    REMARK
}
