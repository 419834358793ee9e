package upshot.app.handoff;

import java.util.List;
import upshot.app.web.FindingView;
import upshot.app.web.FrameView;

/**
 * What was shot and proven, for the page.
 *
 * @param summary "62 clips, 44 takes, 2 cards"
 * @param cards by name
 * @param matched "57 certain, 3 to look at, 2 left over; clocks: Body A 0:41 behind"
 * @param takes what is to be looked at first, then in the order of the day
 * @param leftOver clips of no take
 * @param uses the cut as shot
 * @param filled "19 of 20 uses have a keeper; the cut is still 32 s to the frame"
 * @param holes uses that nothing was kept for
 * @param judged what is to be said of the cut as shot
 * @param pickUps what to shoot again
 * @param remarks of editors
 * @param panel the take or use that was chosen; null for none
 * @param empty whether nothing was logged and no clip read
 */
record ShotView(
        String summary,
        List<CardRow> cards,
        String matched,
        List<TakeRow> takes,
        List<ClipChoice> leftOver,
        List<UseTile> uses,
        String filled,
        List<HoleRow> holes,
        List<JudgedRow> judged,
        List<PickUpRow> pickUps,
        List<RemarkRow> remarks,
        Panel panel,
        boolean empty) {

    /**
     * A card.
     *
     * @param status clear, watch or break
     * @param words how its copies are
     * @param word "May be formatted, 21:12", only where its offload has said so
     * @param percent of what is under way, below 0 where nothing is
     * @param readable whether its clips can be read from a copy on this computer
     */
    record CardRow(
            String name,
            String holds,
            String status,
            String words,
            String word,
            int percent,
            boolean readable,
            boolean listed) {}

    /** A stretch of a bar, percent. */
    record Stretch(double at, double width) {}

    /**
     * A take.
     *
     * @param id of the entry that began it
     * @param frame its shot as it is planned; null for what was not planned
     * @param apart why it is to be looked at, or "certain"
     * @param clip none where there is none
     */
    record TakeRow(
            String id,
            String at,
            FrameView frame,
            String code,
            String what,
            String camera,
            ClipChoice clip,
            List<Stretch> clean,
            List<Stretch> seen,
            String apart,
            boolean uncertain,
            boolean chosen) {}

    /**
     * A clip as one to choose.
     *
     * @param about "12 s, begins 4 s after the roll"
     */
    record ClipChoice(String id, String name, String card, String about) {}

    /** A use of the cut on the strip. */
    record UseTile(
            String id,
            int number,
            double at,
            double width,
            FrameView frame,
            String name,
            boolean hole,
            String status,
            boolean chosen) {}

    /** Something missing from the cut. */
    record HoleRow(
            int number, String useId, String shotId, String code, boolean listed, List<StandInChoice> standIns) {}

    /** What could be seen in its place. */
    record StandInChoice(String clipId, int frame, String code, String words) {}

    /** Something to be said of a use or a joint. */
    record JudgedRow(String where, FindingView finding) {}

    /** A shot to be made again. */
    record PickUpRow(String shotId, String code, String what, String minutes, boolean asked) {}

    /** What an editor said. */
    record RemarkRow(int number, String code, String kind, String words) {}

    /**
     * What was chosen.
     *
     * @param takeId of a take; empty for a use
     * @param useId of a use; empty for a take
     * @param choices clips that it could be, the present one first
     * @param said whether a person said which
     */
    record Panel(
            String takeId,
            String useId,
            String title,
            String words,
            List<ClipChoice> choices,
            String present,
            boolean said) {}
}
