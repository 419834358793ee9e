package upshot.app.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.RoundingMode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import upshot.core.frame.DrawnFrame;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.exchange.clip.StandInClip;
import upshot.exchange.clip.Told;

/**
 * Stands in for a camera: it rolls and stops when Roll does, and leaves short films on a card with a list of them. A card is a
 * folder; nothing on it is ever changed.
 */
final class StandInCamera {

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm:ss", Locale.ENGLISH);
    private static final String LIST = "clips.csv";

    private final Path cards;
    private final Plan plan;
    private final Map<String, List<String>> lists = new LinkedHashMap<>();

    StandInCamera(Path cards, Plan plan) {
        this.cards = cards;
        this.plan = plan;
    }

    /**
     * A take as the camera had it.
     *
     * @param shot none for what was not planned
     * @param number of the take, 1 for the first
     */
    record Rolled(Optional<Shot> shot, int number, Instant from, Instant until) {}

    /** Leaves a clip on a card, whole or not at all. */
    void leave(String card, String clip, Rolled take) {
        FrameRate rate = take.shot().map(Shot::captureRate).orElse(plan.brief().rate());
        double seconds = (take.until().toEpochMilli() - take.from().toEpochMilli()) / 1000.0;
        int frames = (int) Math.max(1, rate.framesIn(seconds, RoundingMode.DOWN));
        try {
            Path folder = Files.createDirectories(cards.resolve(card));
            Path file = folder.resolve(clip + ".mp4");
            if (Files.exists(file)) {
                return;
            }
            Path fresh = folder.resolve(clip + ".part");
            StandInClip.write(
                    fresh,
                    StandInClip.picture(take.shot().map(shot -> DrawnFrame.of(plan, shot))),
                    new Told(take.shot().map(Shot::code).orElse(""), take.number(), 0),
                    rate,
                    frames);
            StandInClip.stamp(fresh, shown(card, take.from()));
            Files.move(fresh, file, StandardCopyOption.ATOMIC_MOVE);
            list(folder, card, line(clip, take, rate, frames));
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** What a camera's clock shows: local time, one of them 41 seconds behind and the others 3 ahead. */
    private Instant shown(String card, Instant real) {
        LocalDateTime local = real.atZone(plan.brief().clock()).toLocalDateTime();
        return local.plusSeconds(card.startsWith("A") ? -41 : 3).toInstant(ZoneOffset.UTC);
    }

    /** The time of day as time code, as cameras that run free have it. */
    private String line(String clip, Rolled take, FrameRate rate, int frames) {
        ZoneId zone = plan.brief().clock();
        int ofSecond = (int) (take.from().toEpochMilli() % 1000 * rate.perSecond() / 1000);
        return "%s,%s.mp4,%s:%02d,%d,%s,%s"
                .formatted(
                        clip,
                        clip,
                        CLOCK.format(take.from().atZone(zone)),
                        ofSecond,
                        frames,
                        rate.label(),
                        take.until().atZone(zone).toLocalDateTime().withNano(0));
    }

    private void list(Path folder, String card, String line) throws IOException {
        List<String> lines = lists.computeIfAbsent(
                card, none -> new ArrayList<>(List.of("clip,file,start timecode,frames,rate,made")));
        lines.add(line);
        Path fresh = folder.resolve(LIST + ".part");
        Files.write(fresh, lines);
        Files.move(fresh, folder.resolve(LIST), StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    }
}
