package upshot.app;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * A test of the whole application on the real MariaDB that {@code ./upshot test} starts. All such tests share one
 * context, one database and the demo data; each makes its own accounts and jobs.
 */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@ExtendWith(InOneContext.class)
public @interface AppTest {}
