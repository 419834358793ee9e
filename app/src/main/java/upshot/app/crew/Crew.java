package upshot.app.crew;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import upshot.app.account.Secrets;
import upshot.app.account.SignedIn;
import upshot.app.account.TypedCode;
import upshot.app.crew.CrewKey.Standing;
import upshot.app.job.EditRefused;
import upshot.app.job.JudgedPlans;
import upshot.app.job.Watched;
import upshot.app.store.CrewPhones;
import upshot.app.store.CrewPhones.CrewPhone;
import upshot.app.store.Job;
import upshot.app.store.Jobs;
import upshot.core.plan.Brief;

/** Lets phones of the crew in and takes that back. */
@Component
public class Crew implements Watched {

    /** More than a crew has, and few enough that a code that went round is noticed. */
    static final int MOST_PHONES = 60;

    private final CrewPhones phones;
    private final Jobs jobs;
    private final JudgedPlans plans;
    private final Clock clock;

    Crew(CrewPhones phones, Jobs jobs, JudgedPlans plans, Clock clock) {
        this.phones = phones;
        this.jobs = jobs;
        this.plans = plans;
        this.clock = clock;
    }

    /** A phone as the desk sees it. */
    public record Phone(CrewPhone phone, Standing standing) {}

    /** What a phone is let in with. */
    record Admitted(UUID jobId, String key) {}

    /**
     * A new code for the job, in the place of the one before; phones that are in stay in. It is said this once.
     *
     * @throws EditRefused when the day is over
     */
    @Transactional
    public String makeCode(Job job, SignedIn who) {
        jobs.lock(job.id()).orElseThrow();
        if (over(job)) {
            throw new EditRefused("This day ended more than 12 hours ago: a code would let nobody in. Change its date"
                    + " in the Brief first.");
        }
        String code = TypedCode.made();
        phones.putCode(job.id(), Secrets.hash(code), who.id(), clock.instant());
        return code;
    }

    /** No further phone is let in; those that are in stay in. */
    public void takeCodeBack(UUID jobId) {
        phones.takeCodeBack(jobId);
    }

    public Optional<Instant> codeMadeAt(UUID jobId) {
        return phones.codeMadeAt(jobId);
    }

    @Override
    public String state(UUID jobId) {
        return phones.state(jobId);
    }

    /** From the phone's next contact on it sees nothing. */
    public void takeBack(UUID jobId, UUID phoneId) {
        phones.takeBack(jobId, phoneId, clock.instant());
    }

    /** Phones that were ever let in, the latest first. */
    public List<Phone> phones(UUID jobId, Brief brief) {
        Instant now = clock.instant();
        return phones.of(jobId).stream()
                .map(phone -> new Phone(phone, CrewHours.standing(phone, brief, now)))
                .toList();
    }

    /**
     * Lets a phone in.
     *
     * @return empty when the code is none, or its day is over
     * @throws EditRefused when there are too many already
     */
    @Transactional
    public Optional<Admitted> admit(String typedCode, String name) {
        return phones.jobOfCode(Secrets.hash(TypedCode.plain(typedCode)))
                .flatMap(jobs::findThere)
                .filter(job -> !over(job))
                .map(job -> {
                    jobs.lock(job.id()).orElseThrow();
                    if (phones.of(job.id()).stream()
                                    .filter(phone -> phone.takenBackAt().isEmpty())
                                    .count()
                            >= MOST_PHONES) {
                        throw new EditRefused(
                                "%d phones are let in already. Whoever planned the day can take some back."
                                        .formatted(MOST_PHONES));
                    }
                    String key = Secrets.made();
                    Instant now = clock.instant().truncatedTo(ChronoUnit.MICROS);
                    phones.add(
                            new CrewPhone(UUID.randomUUID(), job.id(), name, now, now, Optional.empty()),
                            Secrets.hash(key));
                    return new Admitted(job.id(), key);
                });
    }

    private boolean over(Job job) {
        return CrewHours.dayEnds(brief(job))
                .filter(ends -> !clock.instant().isBefore(ends))
                .isPresent();
    }

    /** Whose key it is, for this job. */
    Optional<CrewKey> find(UUID jobId, String key) {
        return phones.withKey(jobId, Secrets.hash(key))
                .flatMap(phone -> jobs.findThere(jobId).map(job -> key(phone, job)));
    }

    private CrewKey key(CrewPhone phone, Job job) {
        Instant now = clock.instant();
        phones.seen(phone, now);
        return new CrewKey(job.id(), phone.id(), phone.name(), CrewHours.standing(phone, brief(job), now));
    }

    private Brief brief(Job job) {
        return plans.current(job.id(), job.ownerId()).verdict().plan().brief();
    }
}
