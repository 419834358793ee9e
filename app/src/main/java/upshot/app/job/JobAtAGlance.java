package upshot.app.job;

import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import upshot.app.web.FrameView;
import upshot.core.cut.PaperCut;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.verdict.Verdict;

/**
 * A job as the list of jobs shows it.
 *
 * @param date of the shoot, in words
 * @param strip the first pictures of its cut, of its story where there is no cut yet
 * @param next what is to do next
 */
record JobAtAGlance(
        String name, String facts, String date, List<FrameView> strip, NextToDo next, List<GaugeView> gauges) {

    private static final int PICTURES = 6;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM uuuu", Locale.ENGLISH);

    static JobAtAGlance of(Verdict verdict) {
        Plan plan = verdict.plan();
        JobLine line = JobLine.of(plan.brief());
        return new JobAtAGlance(
                line.name(),
                line.facts(),
                plan.brief().shootDate().map(DAY::format).orElse("No date yet"),
                pictures(verdict)
                        .distinct()
                        .limit(PICTURES)
                        .map(shot -> FrameView.of(verdict, shot))
                        .toList(),
                NextToDo.of(plan, verdict.gauges()),
                GaugeView.of(verdict));
    }

    private static Stream<Shot> pictures(Verdict verdict) {
        Plan plan = verdict.plan();
        return plan.uses().isEmpty()
                ? plan.shotsAsTold().stream()
                : verdict.cut().uses().stream().map(PaperCut.Placed::shot);
    }
}
