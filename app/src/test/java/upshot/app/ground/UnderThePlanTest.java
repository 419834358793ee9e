package upshot.app.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import upshot.app.OnJobs;
import upshot.app.account.SignedIn;
import upshot.app.job.JudgedPlans;
import upshot.app.store.Stills;
import upshot.core.SamplePlan;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Spot;
import upshot.core.plan.Underlay;
import upshot.exchange.still.Still;

/** A picture twice as wide as high under the plan of the hall, which is 6 by 5 m. */
class UnderThePlanTest extends OnJobs {

    @Autowired
    private Stills stills;

    @Autowired
    private JudgedPlans plans;

    private SignedIn owner;
    private UUID jobId;
    private Spot hall;
    private Still picture;

    @BeforeEach
    void aPictureThatIsThere() throws IOException {
        owner = people.person();
        Plan plan = new SamplePlan().build();
        hall = plan.spots().get(0);
        jobId = newJobs.create(owner, plan);
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(400, 200, BufferedImage.TYPE_INT_RGB), "png", png);
        picture = Still.read(png.toByteArray());
        stills.keep(jobId, picture);
    }

    private ResultActions gesture(String name, Map<String, String> arguments) throws Exception {
        return ask(
                "changes",
                "{\"stage\":\"ground\",\"gesture\":\"%s\",\"arguments\":%s}".formatted(name, json(arguments)));
    }

    private ResultActions ask(String path, String body) throws Exception {
        return mvc.perform(post("/jobs/{id}/" + path, jobId)
                .contentType(MediaType.APPLICATION_JSON)
                .content(body)
                .with(user(owner))
                .with(csrf()));
    }

    private static String json(Map<String, String> arguments) {
        return arguments.entrySet().stream()
                .map(one -> "\"%s\":\"%s\"".formatted(one.getKey(), one.getValue()))
                .collect(Collectors.joining(",", "{", "}"));
    }

    private Underlay laid() throws Exception {
        gesture("lay-under", Map.of("spotId", hall.id().toString(), "still", picture.hash(), "ratio", "2"))
                .andExpect(status().isOk());
        return under();
    }

    private Underlay under() {
        return plans.current(jobId, owner.id())
                .verdict()
                .plan()
                .<Underlay>list(RecordKind.UNDERLAY)
                .get(0);
    }

    @Test
    void it_lies_as_wide_as_the_floor_and_the_next_one_lies_in_its_place() throws Exception {
        Underlay first = laid();
        assertThat(first.wideM()).isEqualTo(6);
        assertThat(first.highM()).isEqualTo(3);
        assertThat(laid()).as("one picture for a spot").isEqualTo(first);
    }

    /** Two points 3 m apart on the plan are 6 m in truth: all is twice as large, and the first point stays. */
    @Test
    void by_two_points_it_is_as_large_as_in_truth() throws Exception {
        Underlay first = laid();
        gesture("scale-under", Map.of("id", first.id().toString(), "points", "1 1, 4 1", "length", "6"))
                .andExpect(status().isOk());
        Underlay scaled = under();
        assertThat(scaled.wideM()).isEqualTo(12);
        assertThat(scaled.highM()).isEqualTo(6);
        assertThat(scaled.acrossM()).isEqualTo(-1);
        assertThat(scaled.deepM()).isEqualTo(-1);
    }

    @Test
    void by_four_corners_it_is_made_anew_and_says_how_it_lies() throws Exception {
        Underlay first = laid();
        String corners = "\"points\":\"1 0.5, 5 0.5, 4 2.5, 2 2.5\"";
        ask(
                        "ground/straightened",
                        "{\"arguments\":{\"id\":\"%s\",%s,\"wide\":\"4\",\"deep\":\"3\"}}"
                                .formatted(first.id(), corners))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.across").value("1.0"))
                .andExpect(jsonPath("$.deep").value("0.5"))
                .andExpect(jsonPath("$.wide").value("4.0"));
        ask(
                        "ground/straightened",
                        "{\"arguments\":{\"id\":\"%s\",%s,\"wide\":\"6\",\"deep\":\"5\"}}"
                                .formatted(first.id(), corners))
                .andExpect(jsonPath("$.across").value("0.0"))
                .andExpect(jsonPath("$.deep").value("0.0"));
        assertThat(stills.hashes(jobId)).hasSize(3);
        assertThat(under()).as("nothing lies elsewhere before it is laid there").isEqualTo(first);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1 0.5, 5 0.5 | 4 | 3 | Mark 4 points; 2 are marked.",
                "1 0.5, 5 0.5, 2 2.5, 4 2.5 | 4 | 3 | go round in order",
                "1 0.5, 5 0.5, 4 9, 2 9 | 4 | 3 | lie on the picture",
                "1 0.5, 5 0.5, 4 2.5, 2 2.5 | 0 | 3 | how long that is",
                "1 0.5, 5 0.5, 4 2.5, 2 NaN | 4 | 3 | lies nowhere"
            })
    void what_makes_no_sense_is_refused_in_words(String points, String wide, String deep, String words)
            throws Exception {
        ask(
                        "ground/straightened",
                        "{\"arguments\":{\"id\":\"%s\",\"points\":\"%s\",\"wide\":\"%s\",\"deep\":\"%s\"}}"
                                .formatted(laid().id(), points, wide, deep))
                .andExpect(status().is4xxClientError())
                .andExpect(content().string(containsString(words)));
        assertThat(stills.hashes(jobId)).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1 1, 1 1 | 6 | two points that lie apart",
                "1 1, 4 1 | | how far apart",
                "1 1, 4 1 | 9999999 | 1000 m"
            })
    void a_scale_that_makes_no_sense_changes_nothing(String points, String length, String words) throws Exception {
        Underlay first = laid();
        gesture(
                        "scale-under",
                        Map.of("id", first.id().toString(), "points", points, "length", length == null ? "" : length))
                .andExpect(status().is4xxClientError())
                .andExpect(content().string(containsString(words)));
        assertThat(under()).isEqualTo(first);
    }
}
