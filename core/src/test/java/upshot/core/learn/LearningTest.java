package upshot.core.learn;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import upshot.core.house.Threshold;

/** On logs whose truth is known: six to eleven days of fourteen changes. */
class LearningTest {

    private static final int LOGS = 200;
    private static final double TENTH = 0.1;
    private static final Threshold[] RIGS = {
        Threshold.RIG_TRIPOD,
        Threshold.RIG_TRIPOD,
        Threshold.RIG_TRIPOD,
        Threshold.RIG_GIMBAL,
        Threshold.RIG_HAND_HELD,
        Threshold.RIG_HAND_HELD,
        Threshold.RIG_SLIDER,
        Threshold.RIG_AGAIN,
        Threshold.RIG_AGAIN
    };

    private final Map<Threshold, Double> truth = new EnumMap<>(Threshold.class);

    @BeforeEach
    void asPlanned() {
        for (Threshold part : Threshold.values()) {
            truth.put(part, part.usual());
        }
    }

    /** Each part takes a tenth more or less from time to time, and one change in twenty waits for something else. */
    private List<Spent> log(Random chance) {
        List<Spent> seen = new ArrayList<>();
        int changes = 80 + chance.nextInt(80);
        for (int i = 0; i < changes; i++) {
            Set<Threshold> parts = parts(chance);
            double minutes = chance.nextInt(20) == 0 ? 4 + 8 * chance.nextDouble() : 0.05 * chance.nextGaussian();
            for (Threshold part : parts) {
                minutes += truth.get(part) * (1 + TENTH * chance.nextGaussian());
            }
            seen.add(new Spent(Math.max(0, minutes), parts));
        }
        return seen;
    }

    private static Set<Threshold> parts(Random chance) {
        boolean rigs = chance.nextInt(3) == 0;
        boolean lens = chance.nextInt(5) < 2;
        Set<Threshold> parts = EnumSet.of(rigs ? RIGS[chance.nextInt(RIGS.length)] : Threshold.NEW_STAND);
        maybe(parts, Threshold.LENS, lens);
        maybe(parts, Threshold.REBALANCE, lens && !rigs && chance.nextInt(5) == 0);
        maybe(parts, Threshold.RATE, chance.nextInt(4) == 0);
        maybe(parts, Threshold.ANOTHER_ACTION, chance.nextInt(3) == 0);
        maybe(parts, Threshold.LAMPS_PLACED, chance.nextInt(12) == 0);
        maybe(parts, Threshold.LAMPS_SWITCHED, chance.nextInt(16) == 0);
        return parts;
    }

    private static void maybe(Set<Threshold> parts, Threshold part, boolean is) {
        if (is) {
            parts.add(part);
        }
    }

    private static Map<Threshold, Double> said(List<Spent> log) {
        Map<Threshold, Double> said = new EnumMap<>(Threshold.class);
        for (Threshold part : Threshold.values()) {
            said.put(part, part.usual());
        }
        Learning.of(log, Threshold::usual).forEach(one -> said.put(one.threshold(), one.minutes()));
        return said;
    }

    @Test
    void what_takes_otherwise_is_found() {
        int all = 0;
        int found = 0;
        for (int seed = 0; seed < LOGS; seed++) {
            Random chance = new Random(seed);
            truth.replaceAll((part, usual) ->
                    chance.nextBoolean() ? part.usual() : part.usual() * (0.6 + 1.2 * chance.nextDouble()));
            List<Spent> log = log(chance);
            Map<Threshold, Double> said = said(log);
            for (Threshold part : Threshold.values()) {
                if (log.stream().filter(one -> one.parts().contains(part)).count() >= Learning.ENOUGH) {
                    all++;
                    found += Math.abs(said.get(part) / truth.get(part) - 1) <= TENTH ? 1 : 0;
                }
            }
        }
        assertThat((double) found / all)
                .as("%d of %d within a tenth", found, all)
                .isGreaterThanOrEqualTo(0.9);
    }

    @Test
    void what_is_as_planned_is_left_alone() {
        int moved = 0;
        for (int seed = 0; seed < LOGS; seed++) {
            boolean any = said(log(new Random(1000 + seed))).entrySet().stream()
                    .anyMatch(one -> Math.abs(one.getValue() - one.getKey().usual())
                            > one.getKey().usual() / 20);
            moved += any ? 1 : 0;
        }
        assertThat(moved).as("logs of %d in which anything moved", LOGS).isLessThanOrEqualTo(LOGS / 20);
    }

    @Test
    void eight_times_is_enough_and_seven_is_not() {
        List<Spent> seen = new ArrayList<>();
        for (int i = 0; i < 9; i++) {
            seen.add(new Spent(3, Set.of(Threshold.RIG_TRIPOD)));
            if (i < 7) {
                seen.add(new Spent(8, Set.of(Threshold.RIG_GIMBAL)));
            }
        }
        assertThat(Learning.of(seen, Threshold::usual)).isEmpty();
        seen.add(new Spent(8, Set.of(Threshold.RIG_GIMBAL)));
        assertThat(Learning.of(seen, Threshold::usual)).singleElement().satisfies(one -> {
            assertThat(one.threshold()).isEqualTo(Threshold.RIG_GIMBAL);
            assertThat(one.minutes()).isBetween(7.9, 8.0);
            assertThat(one.times()).isEqualTo(8);
        });
    }

    @Test
    void nothing_takes_less_than_no_time() {
        List<Spent> seen = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            seen.add(new Spent(3, Set.of(Threshold.RIG_TRIPOD)));
            seen.add(new Spent(2, Set.of(Threshold.RIG_TRIPOD, Threshold.LENS)));
        }
        assertThat(Learning.of(seen, Threshold::usual))
                .allSatisfy(one -> assertThat(one.minutes()).isNotNegative());
    }
}
