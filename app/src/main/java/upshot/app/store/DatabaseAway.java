package upshot.app.store;

import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLTransientConnectionException;
import org.hibernate.TransactionException;
import org.hibernate.exception.JDBCConnectionException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.dao.QueryTimeoutException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;

/** Tells whether something failed because the database did not answer; then nobody knows what it has stored. */
public final class DatabaseAway {

    /** The class of states "connection exception" in the SQL standard. */
    private static final String CONNECTION = "08";

    private DatabaseAway() {}

    public static boolean is(Throwable failed) {
        Throwable cause = failed;
        for (int depth = 0; cause != null && depth < 20; depth++) {
            if (cause instanceof CannotCreateTransactionException
                    || cause instanceof TransactionSystemException
                    || cause instanceof DataAccessResourceFailureException
                    || cause instanceof QueryTimeoutException
                    || cause instanceof PessimisticLockingFailureException
                    || cause instanceof JDBCConnectionException
                    // A transaction that could be neither stored nor undone: its connection is gone.
                    || cause instanceof TransactionException
                    || cause instanceof SQLTransientConnectionException
                    || cause instanceof SQLNonTransientConnectionException
                    || cause instanceof SQLException sql
                            && sql.getSQLState() != null
                            && sql.getSQLState().startsWith(CONNECTION)) {
                return true;
            }
            cause = cause.getCause();
        }
        return false;
    }
}
