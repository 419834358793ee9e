package upshot.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import jakarta.servlet.http.Cookie;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import upshot.app.OnJobs;
import upshot.app.account.SignedIn;
import upshot.app.crew.Crew;
import upshot.app.store.Jobs;

/** Walks every mapped route as a stranger, as somebody else, and without the token against forged requests. */
class RoutesTest extends OnJobs {

    private static final Set<String> OPEN = Set.of(
            "/sign-in",
            "/first",
            "/new-password",
            "/crew",
            "/trust",
            "/trust/authority.crt",
            "/trust/ok",
            "/error",
            "/editor/{secret}",
            "/editor/{secret}/remarks");

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping mappings;

    @Autowired
    private Crew crew;

    @Autowired
    private Jobs jobs;

    private record Route(HttpMethod method, String pattern) {
        boolean ofAJob() {
            return pattern.contains("{jobId}");
        }

        /** Something of a job that has an id of its own, which a new job does not have. */
        boolean ofSomethingInside() {
            return pattern.contains("{kitId}")
                    || pattern.contains("{accountId}")
                    || pattern.contains("{hash}")
                    || pattern.endsWith("made.pdf");
        }

        MockHttpServletRequestBuilder of(UUID jobId) {
            String path = pattern.replace("{jobId}", jobId.toString())
                    .replace("{slug}", "brief")
                    .replace("{paper}", "coverage")
                    .replace("{secret}", "0".repeat(48))
                    .replaceAll("\\{(kitId|accountId|hash)}", UUID.randomUUID().toString());
            return request(method, path)
                    .contentType(MediaType.APPLICATION_JSON)
                    .content("{\"stage\":\"brief\",\"changes\":[]}");
        }
    }

    private List<Route> routes() {
        List<Route> routes = new ArrayList<>();
        for (RequestMappingInfo info : mappings.getHandlerMethods().keySet()) {
            Set<RequestMethod> methods = info.getMethodsCondition().getMethods();
            for (String pattern : info.getPatternValues()) {
                (methods.isEmpty() ? Set.of(RequestMethod.GET) : methods)
                        .forEach(method -> routes.add(new Route(method.asHttpMethod(), pattern)));
            }
        }
        return routes;
    }

    private int status(MockHttpServletRequestBuilder request) throws Exception {
        return mvc.perform(request).andReturn().getResponse().getStatus();
    }

    @Test
    void the_walk_finds_the_routes() {
        assertThat(routes().stream().filter(Route::ofAJob).map(Route::pattern).collect(Collectors.toSet()))
                .contains(
                        "/jobs/{jobId}/{slug}",
                        "/jobs/{jobId}/changes",
                        "/jobs/{jobId}/undo",
                        "/jobs/{jobId}/hand-off/cut-order.csv")
                .hasSizeGreaterThanOrEqualTo(8);
    }

    @Test
    void a_stranger_gets_nowhere() throws Exception {
        UUID jobId = newJobs.create(people.person(), "Closed");
        for (Route route : routes()) {
            if (!OPEN.contains(route.pattern)) {
                var answer =
                        mvc.perform(route.of(jobId).with(csrf())).andReturn().getResponse();
                assertThat(answer.getStatus()).as(route.toString()).isIn(302, 401);
                if (answer.getStatus() == 302) {
                    assertThat(answer.getRedirectedUrl()).as(route.toString()).endsWith("/sign-in");
                }
                assertThat(status(route.of(jobId).with(csrf()).accept(MediaType.APPLICATION_JSON)))
                        .as(route + " for a script")
                        .isEqualTo(401);
            }
        }
    }

    @Test
    void for_another_account_the_job_does_not_exist() throws Exception {
        SignedIn owner = people.person();
        SignedIn other = people.person();
        for (Route route : routes()) {
            if (route.ofAJob()) {
                // A job for each route: some of them throw it away.
                UUID jobId = newJobs.create(owner, "Mine");
                assertThat(status(route.of(jobId).with(csrf()).with(user(other))))
                        .as(route.toString())
                        .isEqualTo(404);
                assertThat(status(route.of(UUID.randomUUID()).with(csrf()).with(user(owner))))
                        .as(route.toString())
                        .isEqualTo(404);
                if (!route.ofSomethingInside()) {
                    assertThat(status(route.of(jobId).with(csrf()).with(user(owner))))
                            .as(route.toString())
                            .isNotIn(401, 403, 404, 500);
                }
            }
        }
    }

    /** With a key of its own it gets what Roll on a phone needs, of its job, and what every stranger gets. */
    @Test
    void a_phone_of_the_crew_gets_its_day_and_nothing_else() throws Exception {
        SignedIn owner = people.person();
        UUID jobId = newJobs.create(owner, "Mine");
        UUID another = newJobs.create(owner, "Mine too");
        String code = crew.makeCode(jobs.findThere(jobId).orElseThrow(), owner);
        Cookie key = mvc.perform(request(HttpMethod.POST, "/crew")
                        .param("code", code)
                        .param("name", "camera B")
                        .with(csrf()))
                .andReturn()
                .getResponse()
                .getCookie("UPSHOT_CREW");
        Set<String> day = Set.of(
                "/jobs/{jobId}/roll/phone",
                "/jobs/{jobId}/roll/day.json",
                "/jobs/{jobId}/roll/worker.js",
                "/jobs/{jobId}/roll/roll.webmanifest",
                "/jobs/{jobId}/roll/log");
        for (Route route : routes()) {
            int expected = !day.contains(route.pattern) ? 401 : route.method == HttpMethod.GET ? 200 : 422;
            if (!OPEN.contains(route.pattern)) {
                assertThat(status(route.of(jobId)
                                .cookie(key)
                                .with(csrf())
                                .accept(MediaType.ALL, MediaType.APPLICATION_JSON)))
                        .as(route.toString())
                        .isEqualTo(expected);
                assertThat(status(route.of(another).cookie(key).with(csrf()).accept(MediaType.APPLICATION_JSON)))
                        .as(route + " of another job")
                        .isEqualTo(401);
            }
        }
        assertThat(routes().stream().map(Route::pattern)).containsAll(day);
    }

    @Test
    void nothing_is_changed_without_the_token() throws Exception {
        SignedIn owner = people.person();
        UUID jobId = newJobs.create(owner, "Mine");
        // An editor's address is its own key, and a request of another site does not have it.
        List<Route> changing = routes().stream()
                .filter(route -> route.method != HttpMethod.GET && !route.pattern.startsWith("/editor/"))
                .toList();
        assertThat(changing).hasSizeGreaterThanOrEqualTo(5);
        for (Route route : changing) {
            assertThat(status(route.of(jobId).with(user(owner))))
                    .as(route.toString())
                    .isEqualTo(403);
        }
    }

    @Test
    void malformed_ids_and_unknown_stages_are_not_there() throws Exception {
        SignedIn owner = people.person();
        UUID jobId = newJobs.create(owner, "Mine");

        for (String path :
                List.of("/jobs/nonsense/brief", "/jobs/" + jobId + "/nonsense", "/jobs/" + jobId + "/brief/more")) {
            assertThat(status(request(HttpMethod.GET, path).with(user(owner))))
                    .as(path)
                    .isEqualTo(404);
        }
        assertThat(status(request(HttpMethod.GET, "/jobs/" + jobId + "/coverage?shot=nonsense")
                        .with(user(owner))))
                .isEqualTo(200);
        assertThat(status(request(HttpMethod.GET, "/jobs/" + jobId + "/cut?joint=99999999999&use=x")
                        .with(user(owner))))
                .isEqualTo(200);
    }
}
