package upshot.app.store;

import java.util.Locale;
import org.hibernate.boot.model.naming.Identifier;
import org.hibernate.boot.model.naming.PhysicalNamingStrategyStandardImpl;
import org.hibernate.engine.jdbc.env.spi.JdbcEnvironment;

/**
 * {@code lengthS} is {@code length_s}: the usual strategy overlooks a unit of a single letter at the end. {@code rank} is
 * {@code sort_rank}, because the database keeps the word for itself.
 */
public class ColumnNames extends PhysicalNamingStrategyStandardImpl {

    private static final long serialVersionUID = 1L;

    @Override
    public Identifier toPhysicalColumnName(Identifier logicalName, JdbcEnvironment environment) {
        String snake =
                logicalName.getText().replaceAll("([a-z0-9])([A-Z])", "$1_$2").toLowerCase(Locale.ROOT);
        return Identifier.toIdentifier(snake.equals("rank") ? "sort_rank" : snake, logicalName.isQuoted());
    }
}
