package upshot.app.account;

import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Where somebody is signed in: a session that is ended shuts its pages at their next request. */
@Component
class OpenSessions {

    private final JdbcClient jdbc;

    OpenSessions(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * @param name by which somebody signs in
     */
    int count(String name) {
        return jdbc.sql("select count(*) from SPRING_SESSION where PRINCIPAL_NAME = ?")
                .param(name)
                .query(Integer.class)
                .single();
    }

    /** Ends all but one. */
    @Transactional
    public void endOthers(String name, String keptId) {
        jdbc.sql("delete from SPRING_SESSION where PRINCIPAL_NAME = ? and SESSION_ID <> ?")
                .params(name, keptId)
                .update();
    }

    @Transactional
    public void endAll(String name) {
        jdbc.sql("delete from SPRING_SESSION where PRINCIPAL_NAME = ?")
                .param(name)
                .update();
    }
}
