package upshot.app.web;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;

/** An address with half a letter in it is the sender's matter; it is answered, and would only fill the log. */
@ControllerAdvice
class BrokenParameters {

    @ExceptionHandler(InvalidParameterException.class)
    void refuse(HttpServletResponse response) throws IOException {
        response.sendError(HttpServletResponse.SC_BAD_REQUEST);
    }
}
