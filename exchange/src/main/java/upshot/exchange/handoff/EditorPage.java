package upshot.exchange.handoff;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import upshot.core.finding.Wording;
import upshot.core.handoff.UseAsShot;
import upshot.core.plan.Action;
import upshot.core.plan.Caution;
import upshot.core.plan.Plan;
import upshot.core.plan.Subject;
import upshot.core.shot.RaisedCautions;
import upshot.exchange.svg.FrameSvg;

/**
 * The cut as a page that opens from a disk: frames, clips, notes, what is let stand and why, consent and cautions, and a place
 * for a remark on each use, which are saved as a file. Its own content policy allows the one script and the one style in it.
 */
public final class EditorPage {

    private final Handed handed;
    private final Plan plan;

    private EditorPage(Handed handed) {
        this.handed = handed;
        this.plan = handed.judged().verdict().plan();
    }

    /** One file that opens from a disk: script and style stand in it, and a policy that allows these two alone. */
    public static String alone(Handed handed, String script, String style, String where) {
        String policy = "default-src 'none'; script-src '%s'; style-src '%s'; base-uri 'none'; form-action 'none'"
                .formatted(hash(script), hash(style));
        String head = "<meta http-equiv=\"Content-Security-Policy\" content=\"%s\">\n<style>%s</style>"
                .formatted(policy, style);
        String foot = "<script type=\"module\">%s</script>".formatted(script);
        return new EditorPage(handed).page(head, "", "Save the remarks", where, foot);
    }

    /**
     * The same, served: it sends remarks instead of saving them.
     *
     * @param scriptUrl where the script lies
     * @param styleUrl where the style lies
     * @param sendTo where remarks go
     */
    public static String served(Handed handed, String scriptUrl, String styleUrl, String sendTo, String where) {
        String head = "<link rel=\"stylesheet\" href=\"%s\">".formatted(escape(styleUrl));
        String foot = "<script type=\"module\" src=\"%s\"></script>".formatted(escape(scriptUrl));
        return new EditorPage(handed).page(head, sendTo, "Send the remarks", where, foot);
    }

    private String page(String head, String sendTo, String button, String where, String foot) {
        String name = escape(handed.brief().name());
        return """
                <!DOCTYPE html>
                <html lang="en">
                <head>
                <meta charset="utf-8">
                <meta name="viewport" content="width=device-width, initial-scale=1">
                <meta name="robots" content="noindex">
                %s
                <title>%s: for the editor</title>
                </head>
                <body data-send="%s">
                <main>
                <h1>%s</h1>
                <p>%s</p>
                %s
                <h2>The cut, use by use</h2>
                <ol class="uses">
                %s
                </ol>
                <h2>To know beforehand</h2>
                %s
                <p class="save"><button type="button" data-save>%s</button> <span role="status" data-said></span></p>
                <p>%s</p>
                </main>
                %s
                </body>
                </html>
                """.formatted(
                        head,
                        name,
                        escape(sendTo),
                        name,
                        escape(summary()),
                        people(),
                        new EditorUses(handed).list(),
                        beforehand(),
                        button,
                        escape(where),
                        foot);
    }

    private static String hash(String text) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
            return "sha256-" + Base64.getEncoder().encodeToString(digest);
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    static String escape(String text) {
        return FrameSvg.escape(text);
    }

    private String summary() {
        long missing = handed.uses().stream().filter(UseAsShot::hole).count();
        return "%s at %s fps, %s; %s%s."
                .formatted(
                        Wording.number(
                                        handed.rate()
                                                .secondsOf(
                                                        handed.planned().cut().frames()),
                                        2) + " s",
                        handed.rate().label(),
                        handed.brief().aspect(),
                        Wording.count(handed.uses().size(), "use"),
                        missing == 0 ? "" : ", %d of them missing".formatted(missing));
    }

    /** Whose consent is not given. */
    private String people() {
        List<String> said = new ArrayList<>();
        for (UseAsShot use : handed.uses()) {
            use.refused()
                    .forEach(name ->
                            said.add("%s in use %d".formatted(name, use.placed().index() + 1)));
        }
        return said.isEmpty()
                ? ""
                : "<p class=\"break\"><strong>Not to be shown, consent is refused:</strong> %s.</p>"
                        .formatted(escape(String.join(", ", said)));
    }

    /** Sounds to be had, consent of everybody, cautions that were raised. */
    private String beforehand() {
        StringBuilder list = new StringBuilder("<ul>");
        for (Subject person : handed.takes().day().people()) {
            item(
                    list,
                    "%s: consent %s.".formatted(person.name(), person.consent().label()));
        }
        for (Action action : plan.actions()) {
            if (!action.sound().isEmpty()) {
                item(list, "Sound of %s: %s.".formatted(action.name(), action.sound()));
            }
        }
        cautions()
                .forEach((caution, codes) ->
                        item(list, "Caution in %s: %s".formatted(String.join(", ", codes), caution.care())));
        return list.append("</ul>").toString();
    }

    private Map<Caution, Set<String>> cautions() {
        Map<Caution, Set<String>> cautions = new TreeMap<>();
        for (UseAsShot use : handed.uses()) {
            RaisedCautions.of(plan, use.shown())
                    .tags()
                    .forEach(caution -> cautions.computeIfAbsent(caution, none -> new TreeSet<>())
                            .add(use.shown().code()));
        }
        return cautions;
    }

    private static void item(StringBuilder list, String text) {
        list.append("<li>").append(escape(text)).append("</li>");
    }
}
