package upshot.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class FairQueueTest {

    private final UUID ada = UUID.randomUUID();
    private final UUID ben = UUID.randomUUID();
    private final FairQueue<String> turns = new FairQueue<>();

    private List<String> all() {
        List<String> order = new ArrayList<>();
        for (Optional<String> next = turns.next(); next.isPresent(); next = turns.next()) {
            order.add(next.get());
        }
        return order;
    }

    @Test
    void who_asks_for_twelve_things_lets_others_in_between() {
        for (int i = 1; i <= 12; i++) {
            turns.add(ada, "a" + i);
        }
        turns.add(ben, "b1");
        turns.add(ben, "b2");

        assertThat(turns.before("b1"::equals)).isEqualTo(1);
        assertThat(turns.before("b2"::equals)).isEqualTo(3);
        assertThat(turns.before("a12"::equals)).isEqualTo(13);
        assertThat(all()).startsWith("a1", "b1", "a2", "b2", "a3").hasSize(14).endsWith("a12");
    }

    @Test
    void what_is_taken_out_waits_no_more_and_nothing_waits_for_nobody() {
        turns.add(ada, "a1");
        turns.add(ben, "b1");
        turns.remove("a1");

        assertThat(all()).containsExactly("b1");
        assertThat(turns.next()).isEmpty();
        assertThat(turns.before("x"::equals)).isZero();
    }
}
