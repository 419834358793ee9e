package upshot.app.demo;

import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.ThreadFactory;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import upshot.app.account.SignedIn;
import upshot.app.job.EditRefused;
import upshot.app.job.JudgedPlans;
import upshot.app.roll.LogStore;
import upshot.app.roll.PlayedDay;
import upshot.app.roll.ShootClock;
import upshot.app.store.Job;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.roll.LogEntry;
import upshot.core.roll.LoggedDay;
import upshot.core.verdict.Verdict;
import upshot.day.log.What;

/** Plays the evening of a job with a date: its afternoon at once, its last three hours in three minutes. */
@Component
@Profile("demo")
class PlayedEvening implements PlayedDay, DisposableBean {

    private static final Logger LOG = LoggerFactory.getLogger(PlayedEvening.class);
    private static final long EVENING_MS = 3 * 60 * 60_000L;
    private static final long STEP_MS = 200;

    private final LogStore log;
    private final JudgedPlans plans;
    private final ShootClock clock;
    private final String cards;
    private final double pace;
    private final ThreadFactory quiet = work -> {
        Thread thread = new Thread(work, "evening");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    };
    private final ScheduledExecutorService steps = Executors.newSingleThreadScheduledExecutor(quiet);
    private final ExecutorService filming = Executors.newSingleThreadExecutor(quiet);
    private final Map<UUID, ScheduledFuture<?>> playing = new ConcurrentHashMap<>();
    private final Set<UUID> cut = ConcurrentHashMap.newKeySet();

    PlayedEvening(
            LogStore log,
            JudgedPlans plans,
            ShootClock clock,
            @Value("${upshot.demo.cards:}") String cards,
            @Value("${upshot.demo.pace:60}") double pace) {
        this.log = log;
        this.pace = pace;
        this.plans = plans;
        this.clock = clock;
        this.cards = cards;
    }

    @Override
    public Optional<Shown> shown(UUID jobId) {
        if (playing.containsKey(jobId)) {
            return Optional.of(
                    cut.contains(jobId)
                            ? new Shown(
                                    false, "Join it again", "The phones have no network: what they log waits on them.")
                            : new Shown(
                                    false,
                                    "Cut the phones’ network",
                                    "The evening plays itself, an hour in a minute. Phones that open Roll now are in it."));
        }
        return log.last(jobId) == 0
                ? Optional.of(new Shown(
                        true,
                        "",
                        "This is the demo: the evening can play itself in three minutes, with something late, a take that"
                                + " fails, and a camera that leaves its clips on a card."))
                : Optional.empty();
    }

    @Override
    public String state(UUID jobId) {
        return "%d%d".formatted(playing.containsKey(jobId) ? 1 : 0, cut.contains(jobId) ? 1 : 0);
    }

    /** Cuts the network of the phones, or joins it again; while nothing plays it is whole. */
    void cutOrJoin(UUID jobId) {
        if (!cut.remove(jobId) && playing.containsKey(jobId)) {
            cut.add(jobId);
        }
    }

    boolean isCut(UUID jobId) {
        return cut.contains(jobId);
    }

    /**
     * Begins.
     *
     * @throws EditRefused when something was logged already, or the day has no date
     */
    synchronized void play(Job job, SignedIn who) {
        if (playing.containsKey(job.id()) || log.last(job.id()) > 0) {
            throw new EditRefused("This day has a log already.");
        }
        Verdict verdict = plans.current(job.id(), job.ownerId()).verdict();
        if (verdict.plan().brief().shootDate().isEmpty()) {
            throw new EditRefused("A day without a date cannot be played.");
        }
        List<LogEntry> all = Evening.of(LoggedDay.of(verdict.plan(), verdict.day()));
        long endMs = all.get(all.size() - 1).serverMs();
        clock.play(job.id(), endMs - EVENING_MS, pace);
        Deque<LogEntry> left = new ArrayDeque<>(all);
        Takes takes = new Takes(verdict.plan());
        playing.put(
                job.id(),
                steps.scheduleWithFixedDelay(
                        () -> step(job.id(), who, left, takes), 0, STEP_MS, TimeUnit.MILLISECONDS));
    }

    private void step(UUID jobId, SignedIn who, Deque<LogEntry> left, Takes takes) {
        try {
            long now = clock.of(jobId).ms();
            List<LogEntry> said = new ArrayList<>();
            while (!cut.contains(jobId) && !left.isEmpty() && left.peek().serverMs() <= now) {
                said.add(left.poll());
            }
            if (!said.isEmpty()) {
                log.add(jobId, LogStore.Sender.of(who), said);
                said.forEach(takes::follow);
            }
        } catch (RuntimeException broken) {
            LOG.warn("The evening cannot be played on", broken);
            left.clear();
        }
        if (left.isEmpty()) {
            clock.real(jobId);
            cut.remove(jobId);
            playing.remove(jobId).cancel(false);
        }
    }

    /** Which clip is of which take, for the camera. */
    private final class Takes {

        private final Plan plan;
        private final Optional<StandInCamera> camera;
        private final Map<UUID, LogEntry> begun = new HashMap<>();
        private final Map<UUID, Instant> ended = new HashMap<>();
        private final Map<UUID, Integer> counts = new HashMap<>();

        Takes(Plan plan) {
            this.plan = plan;
            this.camera = cards.isEmpty() ? Optional.empty() : Optional.of(new StandInCamera(Path.of(cards), plan));
        }

        void follow(LogEntry entry) {
            if (entry.what().beginsTake()) {
                begun.put(entry.id(), entry);
            } else if (entry.what() == What.STOP) {
                ended.put(entry.of().orElseThrow(), Instant.ofEpochMilli(entry.serverMs()));
            } else if (entry.what() == What.CLIP) {
                camera.ifPresent(one -> film(one, entry));
            }
        }

        private void film(StandInCamera one, LogEntry clip) {
            UUID take = clip.of().orElseThrow();
            LogEntry roll = begun.get(take);
            Optional<Shot> shot = roll.about()
                    .flatMap(id -> plan.shots().stream()
                            .filter(any -> any.id().equals(id))
                            .findFirst());
            int number = counts.merge(roll.about().orElse(take), 1, Integer::sum);
            StandInCamera.Rolled rolled =
                    new StandInCamera.Rolled(shot, number, Instant.ofEpochMilli(roll.serverMs()), ended.get(take));
            filming.execute(() -> one.leave(clip.detail(), clip.words(), rolled));
        }
    }

    @Override
    public void destroy() {
        steps.shutdownNow();
        filming.shutdownNow();
    }
}
