package upshot.core.handoff;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import upshot.core.measure.FrameRate;

/** Clips to takes: on days whose truth is known, and in the corners of one. */
class MatchingTest {

    private static final int DAYS = 200;
    private static final double BEGAN_MS = 1_791_540_000_000d;
    private static final FrameRate FILM = FrameRate.of(24);

    private final List<Recorded> takes = new ArrayList<>();
    private final List<Clip> clips = new ArrayList<>();

    @Test
    void two_hundred_filmed_days() {
        AtomicInteger all = new AtomicInteger();
        AtomicInteger right = new AtomicInteger();
        AtomicInteger certain = new AtomicInteger();
        AtomicInteger certainRight = new AtomicInteger();
        IntStream.range(0, DAYS).parallel().forEach(seed -> {
            FilmedDay day = new FilmedDay(seed, 1 + seed % 3, 15 + seed % 60);
            Matching matching = day.matched();
            for (Recorded take : day.takes) {
                Optional<Match> match = match(matching, take);
                boolean good = Objects.equals(
                        day.truth.get(take.id()), match.map(Match::clipId).orElse(null));
                all.incrementAndGet();
                right.addAndGet(good ? 1 : 0);
                if (match.filter(Match::certain).isPresent()) {
                    certain.incrementAndGet();
                    certainRight.addAndGet(good ? 1 : 0);
                }
            }
        });
        assertThat(right.doubleValue() / all.get())
                .as("overall, %d of %d", right.get(), all.get())
                .isGreaterThanOrEqualTo(0.97);
        assertThat(certainRight.doubleValue() / certain.get())
                .as("certain, %d of %d", certainRight.get(), certain.get())
                .isGreaterThanOrEqualTo(0.99);
        assertThat(certain.doubleValue() / all.get())
                .as("what is to be looked at does not become everything")
                .isGreaterThan(0.85);
    }

    private static Optional<Match> match(Matching matching, Recorded take) {
        return matching.matches().stream()
                .filter(one -> one.takeId().equals(take.id()))
                .findFirst();
    }

