package humblequill.server.ground.edge;

import humblequill.core.ground.message.Message;
import humblequill.server.ground.data.Disk;
import humblequill.server.ground.data.NotKept;
import humblequill.server.ground.message.Words;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.ConstraintViolationException;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.validation.FieldError;
import org.springframework.validation.ObjectError;
import org.springframework.validation.method.ParameterErrors;
import org.springframework.validation.method.ParameterValidationResult;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/**
 * Turns every failure into problem details (RFC 9457) with a stable code, and never shows a stack
 * trace.
 */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
  private static final Logger log = LoggerFactory.getLogger(Problems.class);

  private static final String READ_AGAIN = Problems.class.getName() + ".readAgain";

  /** While a disk refuses everything, the file may be closed more than once under one reading. */
  private static final int MOST_READINGS = 5;

  private final Disk disk;

  Problems(Disk disk) {
    this.disk = disk;
  }

  @ExceptionHandler
  ProblemDetail refused(Refusal refusal) {
    return problem(refusal.status(), refusal.code(), refusal.why(), refusal.more());
  }

  @ExceptionHandler
  ProblemDetail stale(OptimisticLockingFailureException e) {
    return problem(HttpStatus.CONFLICT, "stale", Message.of("ground.changedElsewhere"), Map.of());
  }

  @ExceptionHandler
  ProblemDetail mistyped(MethodArgumentTypeMismatchException e) {
    var value = String.valueOf(e.getValue());
    return Fault.problem(List.of(Fault.unreadable(e.getName(), value)));
  }

  @ExceptionHandler
  ProblemDetail invalid(ConstraintViolationException e) {
    return Fault.problem(e.getConstraintViolations().stream().map(Problems::fault).toList());
  }

  @ExceptionHandler
  Object unexpected(Exception e, HttpServletRequest request) {
    if (NestedExceptionUtils.getMostSpecificCause(e) instanceof BodyTooLargeException large) {
      return large.problem();
    }
    var notKept = disk.failed(e);
    if (notKept.isPresent()) {
      log.warn("A request failed because of the disk: {}", e.toString());
      return mayBeReadAgain(request) ? readAgain(request) : notKept(notKept.get());
    }
    log.error("A request failed", e);
    return problem(
        HttpStatus.INTERNAL_SERVER_ERROR, "internal", Message.of("ground.wentWrong"), Map.of());
  }

  /** The database may close its file under what is just read, because something else failed. */
  private static boolean mayBeReadAgain(HttpServletRequest request) {
    return HttpMethod.GET.matches(request.getMethod()) && readings(request) < MOST_READINGS;
  }

  private static int readings(HttpServletRequest request) {
    return request.getAttribute(READ_AGAIN) instanceof Integer n ? n : 1;
  }

  private static ModelAndView readAgain(HttpServletRequest request) {
    request.setAttribute(READ_AGAIN, readings(request) + 1);
    return new ModelAndView("forward:" + request.getServletPath());
  }

  @ExceptionHandler
  ProblemDetail notKept(NotKept e) {
    if (e.getCause() != null) {
      log.warn(
          "{} ({})",
          Words.say(e.reason()),
          NestedExceptionUtils.getMostSpecificCause(e).toString());
    }
    var status =
        e.kind() == NotKept.Kind.DISK_FULL
            ? HttpStatus.INSUFFICIENT_STORAGE
            : HttpStatus.SERVICE_UNAVAILABLE;
    var code = e.kind().name().toLowerCase(Locale.ROOT).replace('_', '-');
    return problem(status, code, e.why(), Map.of());
  }

  /** Whoever opens an address that nothing lies at gets the page, which says so and leads on. */
  @Override
  protected @Nullable ResponseEntity<Object> handleNoResourceFoundException(
      NoResourceFoundException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
    var accept = String.valueOf(request.getHeader(HttpHeaders.ACCEPT));
    if (accept.contains(MediaType.TEXT_HTML_VALUE) && !e.getResourcePath().startsWith("api/")) {
      return ResponseEntity.status(status).contentType(MediaType.TEXT_HTML).body(FrontEnd.PAGE);
    }
    return handleExceptionInternal(e, null, headers, status, request);
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleMissingServletRequestParameter(
      MissingServletRequestParameterException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return ResponseEntity.badRequest()
        .body(
            Fault.problem(
                List.of(Fault.of(e.getParameterName(), null, Message.of("ground.mustBeSaid")))));
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleMethodArgumentNotValid(
      MethodArgumentNotValidException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    var faults = e.getBindingResult().getAllErrors().stream().map(Problems::fault).toList();
    return ResponseEntity.badRequest().body(Fault.problem(faults));
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleHandlerMethodValidationException(
      HandlerMethodValidationException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    var faults = e.getParameterValidationResults().stream().flatMap(Problems::faults).toList();
    return ResponseEntity.badRequest().body(Fault.problem(faults));
  }

  private static Stream<Fault> faults(ParameterValidationResult result) {
    if (result instanceof ParameterErrors body) {
      return body.getAllErrors().stream().map(Problems::fault);
    }
    var parameter = String.valueOf(result.getMethodParameter().getParameterName());
    return result.getResolvableErrors().stream()
        .map(error -> fault(parameter, result.unwrap(error, ConstraintViolation.class)));
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    if (e.getRootCause() instanceof BodyTooLargeException large) {
      return ResponseEntity.status(HttpStatus.CONTENT_TOO_LARGE).body(large.problem());
    }
    if (e.getRootCause() instanceof Refusal refusal) {
      return ResponseEntity.badRequest().body(refused(refusal));
    }
    if (e.getCause() instanceof JacksonException json) {
      return ResponseEntity.badRequest().body(unreadable(json));
    }
    return ResponseEntity.badRequest()
        .body(
            unreadable(
                Message.of(e.getCause() == null ? "ground.nothingSent" : "ground.sentUnreadable")));
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleExceptionInternal(
      Exception e,
      @Nullable Object body,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    var known = HttpStatus.valueOf(status.value());
    var code = known.name().toLowerCase(Locale.ROOT).replace('_', '-');
    return new ResponseEntity<>(
        problem(known, code, Message.asWritten(known.getReasonPhrase()).alone(), Map.of()),
        headers,
        status);
  }

  private static ProblemDetail unreadable(JacksonException json) {
    var path = path(json);
    if (path.isEmpty()) {
      return unreadable(Message.of("ground.noJson"));
    }
    var value = json instanceof InvalidFormatException f ? String.valueOf(f.getValue()) : "";
    return Fault.problem(
        List.of(
            json instanceof UnrecognizedPropertyException
                ? Fault.unknown(path)
                : Fault.unreadable(path, value)));
  }

  private static ProblemDetail unreadable(Message why) {
    return problem(HttpStatus.BAD_REQUEST, "unreadable", why, Map.of());
  }

  private static Fault fault(ConstraintViolation<?> violation) {
    var path = violation.getPropertyPath().toString();
    return fault(path.substring(path.lastIndexOf('.') + 1), violation);
  }

  private static Fault fault(String field, ConstraintViolation<?> violation) {
    var value = violation.getInvalidValue();
    return violation.getConstraintDescriptor().getAnnotation() instanceof Size bounds
        ? Fault.ofSize(field, value, bounds)
        : Fault.of(field, value, Fault.rule(violation));
  }

  private static Fault fault(ObjectError error) {
    if (error instanceof FieldError f) {
      return f.contains(ConstraintViolation.class)
          ? fault(f.getField(), f.unwrap(ConstraintViolation.class))
          : Fault.of(
              f.getField(),
              f.getRejectedValue(),
              Message.asWritten(String.valueOf(f.getDefaultMessage())));
    }
    return Fault.of(
        error.getObjectName(), null, Message.asWritten(String.valueOf(error.getDefaultMessage())));
  }

  private static String path(JacksonException json) {
    var path = new StringBuilder();
    for (var step : json.getPath()) {
      var name = step.getPropertyName();
      path.append(name == null ? "[" + step.getIndex() + "]" : (path.isEmpty() ? "" : ".") + name);
    }
    return path.toString();
  }

  static ProblemDetail problem(
      HttpStatus status, String code, Message why, Map<String, Object> more) {
    var problem = ProblemDetail.forStatusAndDetail(status, Words.say(why));
    problem.setProperty("why", why);
    problem.setProperty("code", code);
    more.forEach(problem::setProperty);
    return problem;
  }
}
