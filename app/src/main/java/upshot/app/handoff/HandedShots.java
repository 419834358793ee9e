package upshot.app.handoff;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import upshot.app.roll.LogStore;
import upshot.app.roll.ShootClock;
import upshot.app.web.Recent;
import upshot.core.handoff.AsShot;
import upshot.core.handoff.HandOffLog;
import upshot.core.handoff.JudgedAsShot;
import upshot.core.handoff.ShotTakes;
import upshot.core.handoff.UseAsShot;
import upshot.core.roll.DayLog;
import upshot.core.roll.LoggedDay;
import upshot.core.verdict.Verdict;

/** What follows from plan, log and hand-off together, as long as none of them changes. */
@Component
class HandedShots {

    private static final int KEPT = 50;

    private final LogStore log;
    private final HandOffStore store;
    private final ShootClock clock;
    private final Recent<Key, Shot> recent = Recent.of(KEPT);

    HandedShots(LogStore log, HandOffStore store, ShootClock clock) {
        this.log = log;
        this.store = store;
        this.clock = clock;
    }

    private record Key(UUID jobId, long version, long logged, long said) {}

    /** All of it. */
    record Shot(
            ShotTakes takes,
            HandOffLog said,
            List<UseAsShot> uses,
            JudgedAsShot judged,
            Optional<Instant> lastTakeReceivedAt) {}

    /** @param version of the plan that was judged */
    Shot of(UUID jobId, long version, Verdict verdict) {
        Key key = new Key(jobId, version, log.last(jobId), store.last(jobId));
        return recent.get(key).orElseGet(() -> {
            Shot shot = workedOut(jobId, verdict);
            recent.put(key, shot);
            return shot;
        });
    }

    private Shot workedOut(UUID jobId, Verdict verdict) {
        LoggedDay day = LoggedDay.of(verdict.plan(), verdict.day());
        HandOffLog said = HandOffLog.of(store.all(jobId));
        ShotTakes takes = ShotTakes.of(
                day, new DayLog(day, log.all(jobId)), clock.of(jobId).ms(), said);
        List<UseAsShot> uses = AsShot.of(takes, said);
        return new Shot(takes, said, uses, JudgedAsShot.of(verdict, takes, uses), log.lastTakeReceivedAt(jobId));
    }
}
