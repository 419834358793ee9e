package upshot.app.paper;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;
import upshot.app.job.JudgedPlans;
import upshot.app.web.FairQueue;
import upshot.app.web.Recent;
import upshot.core.frame.DrawnFrame;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.verdict.Verdict;
import upshot.exchange.pdf.Pdf;

/**
 * Papers that are made while their page may be elsewhere: one at a time, person by person in turn, holding no request and
 * no connection. What is ready is kept until later papers need its room.
 */
@Component
class Papers {

    private static final long MOST_BYTES = 48_000_000;
    private static final int MOST_WAITING = 24;

    private final SpringTemplateEngine templates;
    private final FairQueue<Making> turns = new FairQueue<>();
    private final ExecutorService maker = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "paper");
        thread.setDaemon(true);
        return thread;
    });
    private final Recent<Wanted, Making> going = new Recent<>(MOST_WAITING + 8, making -> 1, this::give);
    private final Recent<Wanted, Making> ready = new Recent<>(MOST_BYTES, making -> making.pdf().length, gone -> {});

    /** The first paper after a start takes seconds for fonts and classes; so nobody waits for it. */
    @EventListener(ApplicationReadyEvent.class)
    void warm() {
        maker.submit(() -> Pdf.of("<html><head><title>Warm</title></head><body><p>warm</p></body></html>", ""));
    }

    /** Which paper of which job. */
    private record Wanted(UUID jobId, String slug) {}

    Papers(SpringTemplateEngine templates) {
        this.templates = templates;
    }

    /**
     * The paper of a plan as it stands: begun now, or the one that is being made or is ready. Nothing where too many wait.
     */
    synchronized Optional<Making> of(UUID jobId, UUID whoId, PaperKind kind, JudgedPlans.Current current) {
        Wanted wanted = new Wanted(jobId, kind.slug());
        Optional<Making> there = of(wanted).filter(one -> one.version() == current.version() && !ended(one));
        if (there.isPresent() || turns.size() >= MOST_WAITING) {
            return there;
        }
        return Optional.of(begin(wanted, whoId, kind, current));
    }

    /** In another way than well. */
    private static boolean ended(Making making) {
        return making.state() == Making.State.FAILED || making.state() == Making.State.STOPPED;
    }

    private Making begin(Wanted wanted, UUID whoId, PaperKind kind, JudgedPlans.Current current) {
        Verdict verdict = current.verdict();
        Plan plan = verdict.plan();
        Making making = new Making(
                plan.brief().name(),
                current.version(),
                plan.shots().size(),
                being -> made(being, kind.sheet().apply(wanted.jobId, verdict), plan));
        going.put(wanted, making);
        making.ended().thenAccept(state -> ended(wanted, making, state));
        turns.add(whoId, making);
        maker.submit(() -> turns.next().ifPresent(Making::run));
        return making;
    }

    private synchronized void ended(Wanted wanted, Making making, Making.State state) {
        boolean latest = going.get(wanted).filter(one -> one == making).isPresent();
        if (latest && state == Making.State.READY) {
            going.remove(wanted);
            ready.put(wanted, making);
        }
    }

    private byte[] made(Making making, Sheet sheet, Plan plan) {
        String page = templates.process(sheet.template(), new Context(Locale.ENGLISH, sheet.model()));
        return Pdf.of(
                page,
                shipped(sheet.css()),
                shotId -> DrawnFrame.of(plan, plan.get(RecordKind.SHOT, UUID.fromString(shotId))),
                making::drawn);
    }

    private static String shipped(String path) {
        try {
            return new ClassPathResource("static/" + path).getContentAsString(StandardCharsets.UTF_8);
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }

    /** The paper that was asked for last. */
    Optional<Making> of(UUID jobId, String slug) {
        return of(new Wanted(jobId, slug));
    }

    private synchronized Optional<Making> of(Wanted wanted) {
        return going.get(wanted).or(() -> ready.get(wanted));
    }

    /** How many go before one that waits. */
    int before(Making making) {
        return turns.before(one -> one == making);
    }

    /** Gives a paper up that nobody wants any more. */
    void stop(UUID jobId, String slug) {
        of(jobId, slug).ifPresent(this::give);
    }

    private void give(Making making) {
        making.stop();
        turns.remove(making);
    }

    @PreDestroy
    void close() {
        going.clear();
        maker.shutdownNow();
    }
}
