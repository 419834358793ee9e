package upshot.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import upshot.app.AppTest;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.roll.DayLog;
import upshot.core.roll.LogEntry;
import upshot.core.roll.LoggedDay;
import upshot.core.verdict.Verdict;
import upshot.day.log.LogState;
import upshot.day.log.LogState.Status;
import upshot.day.log.Take;
import upshot.day.log.What;

/** The evening that plays itself is one that a crew could have had. */
@AppTest
class EveningTest {

    @Autowired
    private DemoPlans demo;

    private Verdict verdict;
    private LoggedDay day;
    private List<LogEntry> evening;
    private LogState state;

    @BeforeEach
    void play() {
        verdict = demo.judgedKilnNight();
        day = LoggedDay.of(verdict.plan(), verdict.day());
        evening = Evening.of(day);
        state = new DayLog(day, evening).state(evening.get(evening.size() - 1).serverMs());
    }

    private List<LogEntry> said(What what) {
        return evening.stream().filter(entry -> entry.what() == what).toList();
    }

    @Test
    void it_is_the_same_evening_each_time_in_the_order_of_the_clock() {
        assertThat(Evening.of(day)).isEqualTo(evening);
        assertThat(evening).extracting(LogEntry::serverMs).isSorted();
        assertThat(evening).extracting(LogEntry::id).doesNotHaveDuplicates();
    }

    @Test
    void at_its_end_nothing_is_left_and_nearly_everything_is_got() {
        assertThat(state.next()).isEqualTo(-1);
        assertThat(state.takes()).noneMatch(Take::rolling);
        assertThat(state.shots().stream().filter(shot -> shot.status() == Status.GOT))
                .hasSizeGreaterThan(day.shots().size() * 3 / 4 - 1);
        assertThat(state.shots()).noneMatch(shot -> shot.status() == Status.SHORT);
    }

    @Test
    void what_will_not_wait_comes_late_and_the_rest_is_ordered_anew() {
        assertThat(said(What.LINE))
                .singleElement()
                .satisfies(line -> assertThat(line.words()).isEqualTo("The kiln opens is 22 minutes late."));
        assertThat(said(What.ORDER))
                .singleElement()
                .satisfies(order -> assertThat(order.turns()).isNotEmpty());
        LogState before = new DayLog(
                        day, evening.subList(0, evening.indexOf(said(What.ORDER).get(0))))
                .state(said(What.ORDER).get(0).serverMs());
        assertThat(before.behindMs()).isGreaterThan(5 * 60_000);
    }

    @Test
    void a_take_fails_something_good_happens_and_every_take_has_a_clip() {
        assertThat(said(What.AGAIN)).hasSize(1);
        assertThat(said(What.EXTRA)).hasSize(1);
        assertThat(said(What.NAMED)).hasSize(1);
        assertThat(said(What.CLIP))
                .hasSameSizeAs(said(What.STOP))
                .hasSize(state.takes().size());
        assertThat(said(What.CLIP)).extracting(LogEntry::words).doesNotHaveDuplicates();
        assertThat(said(What.CLIP)).extracting(LogEntry::detail).contains("A001", "A002");
    }

    @Test
    void two_cameras_roll_at_once_and_each_one_take_after_the_other() {
        for (int body = 0; body < 2; body++) {
            double until = 0;
            for (Take take : state.takes()) {
                if (take.body() == body) {
                    assertThat(take.fromMs()).isGreaterThanOrEqualTo(until);
                    until = take.untilMs();
                }
            }
        }
        assertThat(state.takes()).extracting(Take::body).contains(0, 1);
    }

    @Test
    void what_can_hurt_is_read_before_it_rolls() {
        for (LogEntry read : said(What.READ)) {
            assertThat(evening.subList(0, evening.indexOf(read)))
                    .noneMatch(
                            entry -> entry.what() == What.ROLL && entry.about().equals(read.about()));
        }
        assertThat(said(What.READ)).isNotEmpty();
    }

    @Test
    void the_camera_leaves_its_clips_and_a_list_on_a_card(@TempDir Path cards) throws Exception {
        Plan plan = verdict.plan();
        Shot shot = plan.shots().get(0);
        StandInCamera camera = new StandInCamera(cards, plan);
        Instant from = Instant.parse("2026-10-09T18:15:00Z");
        StandInCamera.Rolled take =
                new StandInCamera.Rolled(Optional.of(shot), 1, from, from.plus(Duration.ofMillis(1500)));

        camera.leave("A001", "A001C001", take);
        camera.leave("A001", "A001C001", take);
        camera.leave("A001", "A001C002", new StandInCamera.Rolled(Optional.empty(), 1, from, from.plusSeconds(1)));

        try (Stream<Path> files = Files.list(cards.resolve("A001"))) {
            assertThat(files.map(file -> file.getFileName().toString()))
                    .containsExactlyInAnyOrder("A001C001.mp4", "A001C002.mp4", "clips.csv");
        }
        assertThat(Files.readAllLines(cards.resolve("A001/clips.csv")))
                .containsExactly(
                        "clip,file,start timecode,frames,rate,made",
                        "A001C001,A001C001.mp4,19:15:00:00,36,24,2026-10-09T19:15:01",
                        "A001C002,A001C002.mp4,19:15:00:00,24,24,2026-10-09T19:15:01");
    }
}
