package upshot.app.web;

import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.IExpressionContext;
import org.thymeleaf.dialect.AbstractDialect;
import org.thymeleaf.dialect.IExpressionObjectDialect;
import org.thymeleaf.expression.IExpressionObjectFactory;

/** Puts {@link Press} at hand in every template as {@code #press}. */
@Component
class PressDialect extends AbstractDialect implements IExpressionObjectDialect, IExpressionObjectFactory {

    private static final String NAME = "press";
    private static final Press ANY = new Press("", Map.of());

    PressDialect() {
        super("Presses");
    }

    @Override
    public IExpressionObjectFactory getExpressionObjectFactory() {
        return this;
    }

    @Override
    public Set<String> getAllExpressionObjectNames() {
        return Set.of(NAME);
    }

    @Override
    public Object buildObject(IExpressionContext context, String name) {
        return ANY;
    }

    @Override
    public boolean isCacheable(String name) {
        return true;
    }
}
