package upshot.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import org.hibernate.TransactionException;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.orm.jpa.JpaSystemException;

class DatabaseAwayTest {

    @Test
    void a_connection_that_is_gone_while_a_transaction_ends_is_the_database_s_being_away() {
        SQLException closed = new SQLException("Connection is closed");

        assertThat(DatabaseAway.is(new JpaSystemException(new TransactionException("Unable to rollback", closed))))
                .isTrue();
        assertThat(DatabaseAway.is(new IllegalStateException(new SQLException("", "08S01"))))
                .isTrue();
        assertThat(DatabaseAway.is(closed)).isFalse();
        assertThat(DatabaseAway.is(new DataIntegrityViolationException("doubled", new SQLException("", "23000"))))
                .isFalse();
    }
}
