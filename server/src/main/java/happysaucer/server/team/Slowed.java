package happysaucer.server.team;

import java.net.URI;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** What somebody is told who has guessed too often. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class Slowed {
  @ExceptionHandler(SignIn.SlowedException.class)
  ResponseEntity<ProblemDetail> slowed(SignIn.SlowedException e) {
    ProblemDetail problem =
        ProblemDetail.forStatusAndDetail(HttpStatus.TOO_MANY_REQUESTS, e.getMessage());
    problem.setTitle("Too many failed sign-ins");
    problem.setType(URI.create("urn:happy-saucer:slowed"));
    return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
        .header("Retry-After", Long.toString(e.seconds()))
        .body(problem);
  }
}
