package upshot.core.handoff;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import upshot.core.measure.FrameRate;

/**
 * A day as cameras and phones would have it: clocks that are hours off and drift, people who press late or forget, clips of
 * no take, takes of no clip, cards that are changed and numbers that begin again.
 */
public final class FilmedDay {

    private static final long CALL_MS = 1_791_529_200_000L;
    private static final double HOUR_MS = 3_600_000;
    private static final FrameRate FILM = FrameRate.of(24);
    private static final FrameRate QUICK = FrameRate.of(120);

    final List<Recorded> takes = new ArrayList<>();
    final List<Clip> clips = new ArrayList<>();
    /** The truth: the clip of a take, none for one that has none. */
    final Map<UUID, UUID> truth = new HashMap<>();

    private final Random chance;
    private final boolean named;
    private int ids;

    public FilmedDay(long seed, int cameras, int perCamera) {
        chance = new Random(seed);
        named = chance.nextInt(3) == 0;
        for (int body = 0; body < cameras; body++) {
            camera(body, perCamera);
        }
        takes.sort((one, other) -> Double.compare(one.fromMs(), other.fromMs()));
        Collections.shuffle(clips, chance);
    }

    /** What is made of it. */
    public Matching matched() {
        return Matching.of(takes, clips, Corrections.NONE);
    }

    private UUID id() {
        return UUID.nameUUIDFromBytes(("day" + ids++).getBytes(StandardCharsets.UTF_8));
    }

    /** Each camera has a clock, a way to keep its time, and people behind it who press in their own way. */
    private final class Camera {

        private final int body;
        private final double offMs = chance.nextInt(4) == 0
                ? chance.nextGaussian() * 400 * 24 * HOUR_MS
                : chance.nextInt(-12, 13) * HOUR_MS + chance.nextGaussian() * 180_000;
        private final double drift = chance.nextGaussian() * 2e-5;
        private final double late = chance.nextGaussian() * 0.8;
        private final int keeps = chance.nextInt(3);
        private final boolean conforms = chance.nextBoolean();
        private int number = 1;
        private int card = 1;

        Camera(int body) {
            this.body = body;
        }

        Clip film(double fromMs, double lastsS, FrameRate capture) {
            if (chance.nextInt(25) == 0) {
                card++;
                number = chance.nextBoolean() ? 1 : number;
            }
            int frames = Math.max(1, (int) Math.round(lastsS * capture.perSecond()));
            FrameRate rate = conforms ? FILM : capture;
            double cameraMs = fromMs + offMs + drift * (fromMs - CALL_MS);
            double madeMs = keeps == 1 ? cameraMs + 1000 * rate.secondsOf(frames) : cameraMs;
            long ofDay = Math.floorMod((long) cameraMs, (long) (24 * HOUR_MS));
            return new Clip(
                    id(),
                    "%c%03d".formatted('A' + body, card),
                    List.of("CLIP/C%04d.MP4".formatted(number++)),
                    1000,
                    frames,
                    rate,
                    false,
                    3840,
                    2160,
                    keeps == 2 ? Optional.of((int) (ofDay * TimeCode.nominal(rate) / 1000)) : Optional.empty(),
                    false,
                    keeps == 2 && chance.nextBoolean()
                            ? Optional.empty()
                            : Optional.of(1000 * (long) Math.floor(madeMs / 1000)),
                    "");
        }
    }

    private void camera(int body, int number) {
        Camera camera = new Camera(body);
        double nowMs = CALL_MS + chance.nextDouble() * HOUR_MS;
        for (int i = 0; i < number; i++) {
            nowMs += 1000 * (chance.nextInt(3) == 0 ? 15 + chance.nextDouble() * 45 : 60 + chance.nextDouble() * 400);
            if (chance.nextInt(10) == 0) {
                double aside = 1 + chance.nextDouble() * 25;
                clips.add(camera.film(nowMs, aside, FILM));
                nowMs += 1000 * (aside + 4 + chance.nextDouble() * 30);
            }
            FrameRate capture = chance.nextInt(5) == 0 ? QUICK : FILM;
            double lastsS = 4 + chance.nextInt(6) * 2.5 + chance.nextDouble() * (chance.nextInt(4) == 0 ? 60 : 4);
            take(camera, nowMs, lastsS, capture);
            nowMs += 1000 * lastsS;
        }
    }

    private void take(Camera camera, double fromMs, double lastsS, FrameRate capture) {
        boolean forgot = chance.nextInt(20) == 0;
        double pressedMs = fromMs + 1000 * (camera.late + chance.nextGaussian() * (forgot ? 4 : 0.7));
        double stoppedMs = fromMs + 1000 * (lastsS + chance.nextGaussian() * (chance.nextInt(20) == 0 ? 5 : 0.8));
        Optional<Clip> clip =
                chance.nextInt(20) == 0 ? Optional.empty() : Optional.of(camera.film(fromMs, lastsS, capture));
        boolean noted = named && chance.nextInt(3) > 0;
        Recorded take = new Recorded(
                id(),
                chance.nextInt(40) == 0 ? -1 : camera.body,
                pressedMs,
                Math.max(0.5, (stoppedMs - pressedMs) / 1000),
                true,
                capture,
                noted ? clip.map(Clip::name).orElse("") : "",
                noted ? clip.map(Clip::card).orElse("") : "");
        takes.add(take);
        clip.ifPresent(clips::add);
        truth.put(take.id(), clip.map(Clip::id).orElse(null));
    }
}
