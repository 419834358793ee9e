package upshot.app.account;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;
import upshot.app.AppTest;
import upshot.app.People;
import upshot.app.Web;

@AppTest
class QuietSessionsTest {

    @Autowired
    private People people;

    @Autowired
    private JdbcClient jdbc;

    @LocalServerPort
    private int port;

    private long lastUsed(String name) {
        return jdbc.sql("select max(LAST_ACCESS_TIME) from SPRING_SESSION where PRINCIPAL_NAME = ?")
                .param(name)
                .query(Long.class)
                .single();
    }

    @Test
    void a_session_that_was_used_a_moment_ago_is_not_written_again_and_one_of_some_minutes_ago_is() throws Exception {
        Account account = people.account();
        Web web = new Web(port).signIn(account.email(), People.PASSWORD);
        web.get("/jobs");
        long before = lastUsed(account.email());
        web.get("/jobs");
        assertThat(lastUsed(account.email())).isEqualTo(before);

        jdbc.sql("update SPRING_SESSION set LAST_ACCESS_TIME = ? where PRINCIPAL_NAME = ?")
                .params(before - 61_000, account.email())
                .update();
        web.get("/jobs");
        assertThat(lastUsed(account.email())).isGreaterThanOrEqualTo(before);
        assertThat(web.send(web.request("/jobs")).statusCode()).isEqualTo(200);
    }
}
