package upshot.core.order;

import java.util.List;
import upshot.core.plan.RecordKind;
import upshot.day.Changes;

/** What has to be done between two setups, in words. */
final class ChangeWords {

    private final Shoot shoot;

    ChangeWords(Shoot shoot) {
        this.shoot = shoot;
    }

    /**
     * Each part of a change.
     *
     * @param before the setup that was shot before, or −1 at the start of the day
     * @param saved minutes of rigging that are not needed, because the support stands there since before
     */
    List<SpentMinutes> of(int before, int next, double saved) {
        return shoot.problem().change(before, next).stream()
                .map(item -> saved > 0 && item.work() == Changes.Work.RIG
                        ? new SpentMinutes(
                                "Take up the %s that stands there".formatted(support(next)), item.minutes() - saved)
                        : new SpentMinutes(label(item.work(), before, next), item.minutes()))
                .toList();
    }

    private String support(int setup) {
        return shoot.setups().get(setup).support().label();
    }

    private String from(Setup before) {
        return shoot.plan().get(RecordKind.SPOT, before.stand().spotId()).name();
    }

    private String label(Changes.Work work, int before, int next) {
        return switch (work) {
            case WALK -> "Walk from " + from(shoot.setups().get(before));
            case RIG -> "Rig the " + support(next);
            case NEW_STAND -> "New stand";
            case LENS -> "Change the lens";
            case REBALANCE -> "Balance again";
            case RATE -> "Change the frame rate";
            case LAMPS_PLACED -> "Place the lamps";
            case LAMPS_OFF -> "Lamps off";
            case LAMPS_ON -> "Lamps on";
            case ANOTHER_ACTION -> "Another action";
        };
    }
}
