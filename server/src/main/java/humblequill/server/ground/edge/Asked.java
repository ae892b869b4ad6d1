package humblequill.server.ground.edge;

import humblequill.core.ground.message.Message;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.web.HttpMediaTypeNotAcceptableException;
import org.springframework.web.accept.HeaderContentNegotiationStrategy;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.ContentNegotiationConfigurer;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Refuses, before anything is stored, what cannot be answered as it is asked: an answer in a form
 * that there is none of, and a parameter that stands twice where one is read.
 */
@Configuration(proxyBeanMethods = false)
class Asked implements WebMvcConfigurer {
  private static final Set<String> WRITING = Set.of("POST", "PUT", "DELETE", "PATCH");
  private static final List<MediaType> ANSWERS =
      List.of(MediaType.APPLICATION_JSON, MediaType.APPLICATION_PROBLEM_JSON);

  /**
   * An answer in another media type than was asked for is better than none, above all a problem.
   */
  @Override
  public void configureContentNegotiation(ContentNegotiationConfigurer configurer) {
    var byHeader = new HeaderContentNegotiationStrategy();
    configurer.strategies(
        List.of(
            request -> {
              var wanted = new ArrayList<MediaType>();
              try {
                wanted.addAll(byHeader.resolveMediaTypes(request));
              } catch (HttpMediaTypeNotAcceptableException e) {
                // The Accept header cannot be parsed.
              }
              wanted.add(MediaType.ALL);
              return wanted;
            }));
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry
        .addInterceptor(
            new HandlerInterceptor() {
              @Override
              public boolean preHandle(
                  HttpServletRequest request, HttpServletResponse response, Object handler) {
                if (handler instanceof HandlerMethod method) {
                  refuseRepeated(request, method);
                  refuseForm(request);
                }
                return true;
              }
            })
        .order(org.springframework.core.Ordered.HIGHEST_PRECEDENCE);
  }

  private static void refuseRepeated(HttpServletRequest request, HandlerMethod method) {
    var lists =
        Arrays.stream(method.getMethodParameters())
            .filter(p -> Collection.class.isAssignableFrom(p.getParameterType()))
            .map(Asked::name)
            .collect(Collectors.toSet());
    for (var parameter : request.getParameterMap().entrySet()) {
      if (parameter.getValue().length > 1 && !lists.contains(parameter.getKey())) {
        var values = String.join("\" and \"", parameter.getValue());
        throw Refusal.badValue(
            parameter.getKey(),
            values,
            Message.of("ground.saidTwice", "field", parameter.getKey(), "values", values));
      }
    }
  }

  private static String name(MethodParameter parameter) {
    parameter.initParameterNameDiscovery(
        new org.springframework.core.DefaultParameterNameDiscoverer());
    return String.valueOf(parameter.getParameterName());
  }

  private static void refuseForm(HttpServletRequest request) {
    var accept = request.getHeader(HttpHeaders.ACCEPT);
    if (accept == null || !WRITING.contains(request.getMethod())) {
      return;
    }
    try {
      var wanted = MediaType.parseMediaTypes(accept);
      if (wanted.isEmpty()
          || wanted.stream().anyMatch(w -> ANSWERS.stream().anyMatch(w::isCompatibleWith))) {
        return;
      }
    } catch (InvalidMediaTypeException e) {
      // A media type that cannot be parsed is refused like one that is not supported.
    }
    throw Refusal.of(
        HttpStatus.NOT_ACCEPTABLE,
        "not-acceptable",
        Message.of("ground.noAnswerAs", "type", accept),
        Map.of("value", accept));
  }
}
