package upshot.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.support.PropertiesLoaderUtils;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.exchange.json.PlanJson;

/**
 * A data folder of before Spring Boot 4, kept as a backup of database version 13, with somebody signed in: the program of
 * today goes on with it.
 */
class OldDataTest {

    private static final Path BACKUP = Path.of("src/test/resources/old-data/version-13.sql.gz");
    private static final String JOB = "/jobs/1af46951-90e1-4747-8ed2-d19122968c13";
    private static final String SIGNED_IN = "UPSHOT=YmI5Y2JjNWEtZGEyZC00OGNmLTg2YTItNDIzMGUwZmI2ZDBl";
    private static final String STILL = "/stills/73dd58b562dc989a48679227cd4b80586b90e64025ff97a9951c3f62b78646ec";

    @TempDir
    private Path folder;

    private Scripts scripts;
    private ConfigurableApplicationContext application;

    @BeforeEach
    void take_over() throws Exception {
        scripts = new Scripts(folder);
        Scripts.Ran ran =
                scripts.run("restore %s; database_start $ROOT/.data/own throw-away".formatted(BACKUP.toAbsolutePath()));
        assertThat(ran.status()).as(ran.output()).isZero();
        // As if that person had been here a minute ago.
        ran = scripts.run("database_sql $ROOT/.data/own -e \"update upshot.SPRING_SESSION set"
                + " LAST_ACCESS_TIME = unix_timestamp() * 1000, EXPIRY_TIME = unix_timestamp() * 1000 + 36000000\"");
        assertThat(ran.status()).as(ran.output()).isZero();
        var database = PropertiesLoaderUtils.loadProperties(new FileSystemResource(folder.resolve(".data/own/db.env")));
        application = new SpringApplicationBuilder(UpshotLane.class)
                .properties("server.port=0", "spring.config.import=", "logging.level.upshot=warn")
                .run(database.entrySet().stream()
                        .map(one -> "--%s=%s".formatted(one.getKey(), one.getValue()))
                        .toArray(String[]::new));
    }

    @AfterEach
    void stop() throws Exception {
        if (application != null) {
            application.close();
        }
        scripts.run("database_stop $ROOT/.data/own");
    }

    private HttpResponse<String> get(String path) throws IOException, InterruptedException {
        String port = application.getEnvironment().getProperty("local.server.port");
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                                .header("Cookie", SIGNED_IN)
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
    }

    @Test
    void an_old_data_folder_goes_on_with_its_jobs_and_whoever_is_signed_in() throws Exception {
        for (String stage : new String[] {"brief", "coverage", "cut", "day", "hand-off"}) {
            HttpResponse<String> page = get(JOB + "/" + stage);
            assertThat(page.statusCode()).as(stage).isEqualTo(200);
            assertThat(page.body()).as(stage).contains("Tallow Street");
        }
        assertThat(get(JOB + STILL).statusCode()).isEqualTo(200);

        Plan plan = PlanJson.read(get(JOB + "/plan.json").body().getBytes(StandardCharsets.UTF_8));
        assertThat(plan.actions()).extracting("name").contains("Sweeper clears the hall");
        assertThat(plan.brief().zone()).isEqualTo("Europe/London");
        assertThat(plan.list(RecordKind.BODY)).isNotEmpty();
    }
}
