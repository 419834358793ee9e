package upshot.app.job;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** All that is kept beside the plans. */
@Component
class Sides {

    private final List<SideStore> stores;

    Sides(List<SideStore> stores) {
        this.stores =
                stores.stream().sorted(Comparator.comparing(SideStore::name)).toList();
    }

    List<SideStore> stores() {
        return stores;
    }

    /** How far each has come in a job, "12" or "12.3": another text where something was added. */
    String state(UUID jobId) {
        return stores.stream().map(store -> Long.toString(store.last(jobId))).collect(Collectors.joining("."));
    }

    /** What others added since a state, in words; a state that is none counts as the beginning. */
    List<String> newsSince(UUID jobId, String state, UUID accountId) {
        String[] numbers = state.split("\\.", stores.size() + 1);
        List<String> news = new ArrayList<>();
        for (int i = 0; i < stores.size(); i++) {
            stores.get(i)
                    .newsSince(jobId, i < numbers.length ? number(numbers[i]) : 0, accountId)
                    .ifPresent(news::add);
        }
        return news;
    }

    static long number(String text) {
        try {
            return Long.parseLong(text);
        } catch (NumberFormatException none) {
            return 0;
        }
    }
}
