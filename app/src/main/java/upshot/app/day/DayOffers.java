package upshot.app.day;

import org.springframework.stereotype.Component;
import upshot.app.web.Recent;
import upshot.core.order.DayPlan;
import upshot.core.order.LaterCall;
import upshot.core.order.LaterWrap;
import upshot.core.plan.Brief;
import upshot.core.plan.Plan;
import upshot.day.DayProblem;

/** What a day could be instead. It is tried by ordering the day anew, which takes its time: once for equal days. */
@Component
class DayOffers {

    private static final int KEPT = 64;

    private final Recent<Day, Offers> kept = Recent.of(KEPT);

    /** Equal problems have equal orders; the brief's hours give their minutes a clock. */
    private record Day(DayProblem problem, Brief brief) {}

    /**
     * Sentences, empty for what is not offered.
     *
     * @param laterWrap what a later wrap would hold
     * @param laterCall what a later call would save
     */
    record Offers(String laterWrap, String laterCall) {}

    Offers of(Plan plan, DayPlan day) {
        Day key = new Day(day.shoot().problem(), plan.brief());
        Offers offers = kept.get(key)
                .orElseGet(() -> new Offers(
                        LaterWrap.of(plan, day).map(LaterWrap::sentence).orElse(""),
                        LaterCall.of(plan, day).map(LaterCall::sentence).orElse("")));
        kept.put(key, offers);
        return offers;
    }
}
