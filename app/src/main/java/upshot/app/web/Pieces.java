package upshot.app.web;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.util.Locale;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import org.springframework.web.servlet.View;
import org.thymeleaf.spring6.view.ThymeleafViewResolver;

/** Renders fragments of pages to text, with the same view machinery that renders whole pages. */
@Component
public class Pieces {

    private final ThymeleafViewResolver views;

    Pieces(ThymeleafViewResolver views) {
        this.views = views;
    }

    /**
     * Renders for the request that is being answered.
     *
     * @param template for instance {@code coverage/page}
     * @param fragment the name of a fragment in it
     */
    public String render(String template, String fragment, Map<String, Object> model) {
        return page(template + " :: " + fragment, model);
    }

    /** A whole page as text, for instance to put it on paper. */
    public String page(String template, Map<String, Object> model) {
        ServletRequestAttributes current = (ServletRequestAttributes) RequestContextHolder.currentRequestAttributes();
        StringWriter text = new StringWriter();
        try {
            View view = views.resolveViewName(template, Locale.ENGLISH);
            view.render(model, current.getRequest(), new Captured(current.getResponse(), text));
        } catch (Exception broken) {
            throw new IllegalStateException("%s cannot be shown".formatted(template), broken);
        }
        return text.toString();
    }

    /** A response whose text goes nowhere but into a string, and whose headers stay as they are. */
    private static final class Captured extends HttpServletResponseWrapper {

        private final PrintWriter writer;

        Captured(HttpServletResponse response, StringWriter text) {
            super(response);
            this.writer = new PrintWriter(text);
        }

        @Override
        public PrintWriter getWriter() {
            return writer;
        }

        @Override
        public void setContentType(String type) {
            // The answer that carries the piece has its own type.
        }

        @Override
        public void setCharacterEncoding(String encoding) {
            // Likewise.
        }
    }
}
