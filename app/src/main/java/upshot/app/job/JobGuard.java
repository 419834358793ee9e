package upshot.app.job;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import upshot.app.account.SignedIn;
import upshot.app.store.Invitations;
import upshot.app.store.Job;
import upshot.app.store.Jobs;

/**
 * Lets nobody under {@code /jobs/{jobId}} but the owner, those it is shared with, and phones of its crew: for everybody else
 * the job does not exist. It stands before every controller, so that none can forget to ask; controllers take the job it found as an argument.
 */
@Component
class JobGuard implements HandlerInterceptor, HandlerMethodArgumentResolver, WebMvcConfigurer {

    private static final String FOUND = JobGuard.class.getName();

    private final Jobs jobs;
    private final Invitations invitations;

    JobGuard(Jobs jobs, Invitations invitations) {
        this.jobs = jobs;
        this.invitations = invitations;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/jobs/*", "/jobs/*/**");
    }

    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(this);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        Map<?, ?> variables = (Map<?, ?>) request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
        Object jobId = variables == null ? null : variables.get("jobId");
        if (jobId != null) {
            request.setAttribute(FOUND, find(jobId.toString()));
        }
        return true;
    }

    private Job find(String jobId) {
        return id(jobId).flatMap(this::visible).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    private Optional<Job> visible(UUID id) {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        Object principal = who == null ? null : who.getPrincipal();
        if (principal instanceof SignedIn person) {
            return visible(id, person);
        }
        return principal instanceof JobKey key && key.jobId().equals(id) ? jobs.findThere(id) : Optional.empty();
    }

    /** A job that was just shared is seen by whoever opens its address first. */
    private Optional<Job> visible(UUID id, SignedIn who) {
        return jobs.findVisible(id, who.id())
                .or(() -> invitations.accept(who.id(), who.getUsername())
                        ? jobs.findVisible(id, who.id())
                        : Optional.empty());
    }

    private static Optional<UUID> id(String text) {
        try {
            return Optional.of(UUID.fromString(text));
        } catch (IllegalArgumentException notAnId) {
            return Optional.empty();
        }
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType() == Job.class;
    }

    @Override
    public Object resolveArgument(
            MethodParameter parameter,
            ModelAndViewContainer container,
            NativeWebRequest request,
            WebDataBinderFactory binders) {
        Object job = request.getAttribute(FOUND, RequestAttributes.SCOPE_REQUEST);
        if (job == null) {
            throw new IllegalStateException("A controller asks for a job outside /jobs/{jobId}");
        }
        return job;
    }
}
