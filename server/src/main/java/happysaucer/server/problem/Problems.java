package happysaucer.server.problem;

import happysaucer.core.advice.Fault;
import happysaucer.core.advice.RefusedException;
import java.net.URI;
import java.util.List;
import java.util.Optional;
import org.apache.catalina.connector.ClientAbortException;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.MissingRequestHeaderException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Every error leaves as one problem document (RFC 9457) that says what to mend. */
@RestControllerAdvice
public class Problems extends ResponseEntityExceptionHandler {
  static final String DISK_FULL =
      "The disk of the server is full: nothing was saved. Keep what you have entered open, and tell whoever runs the server; as soon as there is room again it can be saved.";

  private static final Logger LOG = LoggerFactory.getLogger(Problems.class);
  private final Faults.Logged logged = new Faults.Logged();

  @ExceptionHandler(InputException.class)
  ProblemDetail input(InputException e) {
    return faults(e.faults());
  }

  @ExceptionHandler(RefusedException.class)
  ProblemDetail refused(RefusedException e) {
    return faults(e.faults());
  }

  @ExceptionHandler(NotFoundException.class)
  ProblemDetail notFound(NotFoundException e) {
    return problem(HttpStatus.NOT_FOUND, "not-found", "Not found", e.getMessage());
  }

  @ExceptionHandler(ConflictException.class)
  ProblemDetail conflict(ConflictException e) {
    return problem(HttpStatus.CONFLICT, "conflict", "Contradicts what is stored", e.getMessage());
  }

  @ExceptionHandler(DuplicateKeyException.class)
  ProblemDetail twiceAtOnce(DuplicateKeyException e) {
    return problem(
        HttpStatus.CONFLICT,
        "conflict",
        "The same write twice at once",
        "This was being saved at the same moment by another request. Send it again.");
  }

  /** Two waited for each other: one of them has to go first. */
  @ExceptionHandler(PessimisticLockingFailureException.class)
  ProblemDetail waitedForEachOther(PessimisticLockingFailureException e) {
    LOG.info("Two writes waited for each other: {}", e.getMessage());
    return problem(
        HttpStatus.CONFLICT,
        "conflict",
        "Saved by two at once",
        "Somebody saved the same at this moment, and nothing of yours was saved. Send it again.");
  }

  @ExceptionHandler(StaleException.class)
  ProblemDetail stale(StaleException e) {
    ProblemDetail problem =
        problem(
            HttpStatus.PRECONDITION_FAILED,
            "stale",
            "Changed meanwhile",
            e.changedBy() + " has changed this since you opened it. Compare and save again.");
    problem.setProperty("version", e.version());
    problem.setProperty("changes", e.changes());
    return problem;
  }

  /** Whoever sent it has gone: nobody hears an answer. */
  @ExceptionHandler(ClientAbortException.class)
  void gone(ClientAbortException e) {
    LOG.debug("The sender went away: {}", e.getMessage());
  }

  /** An address with broken letters, or a form that is none. */
  @ExceptionHandler({InvalidParameterException.class, MultipartException.class})
  ProblemDetail broken(RuntimeException e) {
    return problem(
        HttpStatus.BAD_REQUEST,
        "bad-request",
        "Bad request",
        "The server cannot read this request. Send UTF-8, and JSON as the body.");
  }

  @ExceptionHandler(Exception.class)
  ProblemDetail unexpected(Exception e) {
    if (Faults.diskFull(e)) {
      LOG.error("The disk is full: nothing is taken in until there is room again");
      return problem(HttpStatus.INSUFFICIENT_STORAGE, "disk-full", "The disk is full", DISK_FULL);
    }
    if (Faults.databaseClosed(e)) {
      // opened again at the next request
      LOG.warn("The database had closed: {}", Faults.deepest(e).getMessage());
      return problem(
          HttpStatus.SERVICE_UNAVAILABLE,
          "database-closed",
          "The database is being opened again",
          "Nothing was saved. Send it again in a moment.");
    }
    logged.error(LOG, e);
    return problem(
        HttpStatus.INTERNAL_SERVER_ERROR,
        "unexpected",
        "Something broke on our side",
        "Nothing was saved. Try again; if it happens again, tell whoever runs the server.");
  }

  private static ProblemDetail faults(List<Fault> faults) {
    ProblemDetail problem =
        problem(
            HttpStatus.BAD_REQUEST,
            "bad-input",
            "Some values need mending",
            faults.size() == 1
                ? "One value needs mending."
                : faults.size() + " values need mending.");
    problem.setProperty("errors", faults);
    return problem;
  }

  static ProblemDetail problem(HttpStatus status, String type, String title, String detail) {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
    problem.setType(URI.create("urn:happy-saucer:" + type));
    problem.setTitle(title);
    return problem;
  }

  /** Ours say what to mend; those of the framework name classes. */
  private static String words(Throwable mismatch) {
    for (Throwable cause = mismatch; cause != null; cause = cause.getCause()) {
      if (cause instanceof WebConfig.NotADayException day) {
        return day.getMessage();
      }
    }
    return "This is not in the expected form.";
  }

  /** Faults of path, query and headers take the same shape as faults of a body. */
  @Override
  protected ResponseEntity<Object> handleExceptionInternal(
      Exception e,
      @org.jspecify.annotations.Nullable Object body,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    ProblemDetail problem = null;
    if (e instanceof MethodArgumentTypeMismatchException mismatch) {
      problem =
          faults(List.of(new Fault(mismatch.getName(), words(mismatch), mismatch.getValue())));
    } else if (e instanceof MissingRequestHeaderException missing) {
      problem =
          faults(
              List.of(
                  new Fault(
                      missing.getHeaderName(),
                      "Send the version that you edit, as it came in ETag.",
                      null)));
    } else if (e instanceof org.springframework.http.converter.HttpMessageNotReadableException) {
      problem = faults(List.of(new Fault("", "Send a JSON body.", null)));
    } else if (e
        instanceof org.springframework.web.bind.MissingServletRequestParameterException missing) {
      problem = faults(List.of(new Fault(missing.getParameterName(), "This is needed.", null)));
    } else if (status.is4xxClientError()) {
      HttpStatus known =
          Optional.ofNullable(HttpStatus.resolve(status.value())).orElse(HttpStatus.BAD_REQUEST);
      problem =
          problem(
              known,
              known == HttpStatus.NOT_FOUND ? "not-found" : "bad-request",
              known == HttpStatus.NOT_FOUND ? "Not found" : known.getReasonPhrase(),
              known == HttpStatus.NOT_FOUND
                  ? "There is nothing at this address."
                  : "The server cannot answer this request as it stands.");
    }
    return super.handleExceptionInternal(
        e,
        problem == null ? body : problem,
        headers,
        problem == null ? status : HttpStatusCode.valueOf(problem.getStatus()),
        request);
  }
}
