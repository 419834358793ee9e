package upshot.app.handoff;

import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import upshot.app.handoff.ShotView.ClipChoice;
import upshot.app.handoff.ShotView.Stretch;
import upshot.app.handoff.ShotView.TakeRow;
import upshot.app.web.FrameView;
import upshot.core.finding.Wording;
import upshot.core.handoff.Clip;
import upshot.core.handoff.ClipClock;
import upshot.core.handoff.HandOffLog;
import upshot.core.handoff.Match;
import upshot.core.handoff.ShotTakes;
import upshot.core.handoff.ShotTakes.Kept;
import upshot.core.handoff.UseAsShot;
import upshot.core.handoff.UseAsShot.Source;
import upshot.core.plan.Brief;
import upshot.core.plan.Shot;
import upshot.core.verdict.Verdict;
import upshot.day.log.Take;

/** Cards, takes and clips, row by row. */
final class ShotRows {

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
    private static final DateTimeFormatter SECONDS = DateTimeFormatter.ofPattern("HH:mm:ss", Locale.ENGLISH);
    private static final double S = 1000;
    private static final double PERCENT = 100;
    private static final int MINUTE_S = 60;
    /** A camera's clock in the wrong zone is whole quarters of an hour off. */
    private static final double ZONE_STEP_MS = 15 * MINUTE_S * S;

    private final Verdict verdict;
    private final ShotTakes takes;
    private final HandOffLog said;
    private final List<UseAsShot> uses;
    private final String chosen;

    ShotRows(Verdict verdict, ShotTakes takes, HandOffLog said, List<UseAsShot> uses, String chosen) {
        this.verdict = verdict;
        this.takes = takes;
        this.said = said;
        this.uses = uses;
        this.chosen = chosen;
    }

    ZoneId zone() {
        Brief brief = verdict.plan().brief();
        return brief.zone().isEmpty() ? ZoneId.systemDefault() : brief.clock();
    }

    static String clock(double ms, ZoneId zone) {
        return CLOCK.format(Instant.ofEpochMilli((long) ms).atZone(zone));
    }

    private String clock(double ms) {
        return clock(ms, zone());
    }

    List<TakeRow> takes() {
        List<TakeRow> rows = new ArrayList<>();
        for (Take take : takes.state().takes()) {
            rows.add(take(take));
        }
        return rows.stream()
                .sorted(Comparator.comparing((TakeRow row) -> !row.uncertain()))
                .toList();
    }

    private TakeRow take(Take take) {
        Optional<Shot> shot = takes.shot(take.parts().get(0));
        String id = takes.begun(take).id().toString();
        Optional<Match> match = takes.match(take);
        Optional<Clip> clip = takes.clip(take);
        boolean uncertain = match.isPresent()
                ? !match.get().certain()
                : take.counts() && !said.clips().isEmpty();
        return new TakeRow(
                id,
                clock(take.fromMs()),
                shot.map(one -> FrameView.of(verdict, one)).orElse(null),
                codes(take),
                "take %d, %s".formatted(take.number(), judged(take)),
                take.body() < 0 ? "" : takes.day().bodies().get(take.body()).name(),
                clip.map(one -> choice(one, take)).orElse(null),
                stretches(take, clip),
                seen(clip),
                apart(match, take),
                uncertain && said.said().clips().get(UUID.fromString(id)) == null,
                id.equals(chosen));
    }

    String codes(Take take) {
        String codes = take.parts().stream()
                .map(takes::shot)
                .flatMap(Optional::stream)
                .map(Shot::code)
                .collect(Collectors.joining(", "));
        return codes.isEmpty() ? "extra" : codes;
    }

    private static String judged(Take take) {
        if (take.rolling()) {
            return "rolling";
        }
        return take.kept() == 1 ? "kept" : take.kept() == 0 ? "no keeper" : "not judged, kept";
    }

    private String apart(Optional<Match> match, Take take) {
        if (match.isEmpty()) {
            return said.clips().isEmpty() ? "" : take.counts() ? "no clip" : "none needed";
        }
        if (match.get().said()) {
            return "said so";
        }
        return match.get().certain()
                ? "certain"
                : "%s s apart".formatted(Wording.number(Math.abs(match.get().apartS()), 0));
    }

    /** How long a clip is, and when it begins against a take. */
    ClipChoice choice(Clip clip, Take take) {
        String lasts = lasts(clip.lastsS());
        double apartS = takes.beginsAfterS(clip, take);
        return new ClipChoice(clip.id().toString(), clip.name(), clip.card(), lasts + begins(apartS));
    }

