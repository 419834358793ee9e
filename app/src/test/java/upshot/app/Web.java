package upshot.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.CookieManager;
import java.net.CookiePolicy;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A browser without a window: keeps cookies, finds tokens, and speaks to a running application over the loopback. */
public final class Web {

    private static final Pattern TOKEN =
            Pattern.compile("name=\"(?:_csrf|csrf-token)\"[^>]*(?:value|content)=\"([^\"]+)\"");
    private static final Duration PATIENCE = Duration.ofSeconds(60);

    private final String base;
    private final CookieManager cookies = new CookieManager(null, CookiePolicy.ACCEPT_ALL);
    private final HttpClient client;

    public Web(int port) {
        this.base = "http://127.0.0.1:" + port;
        this.client = HttpClient.newBuilder()
                .cookieHandler(cookies)
                .connectTimeout(Duration.ofSeconds(5))
                .build();
    }

    public CookieManager cookies() {
        return cookies;
    }

    /** Signs in, asserting that it worked. */
    public Web signIn(String email, String password) throws IOException, InterruptedException {
        HttpResponse<String> answer = trySignIn("/sign-in", email, password);
        assertThat(answer.statusCode()).as("signing in").isEqualTo(302);
        assertThat(answer.headers().firstValue("Location"))
                .hasValueSatisfying(to -> assertThat(to).doesNotContain("/sign-in"));
        return this;
    }

    public Web signOut() throws IOException, InterruptedException {
        post("/sign-out", "_csrf", token("/jobs"));
        return this;
    }

    public HttpResponse<String> trySignIn(String path, String email, String password)
            throws IOException, InterruptedException {
        return post(path, "_csrf", token("/sign-in"), "email", email, "password", password);
    }

    /** The token of a page. */
    public String token(String path) throws IOException, InterruptedException {
        return found(TOKEN, get(path));
    }

    public static String found(Pattern pattern, String text) {
        Matcher matcher = pattern.matcher(text);
        assertThat(matcher.find()).as("%s in %s", pattern, text).isTrue();
        return matcher.group(1);
    }

    public String get(String path) throws IOException, InterruptedException {
        return send(request(path)).body();
    }

    public HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(base + path)).timeout(PATIENCE).header("Accept", "text/html");
    }

    public HttpResponse<String> send(HttpRequest.Builder request) throws IOException, InterruptedException {
        return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    public HttpClient client() {
        return client;
    }

    /** Posts a form of names and values. */
    public HttpResponse<String> post(String path, String... fields) throws IOException, InterruptedException {
        List<String> pairs = new ArrayList<>();
        for (int i = 0; i < fields.length; i += 2) {
            pairs.add(fields[i] + "=" + URLEncoder.encode(fields[i + 1], StandardCharsets.UTF_8));
        }
        return send(request(path)
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(String.join("&", pairs))));
    }

    /** A post of JSON that a page's script would make. */
    public HttpRequest.Builder json(String path, String token, String body) {
        return request(path)
                .header("Content-Type", "application/json")
                .setHeader("Accept", "application/json")
                .header("X-CSRF-TOKEN", token)
                .POST(HttpRequest.BodyPublishers.ofString(body));
    }

    /** A post of one file. */
    public HttpRequest.Builder file(String path, String token, byte[] content) {
        String border = "----upshot-border";
        byte[] head = ("--%s\r\nContent-Disposition: form-data; name=\"file\"; filename=\"f\"\r\n"
                        + "Content-Type: application/octet-stream\r\n\r\n")
                .formatted(border)
                .getBytes(StandardCharsets.UTF_8);
        byte[] tail = "\r\n--%s--\r\n".formatted(border).getBytes(StandardCharsets.UTF_8);
        return request(path)
                .header("Content-Type", "multipart/form-data; boundary=" + border)
                .setHeader("Accept", "application/json")
                .header("X-CSRF-TOKEN", token)
                .POST(HttpRequest.BodyPublishers.ofByteArrays(List.of(head, content, tail)));
    }
}
