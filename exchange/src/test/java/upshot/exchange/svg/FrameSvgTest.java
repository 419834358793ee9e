package upshot.exchange.svg;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import upshot.core.RandomPlans;
import upshot.core.SamplePlan;
import upshot.core.frame.DrawnFrame;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;

class FrameSvgTest {

    private static Document parse(String svg) throws Exception {
        return DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    void it_is_well_formed_has_the_frame_s_shape_and_says_what_it_shows() throws Exception {
        SamplePlan sample = new SamplePlan();
        Shot shot = sample.shot(sample.action(), 60);
        String svg = FrameSvg.render(DrawnFrame.of(sample.build(), shot), "K1 \"pot\" <out> & in");
        Document document = parse(svg);

        assertThat(document.getDocumentElement().getAttribute("viewBox")).isEqualTo("0 0 640 360");
        assertThat(document.getDocumentElement().getAttribute("aria-label")).isEqualTo("K1 \"pot\" <out> & in");
    }

    @Test
    void no_frame_holds_styles_scripts_or_numbers_that_are_none() throws Exception {
        for (long seed = 1; seed <= 30; seed++) {
            Plan plan = new RandomPlans(seed).plan();
            for (Shot shot : plan.shots()) {
                String svg = FrameSvg.render(DrawnFrame.of(plan, shot), shot.code());
                parse(svg);
                assertThat(svg).as("seed %d", seed).doesNotContain("style", "<script", "NaN", "Infinity", "null");
            }
        }
    }
}
