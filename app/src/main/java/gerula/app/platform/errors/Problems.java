package gerula.app.platform.errors;

import java.util.List;
import java.util.UUID;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.databind.DatabindException;

/**
 * Turns whatever went wrong into problem details with a stable code. What is not foreseen goes to
 * the log with its trace and leaves as "unforeseen" without one.
 */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {

  @ExceptionHandler(Refused.class)
  ResponseEntity<Object> refused(Refused refused) {
    ProblemDetail problem = problem(refused.status(), refused.code(), refused.getMessage());
    if (!refused.faults().isEmpty()) {
      problem.setProperty("errors", refused.faults());
    }
    refused.facts().forEach(problem::setProperty);
    HttpHeaders headers = new HttpHeaders();
    refused
        .retryAfterSeconds()
        .ifPresent(seconds -> headers.set(HttpHeaders.RETRY_AFTER, Long.toString(seconds)));
    return new ResponseEntity<>(problem, headers, refused.status());
  }

  @ExceptionHandler(AnsweredBefore.class)
  ResponseEntity<String> answeredBefore(AnsweredBefore before, HandlerMethod asked) {
    ResponseStatus status = asked.getMethodAnnotation(ResponseStatus.class);
    return ResponseEntity.status(status == null ? HttpStatus.OK : status.value())
        .contentType(MediaType.APPLICATION_JSON)
        .body(before.json());
  }

  @ExceptionHandler(InvalidParameterException.class)
  ResponseEntity<Object> wrongLetters(InvalidParameterException unreadable) {
    return answer(
        problem(
            HttpStatus.BAD_REQUEST,
            "not-text",
            "The address has characters that are not text (UTF-8). Type it again."));
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

  /** What the database or the machine could not do just now, and what nobody foresaw. */
  @ExceptionHandler(Exception.class)
  ResponseEntity<Object> failed(Exception failure) {
    return refused(Failures.told(failure));
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
