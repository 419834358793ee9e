package upshot.app.demo;

import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import upshot.core.handoff.AsShot;
import upshot.core.handoff.Clip;
import upshot.core.handoff.HandOffEntry;
import upshot.core.handoff.HandOffLog;
import upshot.core.handoff.HandOffWhat;
import upshot.core.handoff.JudgedAsShot;
import upshot.core.handoff.ShotTakes;
import upshot.core.handoff.UseAsShot;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.roll.DayLog;
import upshot.core.roll.LogEntry;
import upshot.core.roll.LoggedDay;
import upshot.core.verdict.Verdict;
import upshot.day.log.What;
import upshot.exchange.handoff.Handed;

/** The demo's evening as it was shot, with the headers that its cameras left, whatever the promo's rate. */
final class ShotEvening {

    final Verdict verdict;
    final LoggedDay day;
    final List<LogEntry> log;
    final List<Clip> clips = new ArrayList<>();
    /** The truth: which take each clip is of. */
    final Map<UUID, UUID> takeOf = new HashMap<>();

    ShotEvening(Plan plan, FrameRate rate) {
        Plan at = rate.equals(plan.brief().rate())
                ? plan
                : plan.apply(new Change.Set(
                        RecordKind.BRIEF,
                        plan.brief().id(),
                        "rate",
                        plan.brief().rate(),
                        rate));
        verdict = Verdict.of(at);
        day = LoggedDay.of(verdict.plan(), verdict.day());
        log = Evening.of(day);
        Map<UUID, LogEntry> begun = new HashMap<>();
        Map<UUID, LogEntry> ended = new HashMap<>();
        for (LogEntry entry : log) {
            if (entry.what().beginsTake()) {
                begun.put(entry.id(), entry);
            } else if (entry.what() == What.STOP) {
                ended.put(entry.of().orElseThrow(), entry);
            } else if (entry.what() == What.CLIP) {
                UUID take = entry.of().orElseThrow();
                clip(entry, begun.get(take), ended.get(take));
            }
        }
    }

    private void clip(LogEntry said, LogEntry roll, LogEntry stop) {
        FrameRate capture = roll.about()
                .flatMap(id -> verdict.plan().find(RecordKind.SHOT, id))
                .map(Shot::captureRate)
                .orElse(verdict.plan().brief().rate());
        double lastsS = (stop.serverMs() - roll.serverMs()) / 1000.0;
        Instant local = Instant.ofEpochMilli(roll.serverMs())
                .atZone(verdict.plan().brief().clock())
                .toLocalDateTime()
                .minusSeconds(41)
                .toInstant(ZoneOffset.UTC);
        Clip clip = new Clip(
                UUID.nameUUIDFromBytes(said.words().getBytes(StandardCharsets.UTF_8)),
                said.detail(),
                List.of(said.words() + ".mp4"),
                1000,
                (int) Math.max(1, capture.framesIn(lastsS, RoundingMode.DOWN)),
                capture,
                false,
                1920,
                1080,
                Optional.empty(),
                false,
                Optional.of(local.getEpochSecond() * 1000),
                "");
        clips.add(clip);
        takeOf.put(clip.id(), roll.id());
    }

    /** @param more what is said besides */
    Handed handed(List<HandOffEntry> more) {
        List<HandOffEntry> entries = new ArrayList<>(List.of(new HandOffEntry(
                UUID.nameUUIDFromBytes(new byte[] {1}),
                HandOffWhat.CLIPS,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                "",
                0,
                "",
                clips)));
        entries.addAll(more);
        HandOffLog said = HandOffLog.of(entries);
        long endMs = log.get(log.size() - 1).serverMs();
        ShotTakes takes = ShotTakes.of(day, new DayLog(day, log), endMs, said);
        List<UseAsShot> uses = AsShot.of(takes, said);
        return new Handed(verdict, takes, said, JudgedAsShot.of(verdict, takes, uses));
    }
}
