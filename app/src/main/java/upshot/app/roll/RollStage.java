package upshot.app.roll;

import java.time.Clock;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import upshot.app.account.SignedIn;
import upshot.app.crew.Crew;
import upshot.app.job.Stage;
import upshot.app.job.StageRequest;
import upshot.app.lan.Lan;
import upshot.core.plan.Brief;
import upshot.core.verdict.Verdict;

/** The day as it runs, seen from the desk. */
@Component
class RollStage implements Stage {

    private static final long MINUTE_MS = 60_000;

    private final LogStore log;
    private final Crew crew;
    private final ApartStore apart;
    private final CrewView.Trust trust;
    private final Optional<PlayedDay> played;
    private final ShootClock clock;
    private final Clock real;

    RollStage(
            LogStore log,
            Crew crew,
            ApartStore apart,
            Optional<Lan> lan,
            Optional<PlayedDay> played,
            ShootClock clock,
            Clock real) {
        this.played = played;
        this.real = real;
        this.log = log;
        this.crew = crew;
        this.apart = apart;
        this.trust = lan.map(CrewView.Trust::of).orElse(null);
        this.clock = clock;
    }

    @Override
    public int digit() {
        return 6;
    }

    @Override
    public String slug() {
        return "roll";
    }

    @Override
    public String title() {
        return "Roll";
    }

    @Override
    public boolean hasScript() {
        return true;
    }

    /** The day at the desk is to be that of the phones within two seconds. */
    @Override
    public int newsEveryMs() {
        return 1000;
    }

    @Override
    public List<String> pieces() {
        return List.of("rolled");
    }

    /** How late it is, is said to the minute. */
    @Override
    public String beside(SignedIn who) {
        return Long.toString(real.millis() / MINUTE_MS);
    }

    @Override
    public Map<String, Object> model(Verdict verdict, StageRequest request) {
        UUID job = request.jobId();
        Brief brief = verdict.plan().brief();
        Map<String, Object> model = new HashMap<>();
        model.put("desk", RolledView.of(verdict, log.all(job), clock.of(job).ms()));
        model.put("crew", CrewView.of(brief, crew.codeMadeAt(job), crew.phones(job, brief), apart.counts(job), trust));
        model.put("played", played.flatMap(day -> day.shown(job)).orElse(null));
        return model;
    }
}
