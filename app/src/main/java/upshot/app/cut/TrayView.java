package upshot.app.cut;

import java.util.List;
import java.util.Optional;
import upshot.app.web.FrameView;
import upshot.core.arrange.Tray;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Status;
import upshot.core.verdict.Verdict;

/**
 * The shots that could go to the chosen place, those that cut best first.
 *
 * @param place where, in words
 * @param after the use behind which they go, empty for the front or the end
 * @param instead the use in whose place they could go, empty where none is chosen
 * @param offers the best of them, or all
 * @param more how many more there are, negative where all are shown
 */
record TrayView(String place, String after, String instead, List<Offered> offers, int more) {

    private static final int SHOWN = 8;
    /** Enough to find the best among, and answered at once in a job of any size. */
    private static final int TRIED = 80;

    /**
     * A shot in the tray.
     *
     * @param status of the worst joint that it would make
     * @param used "in the cut already", or empty
     */
    record Offered(FrameView frame, String status, String reason, String used) {}

    static TrayView of(Verdict verdict, Optional<Placed> use, Optional<Integer> joint, boolean all) {
        Optional<Placed> behind = use.or(() -> joint.map(verdict.cut()::outOf));
        int uses = verdict.cut().uses().size();
        int index = behind.map(placed -> placed.index() + 1).orElse(uses);
        int frames = CutEdits.usualFrames(verdict.plan());
        String place =
                behind.map(placed -> "behind " + placed.shot().code()).orElse(uses == 0 ? "first" : "at the end");
        int shots = verdict.plan().shots().size();
        List<Tray.Offer> offers = Tray.at(verdict, index, false, frames, all ? shots : TRIED);
        int shown = all ? shots : Math.min(SHOWN, offers.size());
        return new TrayView(
                place,
                behind.map(placed -> placed.use().id().toString()).orElse(""),
                use.map(placed -> placed.use().id().toString()).orElse(""),
                offers.stream()
                        .limit(shown)
                        .map(offer -> offered(verdict, offer))
                        .toList(),
                all && shots > SHOWN ? -1 : shots - shown);
    }

    private static Offered offered(Verdict verdict, Tray.Offer offer) {
        Status worst = offer.weight() >= Status.BREAK.weight()
                ? Status.BREAK
                : offer.weight() > 0 ? Status.WATCH : Status.CLEAR;
        String used = switch (offer.used()) {
            case 0 -> "";
            case 1 -> "in the cut already";
            default -> "in the cut %d times".formatted(offer.used());
        };
        return new Offered(FrameView.of(verdict, offer.shot()), worst.label(), offer.reason(), used);
    }
}
