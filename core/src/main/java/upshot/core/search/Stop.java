package upshot.core.search;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.variable.InverseRelationShadowVariable;
import ai.timefold.solver.core.api.domain.variable.PreviousElementShadowVariable;
import ai.timefold.solver.core.api.domain.variable.ShadowSources;
import ai.timefold.solver.core.api.domain.variable.ShadowVariable;
import upshot.core.order.Pace;
import upshot.core.order.Stepping;
import upshot.core.plan.Priority;

/** A setup that may have its place in a round; how the day stands after it follows from what comes before. */
@PlanningEntity
public class Stop {

    @PlanningId
    int setup;

    Priority priority;
    int shots;
    Stepping stepping;

    @InverseRelationShadowVariable(sourceVariableName = "stops")
    Round round;

    @PreviousElementShadowVariable(sourceVariableName = "stops")
    Stop previous;

    @ShadowVariable(supplierName = "timed")
    Pace pace;

    /** For the solver. */
    public Stop() {}

    Stop(int setup, Priority priority, int shots, Stepping stepping) {
        this.setup = setup;
        this.priority = priority;
        this.shots = shots;
        this.stepping = stepping;
    }

    /** How the day stands after it, none while nobody shoots it. */
    @ShadowSources({"round", "previous.pace"})
    public Pace timed() {
        if (round == null || previous != null && previous.pace == null) {
            return null;
        }
        return previous == null ? stepping.first(round.crew, setup) : stepping.then(previous.pace, setup);
    }

    Pace pace() {
        return pace;
    }
}
