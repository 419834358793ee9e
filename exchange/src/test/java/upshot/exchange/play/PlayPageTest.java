package upshot.exchange.play;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.Base64;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import upshot.core.SamplePlan;
import upshot.core.cut.PaperCut;
import upshot.core.plan.Action;
import upshot.core.plan.Move;
import upshot.core.play.Playing;
import upshot.exchange.svg.CutSheetSvg;

class PlayPageTest {

    private static final String HOSTILE = "</script><script>alert('x')</script> & <!-- \"Ümlaut\"";

    private static PaperCut cut() {
        SamplePlan sample = new SamplePlan().brief("name", HOSTILE).brief("tempoBpm", Optional.of(120.0));
        Action action = sample.action(one -> one.with("name", HOSTILE));
        sample.use(sample.shot(action, one -> one.with("move", Move.PAN)), 24);
        sample.use(sample.shot(action, 90), 36);
        return PaperCut.of(sample.build());
    }

    @Test
    void the_data_say_when_what_is_drawn() throws Exception {
        JsonNode json = new ObjectMapper().readTree(PlayJson.write(Playing.of(cut())));

        assertThat(json.get("name").asString()).isEqualTo(HOSTILE);
        assertThat(json.get("frames").asLong()).isEqualTo(60);
        assertThat(json.get("rate").asDouble()).isEqualTo(24);
        assertThat(json.get("uses")).hasSize(2);
        assertThat(json.get("uses").get(1).get("start").asInt()).isEqualTo(24);
        assertThat(json.get("clicks")).hasSize(5);
        JsonNode shape =
                json.get("uses").get(0).get("keys").get(0).get("shapes").get(0);
        assertThat(shape.get(0).asString()).isEqualTo("a");
        assertThat(json.get("colours").get(shape.get(1).asString()).asString()).matches("#[0-9a-f]{6}");
        assertThat(json.get("uses").get(0).get("keys"))
                .as("eight a second, and the first")
                .hasSize(9);
    }

    @Test
    void the_page_allows_its_own_script_and_style_and_nothing_else() throws Exception {
        String script = "const a = 1 < 2;\n";
        String page = PlayPage.of(Playing.of(cut()), script, "p { color: red }");
        Matcher policy = Pattern.compile("Content-Security-Policy\" content=\"([^\"]+)\"")
                .matcher(page);

        assertThat(policy.find()).isTrue();
        assertThat(policy.group(1))
                .startsWith("default-src 'none';")
                .contains("script-src '" + hash(script) + "'", "style-src '" + hash("p { color: red }") + "'");
        assertThat(page).contains("<script type=\"module\">" + script + "</script>");
        assertThat(page).doesNotContain("http:", "https:", "src=", "href=");
    }

    @Test
    void names_cannot_end_the_element_that_holds_them() throws Exception {
        String page = PlayPage.of(Playing.of(cut()), "1;", "p {}");

        assertThat(page).doesNotContain("<script>alert", "</script><script>");
        Matcher data =
                Pattern.compile("id=\"playing\">(.*?)</script>", Pattern.DOTALL).matcher(page);
        assertThat(data.find()).isTrue();
        assertThat(new ObjectMapper().readTree(data.group(1)).get("name").asString())
                .isEqualTo(HOSTILE);
    }

    @Test
    void the_sheet_shows_every_use_in_edit_order() throws Exception {
        String svg = CutSheetSvg.render(cut());
        var document = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)));

        assertThat(svg).contains("1 · ", "2 · ", " · 1 s", " · 1.5 s", "2 frames of 2.5 s, in edit order");
        assertThat(svg.indexOf("1 · ")).isLessThan(svg.indexOf("2 · "));
        // A frame is a drawing in a drawing, on the sheet itself.
        assertThat(document.getElementsByTagName("svg").getLength()).isEqualTo(1 + 2 * 2);
    }

    private static String hash(String text) throws Exception {
        byte[] digest = MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
        return "sha256-" + Base64.getEncoder().encodeToString(digest);
    }
}
