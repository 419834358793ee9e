package upshot.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import upshot.app.AppTest;
import upshot.app.account.Accounts;
import upshot.app.account.SignedIn;
import upshot.app.job.Edits;
import upshot.app.job.JudgedPlans;
import upshot.app.store.Job;
import upshot.app.store.Jobs;
import upshot.core.arrange.Arrange;
import upshot.core.arrange.Manner;
import upshot.core.finding.Status;
import upshot.core.plan.Change;
import upshot.core.verdict.Verdict;

@AppTest
class KilnNightTest {

    @Autowired
    private Accounts accounts;

    @Autowired
    private Jobs jobs;

    @Autowired
    private JudgedPlans judged;

    @Autowired
    private Edits edits;

    @Test
    void it_is_half_way_as_a_planner_would_leave_it() {
        SignedIn planner =
                new SignedIn(accounts.find("planner@saltmarsh.example").orElseThrow());
        Job job = demo(planner, "Kiln Night");
        Verdict verdict = judged.current(job.id(), planner.id()).verdict();
        List<Status> joints = verdict.joints().stream().map(Verdict::status).toList();

        assertThat(verdict.plan().actions()).hasSizeGreaterThanOrEqualTo(6);
        assertThat(verdict.plan().beats()).hasSize(4);
        assertThat(verdict.cut().uses()).hasSize(20);
        assertThat(verdict.cut().missingFrames()).isZero();
        assertThat(verdict.holes()).isNotEmpty();
        assertThat(joints).filteredOn(Status.BREAK::equals).hasSize(1);
        assertThat(joints).contains(Status.WATCH);
        assertThat(edits.history(job.id(), planner).undo()).isPresent();
    }

    private Job demo(SignedIn planner, String name) {
        return jobs.findAllVisible(planner.id()).stream()
                .filter(job -> judged.current(job.id(), planner.id())
                        .verdict()
                        .plan()
                        .brief()
                        .name()
                        .equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void the_second_job_is_whole_and_the_third_is_empty() {
        SignedIn planner =
                new SignedIn(accounts.find("planner@saltmarsh.example").orElseThrow());
        Verdict bikes = judged.current(
                        demo(planner, "Tallow Street Cargo Bikes").id(), planner.id())
                .verdict();
        Verdict empty = judged.current(demo(planner, "A job to fill").id(), planner.id())
                .verdict();

        assertThat(bikes.holes()).isEmpty();
        assertThat(bikes.cut().missingFrames()).isZero();
        assertThat(bikes.joints()).noneMatch(findings -> Verdict.status(findings) == Status.BREAK);
        assertThat(bikes.plan().actions()).anyMatch(action -> action.speedMps() > 0);
        assertThat(empty.plan().actions()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"Kiln Night", "Tallow Street Cargo Bikes"})
    void its_cut_is_arranged_without_a_break_to_the_frame_and_again_the_same(String name) {
        SignedIn planner =
                new SignedIn(accounts.find("planner@saltmarsh.example").orElseThrow());
        Verdict verdict = judged.current(demo(planner, name).id(), planner.id()).verdict();
        Verdict arranged = arranged(verdict, 1);

        assertThat(arranged.joints()).noneMatch(findings -> Verdict.status(findings) == Status.BREAK);
        assertThat(arranged.whole()).noneMatch(finding -> finding.status() == Status.BREAK);
        assertThat(arranged.cut().missingFrames()).isZero();
        assertThat(shown(arranged)).isEqualTo(shown(arranged(verdict, 1))).isNotEqualTo(shown(arranged(verdict, 2)));
    }

    private static Verdict arranged(Verdict verdict, long seed) {
        Change change = new Arrange(UUID::randomUUID, Manner.PLACE_FIRST, seed, Arrange.USUAL_STEPS).propose(verdict);
        return Verdict.of(verdict.plan().apply(change));
    }

    private static List<String> shown(Verdict verdict) {
        return verdict.cut().uses().stream()
                .map(placed -> placed.shot().code() + " " + placed.use().frames())
                .toList();
    }
}
