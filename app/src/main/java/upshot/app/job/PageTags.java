package upshot.app.job;

import java.util.Map;
import java.util.TreeMap;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import upshot.app.account.SignedIn;
import upshot.app.store.Job;
import upshot.app.store.Revisions;
import upshot.exchange.text.Sha256;

/**
 * By which pages are known: here, to draw each once, and by a browser, to ask whether the page it has is still the page.
 */
@Component
class PageTags {

    private static final int TAG_FIGURES = 32;

    private final String build;

    PageTags(@Value("${upshot.build-version}") String build) {
        this.build = build;
    }

    /**
     * What a page is made of, whoever looks: what somebody can undo is part of it, who they are is not.
     *
     * @param beside how far what is kept beside the plan has come
     */
    String contents(
            Job job, String beside, History history, SignedIn who, Stage stage, Map<String, String> parameters) {
        return String.join(
                "\n",
                build,
                job.id().toString(),
                Long.toString(job.version()),
                beside,
                stage.slug(),
                new TreeMap<>(parameters).toString(),
                stage.beside(who),
                history.undo().map(Revisions.Step::label).orElse(""),
                history.redo().map(Revisions.Step::label).orElse(""));
    }

    /** A weak tag: packed or not, it is the same page. It is a session's own, since the page holds that session's token. */
    String of(String contents, SignedIn who, String sessionId) {
        String all = String.join("\n", contents, who.id().toString(), sessionId);
        return "W/\"%s\"".formatted(Sha256.hex(all).substring(0, TAG_FIGURES));
    }
}