    private static String begins(double apartS) {
        if (Double.isNaN(apartS)) {
            return "";
        }
        long seconds = Math.round(Math.abs(apartS));
        return seconds == 0
                ? ", begins with the roll"
                : ", begins %s %s the roll".formatted(lasts(seconds), apartS < 0 ? "before" : "after");
    }

    ClipChoice choice(Clip clip) {
        double atMs = takes.beginsMs(clip);
        String at = Double.isNaN(atMs)
                ? ""
                : ", " + SECONDS.format(Instant.ofEpochMilli((long) atMs).atZone(zone()));
        return new ClipChoice(clip.id().toString(), clip.name(), clip.card(), lasts(clip.lastsS()) + at);
    }

    private static String lasts(double seconds) {
        long whole = Math.round(seconds);
        if (whole < MINUTE_S) {
            return whole + " s";
        }
        String minutes = "%d min".formatted(whole / MINUTE_S);
        return whole % MINUTE_S == 0 ? minutes : "%s %02d s".formatted(minutes, whole % MINUTE_S);
    }

    private List<Stretch> stretches(Take take, Optional<Clip> clip) {
        return clip.isEmpty()
                ? List.of()
                : take.parts().stream()
                        .map(takes::shot)
                        .flatMap(Optional::stream)
                        .flatMap(shot -> takes.keepers(shot).stream())
                        .filter(kept -> kept.take() == take)
                        .map(ShotRows::clean)
                        .toList();
    }

    private static Stretch clean(Kept kept) {
        double lastsS = kept.capture().secondsOf(kept.clip().frames());
        return new Stretch(
                PERCENT * kept.clean().fromS() / lastsS, PERCENT * kept.clean().lastsS() / lastsS);
    }

    private List<Stretch> seen(Optional<Clip> clip) {
        return uses.stream()
                .map(UseAsShot::source)
                .flatMap(Optional::stream)
                .filter(source -> clip.filter(source.clip()::equals).isPresent())
                .map(ShotRows::seen)
                .toList();
    }

    private static Stretch seen(Source source) {
        double frames = source.clip().frames();
        return new Stretch(PERCENT * source.inFrame() / frames, PERCENT * source.frames() / frames);
    }

    String summary() {
        long cards = said.clips().stream().map(Clip::card).distinct().count();
        return "%s, %s, %s"
                .formatted(
                        Wording.count(said.clips().size(), "clip"),
                        Wording.count(takes.state().takes().size(), "take"),
                        Wording.count(cards, "card"));
    }

    List<Clip> leftOver() {
        Set<UUID> matched =
                takes.matching().matches().stream().map(Match::clipId).collect(Collectors.toSet());
        return said.clips().stream()
                .filter(clip -> !matched.contains(clip.id()))
                .toList();
    }

    String matched(List<TakeRow> rows) {
        if (said.clips().isEmpty()) {
            return "no clips have been read yet";
        }
        long certain =
                takes.matching().matches().stream().filter(Match::certain).count();
        long look = rows.stream().filter(TakeRow::uncertain).count();
        String clocks = clocks();
        return "%d certain, %d to look at, %d left over%s"
                .formatted(certain, look, leftOver().size(), clocks.isEmpty() ? "" : "; clocks: " + clocks);
    }

    /** Against the zone that is nearest: what people put right on a camera is minutes and seconds. */
    private String clocks() {
        Map<Integer, ClipClock> clocks = new HashMap<>(takes.matching().clocks());
        return clocks.entrySet().stream()
                .filter(clock -> clock.getKey() >= 0 && clock.getValue().source() != ClipClock.Source.ORDER)
                .sorted(Map.Entry.comparingByKey())
                .map(clock -> "%s %s"
                        .formatted(
                                takes.day().bodies().get(clock.getKey()).name(),
                                off(clock.getValue().addMs())))
                .collect(Collectors.joining(", "));
    }

    private static String off(double addMs) {
        double offMs = addMs - ZONE_STEP_MS * Math.rint(addMs / ZONE_STEP_MS);
        long seconds = Math.round(Math.abs(offMs) / S);
        return seconds == 0
                ? "right"
                : "%d:%02d %s".formatted(seconds / MINUTE_S, seconds % MINUTE_S, offMs > 0 ? "behind" : "ahead");
    }
}
