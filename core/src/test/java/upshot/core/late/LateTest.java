package upshot.core.late;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import upshot.core.RandomDays;
import upshot.core.SamplePlan;
import upshot.core.order.Comparison;
import upshot.core.order.ShootingOrder;
import upshot.core.plan.Action;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.core.plan.Priority;
import upshot.core.plan.Shot;
import upshot.core.size.Size;
import upshot.core.verdict.Verdict;

class LateTest {

    private final SamplePlan sample = new SamplePlan();

    @Test
    void a_loss_says_what_the_cut_loses_and_what_could_stand_in() {
        Action action = sample.action();
        Shot wide = sample.shot(action, one -> one.with("size", Size.WIDE));
        Shot medium = sample.shot(action, one -> one.with("size", Size.MEDIUM).with("bearingDeg", 90.0));
        sample.use(wide, 48);
        sample.use(wide, 24);
        Verdict verdict = Verdict.of(sample.build());
        Loss loss = Loss.of(verdict, verdict.day().slotOf(wide).orElseThrow());

        assertThat(loss.uses()).isEqualTo(2);
        assertThat(loss.seconds()).isEqualTo(3);
        assertThat(loss.holes())
                .singleElement()
                .satisfies(hole -> assertThat(hole.misses()).contains("where"));
        assertThat(loss.standIn()).contains(medium);
    }

    @Test
    void bonuses_go_before_must_haves_and_moments_do_not_go() {
        Shot must = sample.shot(sample.action(), 30);
        Shot bonus = sample.shot(sample.action(), one -> one.with("priority", Priority.BONUS));
        Shot should = sample.shot(sample.action(), one -> one.with("priority", Priority.SHOULD));
        sample.shot(sample.action(one -> one.with("fixedTime", Optional.of(LocalTime.of(12, 0)))), 30);

        assertThat(Loss.inOrder(Verdict.of(sample.build()), 9))
                .extracting(loss -> loss.setup().first())
                .containsExactly(bonus, should, must);
    }

    @Test
    void what_ifs_are_changes_and_two_days_are_compared() {
        Shot inside = sample.shot(sample.action(), 30);
        Shot outside = sample.shot(sample.action(one -> one.with("spotId", sample.nextSpot())), 30);
        Plan plan = sample.build();
        Plan rain = plan.apply(new WhatIf(WhatIf.Kind.RAIN, LocalTime.of(15, 0), Optional.empty()).change(plan));
        Plan early = plan.apply(new WhatIf(WhatIf.Kind.WRAP, LocalTime.of(9, 20), Optional.empty()).change(plan));
        UUID ada = plan.subjects().get(0).id();
        Plan gone = plan.apply(new WhatIf(WhatIf.Kind.LEAVES, LocalTime.of(9, 20), Optional.of(ada)).change(plan));

        assertThat(ShootingOrder.of(rain)
                        .slotOf(outside)
                        .orElseThrow()
                        .times()
                        .gettingReady()
                        .afterCall())
                .isEqualTo(360);
        Comparison compared = Comparison.of(ShootingOrder.of(plan), ShootingOrder.of(early));
        assertThat(compared.lost()).containsExactly(outside);
        assertThat(compared.won()).isEmpty();
        assertThat(compared.lines().get(0)).isEqualTo(new Comparison.Line("must shots made", 2, 1, "shots", true));
        assertThat(compared.lines().get(0).better()).isEqualTo(-1);
        assertThat(ShootingOrder.of(gone).slotOf(inside)).isPresent();
        assertThat(ShootingOrder.of(gone).dropped()).hasSize(1);
        assertThatThrownBy(() -> new WhatIf(WhatIf.Kind.LEAVES, LocalTime.NOON, Optional.empty()).change(plan))
                .isInstanceOf(InvalidField.class);
    }

    @Test
    void two_moments_at_one_time_clash_by_name() {
        Action first = sample.action(
                one -> one.with("fixedTime", Optional.of(LocalTime.of(12, 0))).with("name", "The bell rings"));
        Action second = sample.action(
                one -> one.with("fixedTime", Optional.of(LocalTime.of(12, 5))).with("name", "The gate opens"));
        sample.shot(first, 30);
        sample.shot(second, 30);
        sample.shot(sample.action(), 30);

        assertThat(Clash.of(sample.build()).limits())
                .contains("The bell rings is at 12:00", "The gate opens is at 12:05")
                .noneMatch(limit -> limit.contains("wrap"))
                .hasSize(4);
    }

    static List<Long> seeds() {
        return IntStream.range(0, 40).mapToObj(Long::valueOf).toList();
    }

    /** The clash itself cannot be shot, and whichever limit is left out, the rest can: tried with every order. */
    @ParameterizedTest
    @MethodSource("seeds")
    void none_of_the_limits_that_clash_can_be_left_out(long seed) {
        Plan plan = new RandomDays(seed).plan(6, 1);
        Clash.proof(plan).ifPresent(proof -> {
            assertThat(Clash.triedAll(proof.clashing())).as("seed %d", seed).isFalse();
            assertThat(proof.limits()).isNotEmpty();
            for (Clash.Condition limit : proof.limits()) {
                assertThat(Clash.triedAll(limit.without().apply(proof.clashing())))
                        .as("seed %d without %s", seed, limit.words())
                        .isTrue();
            }
        });
    }
}
