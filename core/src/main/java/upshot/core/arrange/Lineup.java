package upshot.core.arrange;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.cut.Picture;
import upshot.core.plan.Plan;
import upshot.core.plan.Use;

/** Slots without a gap from the first frame of the promo to its last. */
record Lineup(List<LineupUse> slots) {

    Lineup {
        slots = List.copyOf(slots);
    }

    /** The cut that it would be. The uses are nobody's: their ids count up and stand in no plan. */
    PaperCut cut(Plan plan) {
        List<Placed> placed = new ArrayList<>(slots.size());
        for (LineupUse slot : slots) {
            int index = placed.size();
            Use use = slot.pinned()
                    .orElseGet(() -> Use.cut(
                                    new UUID(0x4000L, 0x8000_0000_0000_0000L | index),
                                    slot.shot().id(),
                                    index,
                                    slot.frames())
                            .played(slot.frameStep()));
            placed.add(new Placed(index, new Picture(use, plan.view(slot.shot())), slot.startFrame()));
        }
        return new PaperCut(
                plan, placed, slots.isEmpty() ? 0 : slots.get(slots.size() - 1).endFrame());
    }

    Lineup with(int index, LineupUse slot) {
        List<LineupUse> changed = new ArrayList<>(slots);
        changed.set(index, slot);
        return new Lineup(changed);
    }
}
