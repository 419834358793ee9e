package upshot.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class RecentTest {

    private final List<String> gone = new ArrayList<>();
    private final Recent<Integer, String> recent = new Recent<>(10, String::length, gone::add);

    @Test
    void what_was_not_used_for_the_longest_goes_first() {
        recent.put(1, "aaaa");
        recent.put(2, "bbbb");
        assertThat(recent.get(1)).contains("aaaa");
        recent.put(3, "cccc");

        assertThat(gone).containsExactly("bbbb");
        assertThat(recent.get(2)).isEmpty();
        assertThat(recent.get(1)).contains("aaaa");
        assertThat(recent.get(3)).contains("cccc");
    }

    @Test
    void what_was_used_often_makes_room_for_what_is_new() {
        recent.put(0, "old version");
        for (int i = 0; i < 1000; i++) {
            recent.get(0);
        }
        recent.put(1, "new version");

        assertThat(recent.get(1)).contains("new version");
        assertThat(gone).containsExactly("old version");
    }

    @Test
    void another_in_its_place_and_the_same_again_are_weighed_once() {
        recent.put(1, "aaaa");
        recent.put(1, "bb");
        recent.put(1, "bb");
        recent.put(2, "cccccccc");
        assertThat(gone).containsExactly("aaaa");

        recent.remove(1);
        recent.remove(7);
        recent.clear();
        assertThat(gone).containsExactly("aaaa", "bb", "cccccccc");
        recent.put(3, "0123456789");
        assertThat(gone).hasSize(3);
    }
}
