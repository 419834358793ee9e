package upshot.app.web;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.ITemplateContext;
import org.thymeleaf.dialect.AbstractProcessorDialect;
import org.thymeleaf.engine.AttributeName;
import org.thymeleaf.engine.TemplateManager;
import org.thymeleaf.model.IModel;
import org.thymeleaf.model.IModelFactory;
import org.thymeleaf.model.IProcessableElementTag;
import org.thymeleaf.processor.IProcessor;
import org.thymeleaf.processor.element.AbstractAttributeModelProcessor;
import org.thymeleaf.processor.element.IElementModelStructureHandler;
import org.thymeleaf.standard.expression.StandardExpressions;
import org.thymeleaf.templatemode.TemplateMode;

/**
 * Parts of pages that are rendered once: {@code lane:kept="${row}"} says that what the element shows follows from that
 * value alone, which is compared by its contents. An edit changes a row or two of hundreds, and rendering the others again
 * would be most of the work on a page.
 */
@Component
class KeptParts extends AbstractProcessorDialect {

    private static final String PREFIX = "lane";
    private static final long MOST_LETTERS = 20_000_000;

    private final Cache<Key, String> parts = Caffeine.newBuilder()
            .maximumWeight(MOST_LETTERS)
            .<Key, String>weigher((key, part) -> part.length())
            .build();

    KeptParts() {
        super("Kept parts", PREFIX, 1000);
    }

    @Override
    public Set<IProcessor> getProcessors(String prefix) {
        return Set.of(new Kept());
    }

    /** After this everything is rendered anew. */
    void forget() {
        parts.invalidateAll();
    }

    /** Which element of which template, of which value. */
    private record Key(String template, int line, int column, Object value) {}

    private final class Kept extends AbstractAttributeModelProcessor {

        /** After each, if and unless, before everything that the element shows. */
        private static final int PRECEDENCE = 450;

        Kept() {
            super(TemplateMode.HTML, PREFIX, null, false, "kept", true, PRECEDENCE, true);
        }

        @Override
        protected void doProcess(
                ITemplateContext context,
                IModel model,
                AttributeName attribute,
                String expression,
                IElementModelStructureHandler structure) {
            IProcessableElementTag tag = (IProcessableElementTag) model.get(0);
            Object value = StandardExpressions.getExpressionParser(context.getConfiguration())
                    .parseExpression(context, expression)
                    .execute(context);
            Key key = new Key(tag.getTemplateName(), tag.getLine(), tag.getCol(), value);
            String kept = parts.getIfPresent(key);
            if (kept == null) {
                kept = rendered(context, model, tag, attribute);
                parts.put(key, kept);
            }
            model.reset();
            model.add(context.getModelFactory().createText(kept));
        }

        /** The element as it stands in the template, rendered by itself where it is. */
        private String rendered(
                ITemplateContext context, IModel model, IProcessableElementTag tag, AttributeName attribute) {
            IModelFactory models = context.getModelFactory();
            model.replace(0, models.removeAttribute(tag, attribute));
            StringWriter source = new StringWriter();
            StringWriter shown = new StringWriter();
            try {
                model.write(source);
            } catch (IOException impossible) {
                throw new UncheckedIOException(impossible);
            }
            TemplateManager templates =
                    ((org.thymeleaf.EngineConfiguration) context.getConfiguration()).getTemplateManager();
            templates.process(
                    templates.parseString(context.getTemplateData(), source.toString(), 0, 0, TemplateMode.HTML, true),
                    context,
                    shown);
            return shown.toString();
        }
    }
}
