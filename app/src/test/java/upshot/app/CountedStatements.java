package upshot.app;

import java.lang.reflect.InvocationHandler;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.util.Set;
import javax.sql.DataSource;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.test.context.TestComponent;

/** Counts every statement that the application prepares, whoever asks the database: Hibernate, sessions, JDBC. */
@TestComponent
public class CountedStatements implements BeanPostProcessor {

    private static final Set<String> ASKING = Set.of("prepareStatement", "createStatement", "prepareCall");
    /** Of each thread by itself: a clearing of old sessions comes by once a minute. */
    private static final ThreadLocal<Integer> COUNT = ThreadLocal.withInitial(() -> 0);

    /** How many statements a piece of work takes on its own thread. */
    public static int during(Work work) throws Exception {
        int before = COUNT.get();
        work.run();
        return COUNT.get() - before;
    }

    /** Something that may fail. */
    public interface Work {
        void run() throws Exception;
    }

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        return bean instanceof DataSource source
                ? proxy(DataSource.class, source, CountedStatements::connection)
                : bean;
    }

    private static Object connection(Object made) {
        return made instanceof Connection connection ? proxy(Connection.class, connection, same -> same) : made;
    }

    private interface After {
        Object apply(Object result);
    }

    private static <T> Object proxy(Class<T> type, T target, After after) {
        InvocationHandler handler = (proxy, method, arguments) -> {
            if (ASKING.contains(method.getName())) {
                COUNT.set(COUNT.get() + 1);
            }
            try {
                return after.apply(method.invoke(target, arguments));
            } catch (InvocationTargetException failed) {
                throw failed.getCause();
            }
        };
        return Proxy.newProxyInstance(type.getClassLoader(), new Class<?>[] {type}, handler);
    }
}
