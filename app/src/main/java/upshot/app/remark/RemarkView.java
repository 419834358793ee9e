package upshot.app.remark;

import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.springframework.stereotype.Component;
import upshot.app.job.StageRequest;
import upshot.app.store.Remarks;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;

/**
 * A remark as it is shown.
 *
 * @param about the code of its shot; empty for the job
 * @param when by the clock of the place, or of this computer where that is not known
 * @param at the same for machines
 * @param mine whether whoever looks can take it back
 */
public record RemarkView(UUID id, String who, String about, String when, String at, String words, boolean mine) {

    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMM, HH:mm", Locale.ENGLISH);

    /** Remarks for the pages that show them. */
    @Component
    public static class Shown {

        private final Remarks remarks;

        Shown(Remarks remarks) {
            this.remarks = remarks;
        }

        /** What stands about a shot. */
        public List<RemarkView> about(UUID shotId, Plan plan, StageRequest request) {
            return remarks.standing(request.jobId()).stream()
                    .filter(said ->
                            said.remark().shotId().filter(shotId::equals).isPresent())
                    .map(said -> view(said, plan, request))
                    .toList();
        }

        /** All that stands. */
        public List<RemarkView> all(Plan plan, StageRequest request) {
            return remarks.standing(request.jobId()).stream()
                    .map(said -> view(said, plan, request))
                    .toList();
        }

        private static RemarkView view(Remarks.Said said, Plan plan, StageRequest request) {
            Remarks.Remark remark = said.remark();
            String zone = plan.brief().zone();
            ZoneId clock = zone.isEmpty() ? ZoneId.systemDefault() : ZoneId.of(zone);
            return new RemarkView(
                    remark.id(),
                    said.who(),
                    remark.shotId()
                            .map(shot -> plan.find(RecordKind.SHOT, shot)
                                    .map(one -> one.code())
                                    .orElse("a shot that is gone"))
                            .orElse(""),
                    WHEN.format(remark.saidAt().atZone(clock)),
                    remark.saidAt().toString(),
                    remark.words(),
                    remark.accountId().equals(request.who().id()));
        }
    }
}
