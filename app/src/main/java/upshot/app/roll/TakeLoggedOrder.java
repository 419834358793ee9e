package upshot.app.roll;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import upshot.app.job.EditRefused;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.order.DayPlan;
import upshot.core.order.Setup;
import upshot.core.order.Shoot;
import upshot.core.order.ShootingOrder;
import upshot.core.order.WrittenOrder;
import upshot.core.roll.DayLog;
import upshot.core.roll.LogEntry;
import upshot.core.roll.LoggedDay;
import upshot.day.log.LogState;

/** Makes an order that was taken on a phone the order of the plan: first what is shot, then as it says. */
@Component
class TakeLoggedOrder implements Gesture {

    private final LogStore log;

    TakeLoggedOrder(LogStore log) {
        this.log = log;
    }

    @Override
    public String name() {
        return "take-logged-order";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        String id = new Arguments(sent).text("entry");
        List<LogEntry> entries = log.all(context.jobId());
        LogEntry taken = entries.stream()
                .filter(entry ->
                        entry.id().toString().equals(id) && !entry.turns().isEmpty())
                .findFirst()
                .orElseThrow(() -> new EditRefused("There is no such order in the log."));
        DayPlan day = ShootingOrder.of(context.plan());
        Shoot shoot = day.shoot();
        LoggedDay logged = LoggedDay.of(context.plan(), day);
        LogState state = new DayLog(logged, entries).state(0);
        List<Integer> order = new ArrayList<>();
        state.takes().stream()
                .filter(take -> take.shot() >= 0 && take.counts())
                .map(take -> logged.shots().get(take.shot()).id())
                .forEach(shot -> add(shoot, shot, order));
        List<Integer> shot = List.copyOf(order);
        taken.turns().forEach(turn -> add(shoot, turn.about(), order));
        if (order.equals(shot)) {
            throw new EditRefused("Nothing of that order is left to be shot.");
        }
        List<List<Integer>> crews = new ArrayList<>(day.order().crews());
        crews.set(0, order);
        for (int crew = 1; crew < crews.size(); crew++) {
            crews.set(
                    crew,
                    crews.get(crew).stream().filter(one -> !order.contains(one)).toList());
        }
        return Proposal.of("take the order of a phone", WrittenOrder.of(shoot, crews, context.ids()));
    }

    private static void add(Shoot shoot, UUID shotId, List<Integer> order) {
        for (int place = 0; place < shoot.setups().size(); place++) {
            Setup setup = shoot.setups().get(place);
            boolean of = setup.shots().stream().anyMatch(shot -> shot.id().equals(shotId));
            if (of && !order.contains(place)) {
                order.add(place);
            }
        }
    }
}
