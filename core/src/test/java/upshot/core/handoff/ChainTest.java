package upshot.core.handoff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import upshot.core.handoff.Chain.Pair;

/** Against all chains there are. */
class ChainTest {

    @RepeatedTest(60)
    void the_best_of_all_chains(RepetitionInfo which) {
        Random chance = new Random(which.getCurrentRepetition());
        List<Pair> pairs = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            Pair pair = new Pair(chance.nextInt(6), chance.nextInt(6), 1 + chance.nextInt(9));
            if (pairs.stream().noneMatch(one -> one.first() == pair.first() && one.second() == pair.second())) {
                pairs.add(pair);
            }
        }
        Chain chain = Chain.of(pairs);
        assertThat(chain.worth()).as("seed %d", which.getCurrentRepetition()).isEqualTo(best(pairs));
        for (int i = 1; i < chain.best().size(); i++) {
            assertThat(chain.best().get(i).first())
                    .isGreaterThan(chain.best().get(i - 1).first());
            assertThat(chain.best().get(i).second())
                    .isGreaterThan(chain.best().get(i - 1).second());
        }
        for (Pair pair : chain.best()) {
            List<Pair> without = pairs.stream().filter(one -> !one.equals(pair)).toList();
            assertThat(chain.margin(pair)).isCloseTo(chain.worth() - best(without), within(1e-9));
        }
    }

    private static double best(List<Pair> pairs) {
        double best = 0;
        for (int chosen = 0; chosen < 1 << pairs.size(); chosen++) {
            double worth = 0;
            for (int i = 0; i < pairs.size(); i++) {
                for (int k = 0; k < i && worth >= 0; k++) {
                    boolean both = (chosen >> i & 1) == 1 && (chosen >> k & 1) == 1;
                    int grows = (pairs.get(i).first() - pairs.get(k).first())
                            * (pairs.get(i).second() - pairs.get(k).second());
                    boolean apart = pairs.get(i).first() != pairs.get(k).first();
                    worth = both && (grows <= 0 || !apart) ? -1000 : worth;
                }
                worth += (chosen >> i & 1) == 1 ? pairs.get(i).worth() : 0;
            }
            best = Math.max(best, worth);
        }
        return best;
    }
}
