package humblequill.server.ground.edge;

import humblequill.core.ground.message.Message;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Map;
import java.util.Set;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.json.JsonMapper;

/**
 * Lets in only what comes from this machine's own page. The socket is bound to the loopback; beyond
 * that a foreign Host header (a name somebody pointed at 127.0.0.1) and a foreign Origin (a page
 * elsewhere that writes through the browser) are turned away. Every answer carries a policy under
 * which the browser loads nothing from anywhere else.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class ClosedDoor extends OncePerRequestFilter {
  /** The largest request body in bytes. */
  static final int MAX_BODY = 16 * 1024 * 1024;

  /** The largest picture that is sent, with some room to say that it is too large. */
  private static final int MAX_PICTURE = 101 * 1024 * 1024;

  private static final String PICTURES = "/api/pictures/";

  private static final Set<String> OWN_NAMES = Set.of("127.0.0.1", "localhost", "[::1]");
  private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");

  private final JsonMapper json;

  ClosedDoor(JsonMapper json) {
    this.json = json;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    response.setHeader(
        "Content-Security-Policy",
        "default-src 'none'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; "
            + "font-src 'self'; connect-src 'self'; manifest-src 'self'; base-uri 'none'; form-action 'self'; "
            + "frame-ancestors 'none'");
    response.setHeader("X-Content-Type-Options", "nosniff");
    response.setHeader("Referrer-Policy", "no-referrer");
    response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
    response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
    if (isApi(request)) {
      response.setHeader("Cache-Control", "no-store");
    }
    var host = request.getHeader("Host");
    if (!isOwn(host, request.getLocalPort())) {
      refuse(
          response,
          HttpStatus.MISDIRECTED_REQUEST,
          "foreign-host",
          Message.of("ground.foreignHost"));
    } else if (isForeign(request, host)) {
      refuse(response, HttpStatus.FORBIDDEN, "foreign-origin", Message.of("ground.foreignOrigin"));
    } else if (request.getContentLengthLong() > most(request)) {
      refuse(
          response,
          HttpStatus.CONTENT_TOO_LARGE,
          "too-large",
          BodyTooLargeException.why(most(request)));
    } else if (!isReadable(request)) {
      refuse(
          response, HttpStatus.BAD_REQUEST, "unreadable", Message.of("ground.addressUnreadable"));
    } else {
      chain.doFilter(new Limited(request), response);
    }
  }

  private static int most(HttpServletRequest request) {
    return request.getServletPath().startsWith(PICTURES) ? MAX_PICTURE : MAX_BODY;
  }

  private static boolean isReadable(HttpServletRequest request) {
    try {
      request.getParameterMap();
      return true;
    } catch (InvalidParameterException e) {
      return false;
    }
  }

  private static boolean isOwn(@Nullable String host, int port) {
    if (host == null) {
      return false;
    }
    int colon = host.endsWith("]") ? -1 : host.lastIndexOf(':');
    var name = colon < 0 ? host : host.substring(0, colon);
    var written = colon < 0 ? "80" : host.substring(colon + 1);
    return OWN_NAMES.contains(name) && written.equals(Integer.toString(port));
  }

  private static boolean isForeign(HttpServletRequest request, String host) {
    var origin = request.getHeader("Origin");
    if (origin != null && !sameAuthority(origin, host)) {
      return true;
    }
    var site = request.getHeader("Sec-Fetch-Site");
    boolean fromElsewhere = "cross-site".equals(site) || "same-site".equals(site);
    return fromElsewhere && (!READING.contains(request.getMethod()) || isApi(request));
  }

  /** By the path as it is answered: decoded, and without what may be written into it. */
  private static boolean isApi(HttpServletRequest request) {
    var path = request.getServletPath();
    return path.startsWith("/api/");
  }

  private static boolean sameAuthority(String origin, String host) {
    try {
      var uri = URI.create(origin);
      return "http".equals(uri.getScheme()) && host.equals(uri.getRawAuthority());
    } catch (IllegalArgumentException e) {
      return false;
    }
  }

  private void refuse(HttpServletResponse response, HttpStatus status, String code, Message why)
      throws IOException {
    response.setStatus(status.value());
    response.setContentType("application/problem+json");
    json.writeValue(response.getOutputStream(), Problems.problem(status, code, why, Map.of()));
  }

  /** A request whose body breaks off at the limit, also when its length was not told. */
  private static final class Limited extends HttpServletRequestWrapper {
    private final int most;

    private Limited(HttpServletRequest request) {
      super(request);
      most = most(request);
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
      var inner = super.getInputStream();
      return new ServletInputStream() {
        private long read;

        @Override
        public int read() throws IOException {
          int value = inner.read();
          count(value < 0 ? 0 : 1);
          return value;
        }

        @Override
        public int read(byte[] buffer, int offset, int length) throws IOException {
          int got = inner.read(buffer, offset, length);
          count(Math.max(0, got));
          return got;
        }

        private void count(int bytes) throws IOException {
          read += bytes;
          if (read > most) {
            throw new BodyTooLargeException(most);
          }
        }

        @Override
        public boolean isFinished() {
          return inner.isFinished();
        }

        @Override
        public boolean isReady() {
          return inner.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
          inner.setReadListener(listener);
        }
      };
    }
  }
}
