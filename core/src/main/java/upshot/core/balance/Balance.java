package upshot.core.balance;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import upshot.core.balance.Chart.Part;
import upshot.core.cut.BeatSeconds;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.ground.ScreenTravel;
import upshot.core.ground.Stand;
import upshot.core.plan.Plan;
import upshot.core.plan.StoryBeat;
import upshot.core.size.CameraHeight;
import upshot.core.size.SizeClass;
import upshot.core.time.Playback;
import upshot.core.verdict.Verdict;

/** All charts of a cut. */
public final class Balance {

    private final Verdict verdict;
    private final PaperCut cut;
    private final Plan plan;

    private Balance(Verdict verdict) {
        this.verdict = verdict;
        this.cut = verdict.cut();
        this.plan = verdict.plan();
    }

    /** None while the cut is empty. */
    public static List<Chart> of(Verdict verdict) {
        Balance balance = new Balance(verdict);
        return verdict.cut().uses().isEmpty()
                ? List.of()
                : List.of(
                        balance.beats(),
                        balance.speed(),
                        balance.camera(),
                        balance.heights(),
                        balance.sizes(),
                        balance.sides());
    }

    private Chart beats() {
        Map<UUID, Double> targets = BeatSeconds.of(plan);
        List<Part> parts = new ArrayList<>();
        for (StoryBeat beat : plan.beats()) {
            List<Placed> uses = cut.uses().stream()
                    .filter(placed -> placed.action().beatId().equals(beat.id()))
                    .toList();
            parts.add(part(beat.name(), uses, Optional.of(targets.get(beat.id()))));
        }
        return chart(
                "beats",
                "Beats",
                "the mark is what was meant, or an even share of what is left",
                parts,
                Set.of("beat-length", "story-order"));
    }

    private Chart speed() {
        String wanted = switch (plan.house().speed()) {
            case SPARE -> "at most a fifth slow";
            case VARIED -> "no eight uses at one speed";
            case HIGH_FOR_OPTIONS -> "";
        };
        return chart(
                "speed",
                "Speed",
                wanted,
                grouped(List.of("slow", "real time", "fast", "still"), this::pace),
                Set.of("slow-share"));
    }

    private String pace(Placed placed) {
        Playback playback = placed.picture().playback();
        return placed.use().still()
                ? "still"
                : playback.slow() ? "slow" : Math.abs(playback.speed()) > 1.25 ? "fast" : "real time";
    }

    private Chart camera() {
        String wanted = switch (plan.house().movement()) {
            case KEEP_MOVING -> "at least 60 % moving";
            case MOTIVATED -> "every move has a reason";
            case ANCHORED -> "at most 40 % moving, one still in any four";
        };
        return chart(
                "camera",
                "Camera",
                wanted,
                grouped(
                        List.of("moves", "stands"),
                        placed -> placed.shot().move().moving() && !placed.use().still() ? "moves" : "stands"),
                Set.of("moving-share", "hand-held-run"));
    }

    private Chart heights() {
        List<String> labels =
                Arrays.stream(CameraHeight.values()).map(CameraHeight::label).toList();
        return chart(
                "heights",
                "Heights",
                "none above 60 % of the uses",
                grouped(
                        labels,
                        placed -> Stand.of(plan, placed.shot())
                                .height(placed.shot())
                                .label()),
                Set.of("one-height"));
    }

    private Chart sizes() {
        List<String> labels =
                Arrays.stream(SizeClass.values()).map(SizeClass::label).toList();
        return chart(
                "sizes",
                "Sizes",
                "a wide early, a cutaway in eight seconds",
                grouped(labels, placed -> placed.shot().size().sizeClass().label()),
                Set.of("no-establishing", "cutaways"));
    }

    private Chart sides() {
        List<String> labels =
                Arrays.stream(ScreenTravel.values()).map(ScreenTravel::label).toList();
        return chart(
                "sides",
                "Directions",
                "",
                grouped(
                        labels,
                        placed -> Stand.travel(plan, placed.shot(), placed.use().reversed())
                                .label()),
                Set.of());
    }

    private Chart chart(String id, String title, String wanted, List<Part> parts, Set<String> rules) {
        return new Chart(id, title, wanted, parts, Chart.said(verdict.whole(), rules));
    }

    /** The parts that have any seconds, in the order of their labels. */
    private List<Part> grouped(List<String> labels, Function<Placed, String> label) {
        Map<String, List<Placed>> uses = new LinkedHashMap<>();
        labels.forEach(one -> uses.put(one, new ArrayList<>()));
        cut.uses().forEach(placed -> uses.get(label.apply(placed)).add(placed));
        return uses.entrySet().stream()
                .filter(entry -> !entry.getValue().isEmpty())
                .map(entry -> part(entry.getKey(), entry.getValue(), Optional.empty()))
                .toList();
    }

    private Part part(String label, List<Placed> uses, Optional<Double> wantedS) {
        long frames = uses.stream().mapToLong(placed -> placed.use().frames()).sum();
        return new Part(
                label,
                plan.brief().rate().secondsOf(frames),
                wantedS,
                uses.stream().map(placed -> placed.use().id()).toList());
    }
}
