package upshot.app.job;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * Pages as they were drawn, by everything that goes into them: several people look at one version of a job, and one person
 * goes to and fro between its stages. A session's token stands in a page and is put in each time.
 */
@Component
class DrawnPages {

    /** Letters, not pages: some are a hundred times as long as others. */
    private static final long MOST_LETTERS = 30_000_000;

    private static final String TOKEN = "\u0000token\u0000";

    private final Cache<String, String> pages = Caffeine.newBuilder()
            .maximumWeight(MOST_LETTERS)
            .<String, String>weigher((key, page) -> page.length())
            .build();

    /**
     * The page of a key, drawn if it is not there.
     *
     * @param token of the session that asks
     * @param draw draws it with that token in it
     */
    String page(String key, String token, Supplier<String> draw) {
        String kept = pages.getIfPresent(key);
        if (kept != null) {
            return kept.replace(TOKEN, token);
        }
        String drawn = draw.get();
        pages.put(key, drawn.replace(token, TOKEN));
        return drawn;
    }
}
