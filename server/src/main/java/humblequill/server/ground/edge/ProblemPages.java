package humblequill.server.ground.edge;

import humblequill.core.ground.message.Message;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;
import tools.jackson.databind.json.JsonMapper;

/** What is answered where a request fails outside the sections: a problem document as well. */
@Configuration(proxyBeanMethods = false)
class ProblemPages {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  @Bean
  WebServerFactoryCustomizer<TomcatServletWebServerFactory> problemValve() {
    return factory ->
        factory.addContextCustomizers(
            context ->
                ((StandardHost) context.getParent())
                    .setErrorReportValveClass(Valve.class.getName()));
  }

  private static ProblemDetail problem(int status) {
    var known = HttpStatus.resolve(status);
    var shown = known == null || !known.isError() ? HttpStatus.NOT_FOUND : known;
    return Problems.problem(
        shown,
        shown.name().toLowerCase(Locale.ROOT).replace('_', '-'),
        switch (shown) {
          case BAD_REQUEST -> Message.of("ground.requestUnreadable");
          case NOT_FOUND -> Message.of("ground.nothingThere");
          case METHOD_NOT_ALLOWED -> Message.of("ground.notAskedSo");
          default ->
              Message.of(shown.is5xxServerError() ? "ground.wentWrong" : "ground.requestRefused");
        },
        Map.of());
  }

  /** Answers where the container forwards to its error page. */
  @Controller
  static class Forwarded implements ErrorController {
    @RequestMapping("/error")
    ResponseEntity<ProblemDetail> error(HttpServletRequest request) {
      var status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
      var problem = problem(status instanceof Integer code ? code : HttpStatus.NOT_FOUND.value());
      return ResponseEntity.status(problem.getStatus()).body(problem);
    }
  }

  /** Answers what the container itself cannot read. */
  public static final class Valve extends ErrorReportValve {
    @Override
    protected void report(Request request, Response response, Throwable failure) {
      if (response.getStatus() < HttpStatus.BAD_REQUEST.value()
          || response.getContentWritten() > 0
          || !response.setErrorReported()) {
        return;
      }
      try {
        response.setContentType("application/problem+json");
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        var writer = response.getReporter();
        if (writer != null) {
          writer.write(JSON.writeValueAsString(problem(response.getStatus())));
          response.finishResponse();
        }
      } catch (IOException e) {
        // The client has closed the connection.
      }
    }
  }
}
