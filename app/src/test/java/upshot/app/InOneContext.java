package upshot.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.BeforeEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.TestInstancePostProcessor;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.boot.webmvc.test.autoconfigure.MockMvcPrint;
import org.springframework.context.annotation.Import;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.context.TestContextManager;
import upshot.app.demo.DemoPlans;

/**
 * Brings Spring's own test support into JUnit 5: its extension calls a method that JUnit has from 6 on only. All tests
 * stand in the one context of a class that JUnit never sees; a manager for each test class would not find what stands on
 * it, and would start a context without a server.
 */
final class InOneContext
        implements TestInstancePostProcessor,
                BeforeAllCallback,
                BeforeEachCallback,
                AfterEachCallback,
                AfterAllCallback {

    static {
        freePort("upshot.lan.port");
        freePort("upshot.lan.plain-port");
    }

    private static void freePort(String property) {
        try (ServerSocket free = new ServerSocket(0)) {
            System.setProperty(property, Integer.toString(free.getLocalPort()));
        } catch (IOException none) {
            throw new UncheckedIOException(none);
        }
    }

    private static final TestContextManager MANAGER = new TestContextManager(Application.class);

    @SpringBootTest(
            webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
            properties = {
                "logging.level.upshot=warn",
                "upshot.warm-up=false",
                // The doors for phones are open on the loopback alone, and no network is told of them.
                "upshot.lan.folder=${upshot.test.folder}/lan",
                "upshot.lan.address=127.0.0.1",
                "upshot.lan.announced=false",
                "upshot.offloads=${upshot.test.folder}/offloads",
                // The evening that plays itself takes a quarter of a minute.
                "upshot.demo.pace=720"
            })
    @AutoConfigureMockMvc(print = MockMvcPrint.NONE)
    @ActiveProfiles("demo")
    @Import({People.class, CountedStatements.class, DemoPlans.class})
    private static final class Application {}

    @Override
    public void beforeAll(ExtensionContext test) throws Exception {
        MANAGER.beforeTestClass();
    }

    @Override
    public void postProcessTestInstance(Object instance, ExtensionContext test) throws Exception {
        MANAGER.prepareTestInstance(instance);
    }

    @Override
    public void beforeEach(ExtensionContext test) throws Exception {
        MANAGER.beforeTestMethod(test.getRequiredTestInstance(), test.getRequiredTestMethod());
    }

    @Override
    public void afterEach(ExtensionContext test) throws Exception {
        MANAGER.afterTestMethod(
                test.getRequiredTestInstance(),
                test.getRequiredTestMethod(),
                test.getExecutionException().orElse(null));
    }

    @Override
    public void afterAll(ExtensionContext test) throws Exception {
        MANAGER.afterTestClass();
    }
}
