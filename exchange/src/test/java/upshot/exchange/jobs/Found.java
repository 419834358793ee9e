package upshot.exchange.jobs;

import java.util.ArrayList;
import java.util.List;
import upshot.core.coverage.Coverage;
import upshot.core.coverage.Hole;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.order.DayPlan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.verdict.Verdict;

/** Everything but praise that is said of a job, each as rule, place and verdict. */
final class Found {

    /**
     * One thing said.
     *
     * @param line rule, place, verdict, as the tables of what must be found have them
     * @param sentence the program's own
     */
    record Said(String line, String sentence) {}

    private final JobFile.Job job;
    private final List<Said> said = new ArrayList<>();

    private Found(JobFile.Job job) {
        this.job = job;
    }

    static List<Said> in(JobFile.Job job) {
        Verdict verdict = Verdict.of(job.plan());
        Found found = new Found(job);
        verdict.holes().forEach(found::hole);
        for (int i = 0; i < Coverage.missingFeatures(job.plan()); i++) {
            found.say("coverage", "feature", "HOLE", "a feature of the place nobody wrote down");
        }
        for (Shot shot : job.plan().shots()) {
            verdict.findingsOf(shot).forEach(finding -> found.finding(shot.code(), finding));
        }
        for (int joint = 0; joint < verdict.joints().size(); joint++) {
            String place = verdict.cut().uses().get(joint).shot().code() + ">"
                    + verdict.cut().uses().get(joint + 1).shot().code();
            verdict.joints().get(joint).forEach(finding -> found.finding(place, finding));
        }
        verdict.whole().forEach(finding -> found.finding("cut", finding));
        for (DayPlan.Dropped dropped : verdict.day().dropped()) {
            dropped.setup().shots().forEach(shot -> found.say("day", shot.code(), "LEFT_OUT", "left out of the day"));
        }
        return found.said;
    }

    private void finding(String place, Finding finding) {
        if (finding.status() != Status.CLEAR) {
            say(finding.ruleId(), place, finding.status().name(), finding.sentence());
        }
    }

    private void hole(Hole hole) {
        String who = hole.performerId()
                .map(one -> job.plan().get(RecordKind.SUBJECT, one).name() + " ")
                .orElse("");
        boolean ofTheFilm = hole.want() == Hole.Want.WAY_IN || hole.want() == Hole.Want.WAY_OUT;
        String where = ofTheFilm || hole.want() == Hole.Want.FEATURE
                ? hole.label()
                : "%s: %s%s".formatted(job.words().get(hole.actionId()), who, hole.label());
        say("coverage", where, "HOLE", hole.misses());
    }

    private void say(String rule, String place, String verdict, String sentence) {
        said.add(new Said("%s,%s,%s".formatted(rule, place, verdict), sentence));
    }
}
