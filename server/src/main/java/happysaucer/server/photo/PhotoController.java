package happysaucer.server.photo;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Duration;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The body of a photo is the picture itself, JPEG or PNG. */
@RestController
class PhotoController {
  private static final Duration KEPT = Duration.ofDays(30);
  private final Photos photos;

  PhotoController(Photos photos) {
    this.photos = photos;
  }

  @PutMapping(
      value = "/api/photos/{id}",
      consumes = {"image/jpeg", "image/png"})
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void add(
      @PathVariable UUID id,
      @RequestParam UUID plant,
      @RequestParam(required = false) @Nullable UUID check,
      @RequestParam(required = false) @Nullable UUID job,
      @RequestParam(defaultValue = "") String caption,
      HttpServletRequest request)
      throws IOException {
    photos.add(
        id,
        plant,
        new Photos.Occasion(check, job),
        caption,
        request.getContentType(),
        request.getInputStream());
  }

  @ExceptionHandler(Photos.BusyException.class)
  ResponseEntity<ProblemDetail> busy(Photos.BusyException e) {
    ProblemDetail problem =
        ProblemDetail.forStatusAndDetail(
            HttpStatus.SERVICE_UNAVAILABLE,
            "Many photos arrive at once. This one waits on the device; send it again.");
    problem.setTitle("Busy");
    problem.setType(java.net.URI.create("urn:happy-saucer:busy"));
    return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
        .header("Retry-After", "10")
        .body(problem);
  }

  @GetMapping("/api/photos/{id}")
  ResponseEntity<byte[]> photo(
      @PathVariable UUID id, @RequestParam(defaultValue = "false") boolean small)
      throws IOException {
    return ResponseEntity.ok()
        .contentType(MediaType.IMAGE_JPEG)
        .cacheControl(CacheControl.maxAge(KEPT).cachePrivate().immutable())
        .body(photos.read(id, small));
  }

  @DeleteMapping("/api/photos/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID id) {
    photos.remove(id);
  }
}
