package upshot.app.web;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import tools.jackson.databind.node.JsonNodeFactory;

/** Answers that are drawn without session, templates or database. */
public final class Plainly {

    private Plainly() {}

    public static void json(HttpServletResponse response, int status, String message) throws IOException {
        write(
                response,
                status,
                "application/json",
                JsonNodeFactory.instance.objectNode().put("message", message).toString());
    }

    static void html(HttpServletResponse response, int status, String page) throws IOException {
        write(response, status, "text/html", page);
    }

    private static void write(HttpServletResponse response, int status, String type, String text) throws IOException {
        response.resetBuffer();
        response.setStatus(status);
        response.setContentType(type);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.setHeader("Cache-Control", "no-store");
        response.getWriter().write(text);
        response.flushBuffer();
    }
}
