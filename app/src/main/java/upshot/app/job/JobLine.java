package upshot.app.job;

import upshot.core.finding.Wording;
import upshot.core.plan.Brief;

/**
 * The job in the header.
 *
 * @param facts length, rate, shape and tempo in one line
 */
record JobLine(String name, String facts) {

    static JobLine of(Brief brief) {
        String tempo = brief.tempoBpm()
                .map(bpm -> " · " + Wording.number(bpm, 1) + " bpm")
                .orElse("");
        return new JobLine(
                brief.name(),
                "%s s promo · %s fps · %s%s"
                        .formatted(
                                Wording.number(brief.lengthS(), 2), brief.rate().label(), brief.aspect(), tempo));
    }
}
