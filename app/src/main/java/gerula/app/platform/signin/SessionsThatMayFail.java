package gerula.app.platform.signin;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * After an answer was made only the hour at which somebody was last seen is left to be written.
 * When that fails the answer stays true: what was done is done. So a session is read once a
 * request, at its beginning, and an old one that cannot be written is let be. One that has only
 * just begun has to be kept, or nobody would be signed in.
 */
@Component
class SessionsThatMayFail implements BeanPostProcessor {

  private static final Logger LOG = LoggerFactory.getLogger(SessionsThatMayFail.class);

  /**
   * Sessions of the request that is being answered; empty for those that were looked for in vain.
   */
  private static final ThreadLocal<Map<String, Optional<Session>>> OF_REQUEST =
      ThreadLocal.withInitial(HashMap::new);

  /** Forgets at the end of each request what was read for it. Around Spring's own filter. */
  @Component
  @Order(Ordered.HIGHEST_PRECEDENCE + 20)
  static class OnceARequest extends OncePerRequestFilter {
    @Override
    protected void doFilterInternal(
        HttpServletRequest request, HttpServletResponse response, FilterChain chain)
        throws ServletException, IOException {
      try {
        chain.doFilter(request, response);
      } finally {
        OF_REQUEST.remove();
      }
    }
  }

  @Override
  public Object postProcessAfterInitialization(Object bean, String name) {
    return bean instanceof FindByIndexNameSessionRepository<?> kept ? new Calm<>(kept) : bean;
  }

  /**
   * A session as it was read. To write at each request that somebody was seen again would cost more
   * than most of what is asked: it is written when it is a minute old.
   */
  private record AsRead(String id, Instant seen, Duration idle, Map<String, Object> attributes) {

    private static final Duration RECENT = Duration.ofMinutes(1);

    static AsRead of(Session session) {
      Map<String, Object> attributes = new HashMap<>();
      session
          .getAttributeNames()
          .forEach(name -> attributes.put(name, session.<Object>getAttribute(name)));
      return new AsRead(
          session.getId(),
          session.getLastAccessedTime(),
          session.getMaxInactiveInterval(),
          attributes);
    }

    boolean isRecentAndTheSameAs(Session session) {
      return id.equals(session.getId())
          && idle.equals(session.getMaxInactiveInterval())
          && Duration.between(seen, session.getLastAccessedTime()).compareTo(RECENT) < 0
          && attributes.keySet().equals(session.getAttributeNames())
          // Whoever changes an attribute sets it again, so that it is another object.
          && attributes.entrySet().stream()
              .allMatch(one -> session.getAttribute(one.getKey()) == one.getValue());
    }
  }

  private static final class Calm<S extends Session>
      implements FindByIndexNameSessionRepository<S> {

    private final FindByIndexNameSessionRepository<S> kept;
    private final Cache<S, Boolean> unsaved = Caffeine.newBuilder().weakKeys().build();
    private final Cache<S, AsRead> asRead = Caffeine.newBuilder().weakKeys().build();

    private Calm(FindByIndexNameSessionRepository<S> kept) {
      this.kept = kept;
    }

    @Override
    public S createSession() {
      S session = kept.createSession();
      unsaved.put(session, true);
      return session;
    }

    @Override
    public void save(S session) {
      AsRead before = asRead.getIfPresent(session);
      if (before != null && before.isRecentAndTheSameAs(session)) {
        return;
      }
      try {
        kept.save(session);
        unsaved.invalidate(session);
      } catch (DataAccessException | TransactionException lost) {
        if (unsaved.getIfPresent(session) != null) {
          throw lost;
        }
        LOG.warn("When somebody was last seen could not be written: {}", lost.getMessage());
      }
      OF_REQUEST.get().put(session.getId(), Optional.of(session));
    }

    /** What was read within this request is of this repository. */
    @Override
    @SuppressWarnings("unchecked")
    public S findById(String id) {
      return (S) OF_REQUEST.get().computeIfAbsent(id, this::read).orElse(null);
    }

    private Optional<Session> read(String id) {
      S session = kept.findById(id);
      if (session != null) {
        asRead.put(session, AsRead.of(session));
      }
      return Optional.ofNullable(session);
    }

    @Override
    public void deleteById(String id) {
      kept.deleteById(id);
      OF_REQUEST.get().put(id, Optional.empty());
    }

    @Override
    public Map<String, S> findByIndexNameAndIndexValue(String index, String value) {
      return kept.findByIndexNameAndIndexValue(index, value);
    }
  }
}
