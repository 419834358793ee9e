package upshot.app.job;

import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import upshot.app.web.Recent;

/**
 * Pages as they were drawn, by everything that goes into them: several people look at one version of a job, and one person
 * goes to and fro between its stages. A session's token stands in a page and is put in each time.
 */
@Component
class DrawnPages {

    /** Not pages: some are a hundred times as long as others. */
    private static final long MOST_BYTES = 40_000_000;

    private final Recent<String, DrawnPage> pages = new Recent<>(MOST_BYTES, DrawnPage::bytes, gone -> {});

    /**
     * The page of a key, drawn if it is not there.
     *
     * @param token of the session that asks
     * @param draw draws it with that token in it
     */
    DrawnPage page(String key, String token, Supplier<String> draw) {
        return pages.get(key).orElseGet(() -> {
            DrawnPage drawn = new DrawnPage(draw.get(), token);
            pages.put(key, drawn);
            return drawn;
        });
    }
}
