package gerula.app.platform.errors;

import java.sql.SQLException;
import java.util.List;
import java.util.UUID;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.exc.JacksonIOException;
import tools.jackson.databind.DatabindException;

/**
 * Turns whatever went wrong into problem details with a stable code. What is not foreseen goes to
 * the log with its trace and leaves as "unforeseen" without one.
 */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {

  private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

  @ExceptionHandler(Refused.class)
  ResponseEntity<Object> refused(Refused refused) {
    ProblemDetail problem = problem(refused.status(), refused.code(), refused.getMessage());
    if (!refused.faults().isEmpty()) {
      problem.setProperty("errors", refused.faults());
    }
    refused.facts().forEach(problem::setProperty);
    HttpHeaders headers = new HttpHeaders();
    if (refused.facts().get("seconds") instanceof Long seconds) {
      headers.set(HttpHeaders.RETRY_AFTER, Long.toString(seconds));
    }
    return new ResponseEntity<>(problem, headers, refused.status());
  }

  @ExceptionHandler(DataIntegrityViolationException.class)
  ResponseEntity<Object> inUse(DataIntegrityViolationException violation) {
    LOG.info("Refused by the database: {}", violation.getMostSpecificCause().getMessage());
    if (isUnkeepable(violation)) {
      return answer(
          problem(
              HttpStatus.UNPROCESSABLE_CONTENT,
              "unkeepable",
              "Something in what was sent cannot be kept: a sign that is no letter, or a date or"
                  + " figure beyond all bounds. Nothing was changed; write it anew."));
    }
    return answer(
        problem(
            HttpStatus.CONFLICT,
            "in-use",
            "Something else rests on this, so it stays. Nothing was changed; undo or move what"
                + " rests on it first."));
  }

  /** Data exceptions are class 22 of ISO 9075; class 23 are constraints. */
  private static boolean isUnkeepable(DataIntegrityViolationException violation) {
    return violation.getMostSpecificCause() instanceof SQLException told
        && told.getSQLState() != null
        && told.getSQLState().startsWith("22");
  }

  @ExceptionHandler(InvalidParameterException.class)
  ResponseEntity<Object> wrongLetters(InvalidParameterException unreadable) {
    return answer(
        problem(
            HttpStatus.BAD_REQUEST,
            "not-text",
            "The address holds signs that are no text (UTF-8). Type it again."));
  }

  /** Whoever reads a body by himself finds its end in the parser's words. */
  @ExceptionHandler(JacksonIOException.class)
  ResponseEntity<Object> interrupted(JacksonIOException interrupted) {
    return BodyTooLarge.in(interrupted)
        .map(this::bodyTooLarge)
        .orElseGet(() -> unforeseen(interrupted));
  }

  @ExceptionHandler(BodyTooLarge.class)
  ResponseEntity<Object> bodyTooLarge(BodyTooLarge tooLarge) {
    return answer(problem(HttpStatus.CONTENT_TOO_LARGE, "body-too-large", tooLarge.getMessage()));
  }

  @ExceptionHandler(MethodArgumentTypeMismatchException.class)
  ResponseEntity<Object> wrongAddress(MethodArgumentTypeMismatchException mismatch) {
    if (mismatch.getRequiredType() != UUID.class) {
      return refused(
          Refused.faulty(List.of(Unreadable.value(mismatch.getName(), mismatch.getValue()))));
    }
    return answer(
        problem(
            HttpStatus.NOT_FOUND,
            "not-there",
            "\"" + mismatch.getValue() + "\" is not an id. Look the thing up again."));
  }

  @ExceptionHandler(Exception.class)
  ResponseEntity<Object> unforeseen(Exception unforeseen) {
    LOG.error("Unforeseen", unforeseen);
    return answer(
        problem(
            HttpStatus.INTERNAL_SERVER_ERROR,
            "unforeseen",
            "Something went wrong here. Nothing was changed; try again."));
  }

  @Override
  protected ResponseEntity<Object> handleMethodArgumentNotValid(
      MethodArgumentNotValidException invalid,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    List<FieldFault> faults =
        invalid.getFieldErrors().stream()
            .map(
                error ->
                    error.isBindingFailure()
                        ? Unreadable.value(error.getField(), error.getRejectedValue())
                        : new FieldFault(
                            error.getField(), "rule", String.valueOf(error.getDefaultMessage())))
            .toList();
    return refused(Refused.faulty(faults));
  }

  @Override
  protected ResponseEntity<Object> handleMissingServletRequestParameter(
      MissingServletRequestParameterException missing,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return refused(
        Refused.faulty(
            List.of(
                new FieldFault(
                    missing.getParameterName(), "missing", "This is missing. Send it as well."))));
  }

  @Override
  protected ResponseEntity<Object> handleHandlerMethodValidationException(
      HandlerMethodValidationException invalid,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    List<FieldFault> faults =
        invalid.getParameterValidationResults().stream()
            .flatMap(
                one ->
                    one.getResolvableErrors().stream()
                        .map(
                            error ->
                                new FieldFault(
                                    String.valueOf(one.getMethodParameter().getParameterName()),
                                    "rule",
                                    String.valueOf(error.getDefaultMessage()))))
            .toList();
    return refused(Refused.faulty(faults));
  }

  @Override
  protected ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException unreadable,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    if (BodyTooLarge.in(unreadable).isPresent()) {
      return bodyTooLarge(BodyTooLarge.in(unreadable).orElseThrow());
    }
    if (unreadable.getCause() instanceof DatabindException wrong && !wrong.getPath().isEmpty()) {
      return refused(Refused.faulty(List.of(Unreadable.fault(wrong))));
    }
    return answer(
        problem(
            HttpStatus.BAD_REQUEST,
            "not-json",
            "What was sent is not JSON that can be read. Nothing was saved."));
  }

  @Override
  protected ResponseEntity<Object> handleExceptionInternal(
      Exception problem,
      Object body,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    String code =
        HttpStatus.valueOf(status.value())
            .name()
            .toLowerCase(java.util.Locale.ROOT)
            .replace('_', '-');
    ProblemDetail detail =
        body instanceof ProblemDetail given ? given : ProblemDetail.forStatus(status);
    detail.setProperty("code", code);
    return super.handleExceptionInternal(problem, detail, headers, status, request);
  }

  private static ProblemDetail problem(HttpStatus status, String code, String detail) {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
    problem.setProperty("code", code);
    return problem;
  }

  private static ResponseEntity<Object> answer(ProblemDetail problem) {
    return ResponseEntity.status(problem.getStatus()).body(problem);
  }
}
