package upshot.exchange.play;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Base64;
import upshot.core.play.Playing;
import upshot.exchange.svg.FrameSvg;

/**
 * A page of its own that plays a cut: one file, to be sent to a client and opened without a network. Its own content policy
 * allows the one script and the one style in it and nothing else.
 */
public final class PlayPage {

    private PlayPage() {}

    /**
     * @param player the player's script, which begins to play what stands in the element {@code playing}
     * @param style of the page
     */
    public static String of(Playing playing, String player, String style) {
        String name = FrameSvg.escape(playing.name());
        // A text cannot end the element that holds it.
        String data = PlayJson.write(playing).replace("<", "\\u003c");
        return """
                <!DOCTYPE html>
                <html lang="en">
                <head>
                <meta charset="utf-8">
                <meta name="viewport" content="width=device-width, initial-scale=1">
                <meta http-equiv="Content-Security-Policy" content="default-src 'none'; script-src '%s'; style-src '%s'; base-uri 'none'; form-action 'none'">
                <title>%s</title>
                <style>%s</style>
                </head>
                <body>
                <main class="player" data-player>
                <h1>%s</h1>
                <canvas data-screen role="img" aria-label="The paper cut as moving drawings"></canvas>
                <p data-caption role="status"></p>
                <div class="player-keys">
                <button type="button" data-do="play">Play</button>
                <button type="button" data-do="back">Joint before</button>
                <button type="button" data-do="on">Next joint</button>
                <button type="button" data-do="half" aria-pressed="false">Half speed</button>
                </div>
                <p class="player-note">Drawings from the plan, not footage.</p>
                </main>
                <script type="application/json" id="playing">%s</script>
                <script type="module">%s</script>
                </body>
                </html>
                """.formatted(hash(player), hash(style), name, style, name, data, player);
    }

    private static String hash(String text) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
            return "sha256-" + Base64.getEncoder().encodeToString(digest);
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
