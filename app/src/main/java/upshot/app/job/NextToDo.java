package upshot.app.job;

import upshot.core.finding.Wording;
import upshot.core.plan.Plan;
import upshot.core.verdict.Gauges;

/**
 * What is to do next on a job, in the order of the work.
 *
 * @param slug of the stage where it is done
 */
record NextToDo(String words, String slug) {

    static NextToDo of(Plan plan, Gauges gauges) {
        if (plan.actions().isEmpty()) {
            return new NextToDo("Write down what happens", "brief");
        }
        if (plan.shots().isEmpty()) {
            return new NextToDo("Plan the pictures", "coverage");
        }
        if (gauges.openHoles() > 0) {
            return new NextToDo("Fill " + Wording.count(gauges.openHoles(), "open hole"), "coverage");
        }
        if (plan.uses().isEmpty()) {
            return new NextToDo("Arrange the cut", "cut");
        }
        if (gauges.brokenJoints() > 0) {
            return new NextToDo("Mend " + Wording.count(gauges.brokenJoints(), "joint"), "cut");
        }
        if (gauges.slackMin() < 0) {
            return new NextToDo("Make room in the day", "day");
        }
        return plan.brief().shootDate().isEmpty()
                ? new NextToDo("Set the date", "brief")
                : new NextToDo("Print the call sheet", "day");
    }
}
