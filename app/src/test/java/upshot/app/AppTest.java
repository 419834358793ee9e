package upshot.app;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.autoconfigure.web.servlet.MockMvcPrint;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.context.annotation.Import;
import org.springframework.test.context.ActiveProfiles;

/**
 * A test of the whole application on the real MariaDB that {@code ./upshot test} starts. All such tests share one
 * context, one database and the demo data; each makes its own accounts and jobs.
 */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {"logging.level.upshot=warn"})
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
@ActiveProfiles("demo")
@Import({People.class, CountedStatements.class})
public @interface AppTest {}
