package upshot.app.job;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** All that is kept beside the plans. */
@Component
class Sides {

    private final List<SideStore> stores;
    private final List<Watched> watched;

    Sides(List<SideStore> stores, List<Watched> watched) {
        this.stores =
                stores.stream().sorted(Comparator.comparing(SideStore::name)).toList();
        this.watched = watched;
    }

    List<SideStore> stores() {
        return stores;
    }

    /** How far each has come in a job, "12.3.0": another text where something was added, or is otherwise than it was. */
    String state(UUID jobId) {
        return Stream.concat(
                        stores.stream().map(store -> Long.toString(store.last(jobId))),
                        watched.stream().map(one -> one.state(jobId)))
                .collect(Collectors.joining("."));
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
