package upshot.app.demo;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.context.annotation.Profile;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import upshot.app.web.Plainly;

/** While the network of the phones is cut, what Roll's page asks for is not answered; the desk is on a cable. */
@Component
@Profile("demo")
class CutNetwork implements HandlerInterceptor, WebMvcConfigurer {

    private static final Pattern JOB = Pattern.compile("/jobs/([0-9a-f-]{36})/");
    private static final String PAGE = "/roll/phone";

    private final PlayedEvening evening;

    CutNetwork(PlayedEvening evening) {
        this.evening = evening;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/jobs/*/roll/log", "/jobs/*/roll/day.json");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
            throws IOException {
        Matcher job = JOB.matcher(request.getRequestURI());
        String from = String.valueOf(request.getHeader(HttpHeaders.REFERER));
        if (from.endsWith(PAGE) && job.find() && evening.isCut(UUID.fromString(job.group(1)))) {
            Plainly.json(response, HttpServletResponse.SC_SERVICE_UNAVAILABLE, "There is no network.");
            return false;
        }
        return true;
    }
}
