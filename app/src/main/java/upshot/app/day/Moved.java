package upshot.app.day;

import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import upshot.core.order.Comparison;
import upshot.core.order.Crew;
import upshot.core.order.DayPlan;
import upshot.core.order.ShootingOrder;
import upshot.core.order.WrittenOrder;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;

/**
 * What a move would come to.
 *
 * @param words for whoever drags
 * @param breaks whether something would no longer fit
 */
record Moved(String words, boolean breaks) {

    static Moved of(Plan plan, DayDesk at, int to) {
        if (at.setup().action().fixedTime().isPresent()) {
            return new Moved(
                    "%s happens at a fixed time: it stays there."
                            .formatted(at.setup().codes()),
                    true);
        }
        Crew crew = at.slot().crew();
        DayPlan after =
                ShootingOrder.of(plan.apply(WrittenOrder.move(at.day(), UUID::randomUUID, at.setup(), crew, to)));
        Comparison compared = Comparison.of(at.day(), after);
        String begins = after.slotOf(at.setup().first())
                .map(slot -> "%s begins at %s"
                        .formatted(at.setup().codes(), after.clock(slot.times().gettingReady())))
                .orElse("%s does not fit there".formatted(at.setup().codes()));
        String lost = compared.lost().isEmpty() ? "" : "; no longer fits: " + codes(compared.lost());
        String won = compared.won().isEmpty() ? "" : "; fits now: " + codes(compared.won());
        return new Moved(
                "%s%s%s. Slack %s min."
                        .formatted(
                                begins,
                                lost,
                                won,
                                Integer.toString(after.slackMin()).replace('-', '−')),
                !compared.lost().isEmpty());
    }

    private static String codes(List<Shot> shots) {
        return shots.stream().map(Shot::code).collect(Collectors.joining(", "));
    }
}