    private static UUID id(String name) {
        return UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8));
    }

    private Recorded take(double afterS, double lastsS) {
        Recorded take =
                new Recorded(id("take" + takes.size()), 0, BEGAN_MS + 1000 * afterS, lastsS, true, FILM, "", "");
        takes.add(take);
        return take;
    }

    /** @param madeAfterS by the camera's clock, from the same beginning; none where it has no time */
    private Clip clip(Double madeAfterS, double lastsS) {
        Clip clip = new Clip(
                id("clip" + clips.size()),
                "A001",
                List.of("C%03d.MP4".formatted(clips.size())),
                1,
                (int) (lastsS * 24),
                FILM,
                false,
                1920,
                1080,
                Optional.empty(),
                false,
                Optional.ofNullable(madeAfterS).map(s -> (long) (BEGAN_MS + 1000 * s)),
                "");
        clips.add(clip);
        return clip;
    }

    private List<String> laid(Corrections said) {
        Matching matching = Matching.of(takes, clips, said);
        return takes.stream()
                .map(take -> match(matching, take)
                        .map(one -> clips.stream()
                                        .filter(clip -> clip.id().equals(one.clipId()))
                                        .findFirst()
                                        .orElseThrow()
                                        .name()
                                + (one.certain() ? "" : "?"))
                        .orElse("–"))
                .toList();
    }

    private void anHour() {
        double[] at = {0, 70, 300, 420, 900, 960, 1700, 2500};
        double[] lasts = {12, 12, 30, 8, 12, 14, 45, 10};
        for (int i = 0; i < at.length; i++) {
            take(at[i], lasts[i]);
            clip(at[i] - 7200, lasts[i]);
        }
    }

    @Test
    void a_clock_that_is_two_hours_behind_is_found() {
        anHour();
        Matching matching = Matching.of(takes, clips, Corrections.NONE);
        assertThat(matching.matches()).hasSize(8).allMatch(Match::certain);
        assertThat(matching.clocks().get(0).addMs()).isBetween(7_199_000.0, 7_201_000.0);
    }

    @Test
    void what_is_left_over_stays_so() {
        anHour();
        Clip aside = clip(500.0 - 7200, 20);
        Recorded lost = take(2000, 9);
        assertThat(laid(Corrections.NONE)).last().isEqualTo("–");
        assertThat(Matching.of(takes, clips, Corrections.NONE).matches())
                .noneMatch(match ->
                        match.clipId().equals(aside.id()) || match.takeId().equals(lost.id()));
    }

    /** Two takes three seconds apart and as long, one clip between them. */
    @Test
    void what_may_be_either_is_not_called_certain() {
        anHour();
        take(3000, 10);
        take(3004, 10);
        clip(3002.0 - 7200, 10);
        assertThat(laid(Corrections.NONE).subList(8, 10)).containsAnyOf("C008?").doesNotContain("C008");
    }

    @Test
    void a_correction_holds_and_the_rest_is_laid_round_it() {
        anHour();
        Recorded one = take(3000, 10);
        Recorded other = take(3004, 10);
        Clip clip = clip(3002.0 - 7200, 10);
        for (Recorded meant : List.of(one, other)) {
            Corrections said = new Corrections(Map.of(meant.id(), Optional.of(clip.id())), Set.of(), Map.of());
            List<String> expected = meant == one ? List.of("C008", "–") : List.of("–", "C008");
            assertThat(laid(said).subList(8, 10)).isEqualTo(expected);
        }
        Corrections none = new Corrections(Map.of(one.id(), Optional.empty()), Set.of(clip.id()), Map.of());
        assertThat(laid(none).subList(8, 10)).containsExactly("–", "–");
    }

    /** Takes every minute, all of one length, and clips of the first of them only: any shift fits as well. */
    @Test
    void a_clip_that_somebody_names_tells_the_clock_of_all() {
        for (int i = 0; i < 10; i++) {
            take(60 * i, 10);
        }
        for (int i = 0; i < 6; i++) {
            clip(60.0 * i, 10);
        }
        assertThat(laid(Corrections.NONE)).as("no way is better than another").noneMatch(one -> one.matches("C\\d+"));
        Corrections said = new Corrections(
                Map.of(takes.get(3).id(), Optional.of(clips.get(0).id())), Set.of(), Map.of());
        assertThat(laid(said)).containsExactly("–", "–", "–", "C000", "C001", "C002", "C003", "C004", "C005", "–");
    }

    @Test
    void a_clock_that_was_read_in_a_picture_tells_the_same() {
        for (int i = 0; i < 10; i++) {
            take(60 * i, 10);
        }
        for (int i = 0; i < 6; i++) {
            clip(60.0 * i, 10);
        }
        Corrections read =
                new Corrections(Map.of(), Set.of(), Map.of(clips.get(1).id(), BEGAN_MS + 1000 * 60 * 2));
        assertThat(laid(read)).containsExactly("–", "C000", "C001", "C002", "C003", "C004", "C005", "–", "–", "–");
    }

    /** A camera whose clock was never set: each clip has the time at which its battery was put in. */
    @Test
    void what_was_written_down_outweighs_a_clock_that_says_nothing() {
        double[] lasts = {12, 31, 7, 50, 22};
        for (int i = 0; i < lasts.length; i++) {
            Clip clip = clip(3.0 * i, lasts[i]);
            takes.add(new Recorded(
                    id("noted" + i), 0, BEGAN_MS + 1000 * 700 * i, lasts[i], true, FILM, clip.name(), "A001"));
        }
        assertThat(laid(Corrections.NONE)).containsExactly("C000", "C001", "C002", "C003", "C004");
    }

    @Test
    void without_any_time_order_and_length_are_left() {
        double[] lasts = {12, 31, 7, 50, 22};
        for (int i = 0; i < lasts.length; i++) {
            take(100 * i, lasts[i]);
            if (i != 2) {
                clip(null, lasts[i]);
            }
        }
        assertThat(laid(Corrections.NONE).stream().map(one -> one.replace("?", "")))
                .containsExactly("C000", "C001", "–", "C002", "C003");
    }

    @Test
    void a_quick_rate_in_a_slow_header_is_as_long_as_its_take() {
        anHour();
        takes.add(new Recorded(id("quick"), 0, BEGAN_MS + 3_300_000, 6, true, FrameRate.of(120), "", ""));
        clip(3300.0 - 7200, 30);
        assertThat(laid(Corrections.NONE)).last().isEqualTo("C008");
    }

    /** As many as a job may hold, all of one moment and one name: what is looked at for each stays bounded. */
    @Test
    void thousands_at_one_moment_come_to_an_end() {
        for (int i = 0; i < 5_000; i++) {
            Clip clip = clip(0.0, 10);
            clips.set(
                    i,
                    new Clip(
                            clip.id(),
                            clip.card(),
                            List.of("C001.MP4"),
                            1,
                            240,
                            FILM,
                            false,
                            1920,
                            1080,
                            Optional.empty(),
                            false,
                            clip.madeMs(),
                            ""));
            takes.add(new Recorded(id("many" + i), 0, BEGAN_MS, 10, i % 3 > 0, FILM, "C001", ""));
        }
        Matching matching = Matching.of(takes, clips, Corrections.NONE);
        assertThat(matching.matches()).hasSizeGreaterThan(30);
    }

    @Test
    void nothing_gives_nothing() {
        assertThat(Matching.of(takes, clips, Corrections.NONE).matches()).isEmpty();
        take(0, 10);
        assertThat(Matching.of(takes, clips, Corrections.NONE).matches()).isEmpty();
        takes.clear();
        clip(0.0, 10);
        assertThat(Matching.of(takes, clips, Corrections.NONE).matches()).isEmpty();
    }
}
