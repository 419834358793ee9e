package upshot.app.paper;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;
import upshot.app.job.JudgedPlans;
import upshot.app.web.Turns;
import upshot.core.frame.DrawnFrame;
import upshot.core.plan.Kind;
import upshot.core.plan.Plan;
import upshot.core.verdict.Verdict;
import upshot.exchange.pdf.Pdf;

/**
 * Papers that are made while their page may be elsewhere: one at a time, person by person in turn, holding no request and
 * no connection. Each is kept a while, until a later version of its job takes its place.
 */
@Component
class Papers {

    private static final long MOST_BYTES = 48_000_000;
    private static final int MOST_WAITING = 24;
    private static final Duration KEPT = Duration.ofMinutes(10);

    private final SpringTemplateEngine templates;
    private final Turns<Making> turns = new Turns<>();
    private final ExecutorService maker = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "paper");
        thread.setDaemon(true);
        return thread;
    });
    private final Cache<Wanted, Making> byWanted = Caffeine.newBuilder()
            .maximumWeight(MOST_BYTES)
            .<Wanted, Making>weigher((wanted, making) -> making.ready() ? making.pdf().length : 1)
            .expireAfterWrite(KEPT)
            .build();

    /** Which paper of which job. */
    private record Wanted(UUID jobId, String slug) {}

    Papers(SpringTemplateEngine templates) {
        this.templates = templates;
    }

    /**
     * The paper of a plan as it stands: begun now, or the one that is being made or is ready. Nothing where too many wait.
     */
    Optional<Making> of(UUID jobId, UUID whoId, PaperKind kind, JudgedPlans.Current current) {
        Wanted wanted = new Wanted(jobId, kind.slug());
        synchronized (byWanted) {
            Making there = byWanted.getIfPresent(wanted);
            if (there != null && there.version() == current.version() && !ended(there)) {
                return Optional.of(there);
            }
            if (turns.size() >= MOST_WAITING) {
                return Optional.empty();
            }
            if (there != null) {
                give(there);
            }
            return Optional.of(begin(wanted, whoId, kind, current));
        }
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
                being -> made(being, kind.sheet(wanted.jobId, verdict), plan));
        byWanted.put(wanted, making);
        // What is ready weighs more than what is not.
        making.ended().thenRun(() -> byWanted.asMap().replace(wanted, making, making));
        turns.add(whoId, making);
        maker.submit(() -> turns.next().ifPresent(Making::run));
        return making;
    }

    private byte[] made(Making making, Sheet sheet, Plan plan) {
        String page = templates.process(sheet.template(), new Context(Locale.ENGLISH, sheet.model()));
        return Pdf.of(
                page,
                shipped(sheet.css()),
                shotId -> DrawnFrame.of(plan, plan.get(Kind.SHOT, UUID.fromString(shotId))),
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
        return Optional.ofNullable(byWanted.getIfPresent(new Wanted(jobId, slug)));
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
        byWanted.asMap().values().forEach(this::give);
        maker.shutdownNow();
    }
}
