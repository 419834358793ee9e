package upshot.app.account;

import java.time.Duration;
import java.time.Instant;
import java.util.Set;
import org.springframework.context.annotation.Primary;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.jdbc.config.annotation.web.http.EnableJdbcHttpSession;
import org.springframework.stereotype.Component;

/**
 * Sessions in the database that write down when they were last used once a minute and not with every request: each writing
 * waits for the disk, and an open page asks for news every three seconds.
 */
@Component
@Primary
@EnableJdbcHttpSession(maxInactiveIntervalInSeconds = QuietSessions.HOURS * 3600)
class QuietSessions implements SessionRepository<QuietSessions.Quiet> {

    /** How long an open page that nobody touches stays signed in. */
    static final int HOURS = 12;

    private static final Duration WRITTEN_EVERY = Duration.ofMinutes(1);

    private final SessionRepository<Session> sessions;

    @SuppressWarnings("unchecked")
    QuietSessions(JdbcIndexedSessionRepository sessions) {
        this.sessions = (SessionRepository<Session>) (SessionRepository<?>) sessions;
    }

    @Override
    public Quiet createSession() {
        return new Quiet(sessions.createSession());
    }

    @Override
    public void save(Quiet session) {
        sessions.save(session.stored);
    }

    @Override
    public Quiet findById(String id) {
        Session stored = sessions.findById(id);
        return stored == null ? null : new Quiet(stored);
    }

    @Override
    public void deleteById(String id) {
        sessions.deleteById(id);
    }

    /** A session as it is stored; what changes nothing but the minute is not saved. */
    static final class Quiet implements Session {

        private final Session stored;

        private Quiet(Session stored) {
            this.stored = stored;
        }

        @Override
        public void setLastAccessedTime(Instant at) {
            if (Duration.between(stored.getLastAccessedTime(), at).abs().compareTo(WRITTEN_EVERY) > 0) {
                stored.setLastAccessedTime(at);
            }
        }

        @Override
        public String getId() {
            return stored.getId();
        }

        @Override
        public String changeSessionId() {
            return stored.changeSessionId();
        }

        @Override
        public <T> T getAttribute(String name) {
            return stored.getAttribute(name);
        }

        @Override
        public Set<String> getAttributeNames() {
            return stored.getAttributeNames();
        }

        @Override
        public void setAttribute(String name, Object value) {
            stored.setAttribute(name, value);
        }

        @Override
        public void removeAttribute(String name) {
            stored.removeAttribute(name);
        }

        @Override
        public Instant getCreationTime() {
            return stored.getCreationTime();
        }

        @Override
        public Instant getLastAccessedTime() {
            return stored.getLastAccessedTime();
        }

        @Override
        public void setMaxInactiveInterval(Duration interval) {
            stored.setMaxInactiveInterval(interval);
        }

        @Override
        public Duration getMaxInactiveInterval() {
            return stored.getMaxInactiveInterval();
        }

        @Override
        public boolean isExpired() {
            return stored.isExpired();
        }
    }
}
