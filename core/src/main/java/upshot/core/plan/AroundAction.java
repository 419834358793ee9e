package upshot.core.plan;

import java.util.List;
import java.util.function.Function;

/** What is to be seen around an action: its shots, and when the crews work. */
public interface AroundAction extends Around {

    List<Shot> shotsOf(Action action);

    /** The same as for a shot. */
    <T> T remember(Class<T> what, Action of, Function<AroundAction, T> work);
}
