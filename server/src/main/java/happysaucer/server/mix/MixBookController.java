package happysaucer.server.mix;

import happysaucer.server.entry.EntryCells;
import happysaucer.server.exchange.Rows;
import happysaucer.server.history.Versions;
import happysaucer.server.mix.BucketTests.BucketTestRequest;
import happysaucer.server.mix.MediumAnswers.MediumEffect;
import happysaucer.server.mix.MediumAnswers.MediumImport;
import happysaucer.server.mix.MediumAnswers.MediumImportView;
import happysaucer.server.mix.MediumAnswers.MediumPage;
import happysaucer.server.mix.MixRoom.Kind;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.ObjectMapper;

/** Ingredients and mixes of the book, and what the team measured of them. */
@RestController
class MixBookController {
  private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);

  private final MixBook book;
  private final MediumPages pages;
  private final ObjectMapper json;

  MixBookController(MixBook book, MediumPages pages, ObjectMapper json) {
    this.book = book;
    this.pages = pages;
    this.json = json;
  }

  @GetMapping("/api/media/{kind}/{name}")
  MediumPage page(@PathVariable Kind kind, @PathVariable String name) {
    return pages.page(kind, name);
  }

  @PutMapping("/api/media/{kind}/{name}")
  MediumPage save(
      @PathVariable Kind kind,
      @PathVariable String name,
      @RequestHeader("If-Match") String version,
      @RequestBody EntryCells cells) {
    book.save(kind, name, Versions.parse(version), cells);
    return pages.page(kind, name);
  }

  @DeleteMapping("/api/media/{kind}/{name}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void reset(@PathVariable Kind kind, @PathVariable String name) {
    book.reset(kind, name);
  }

  @PostMapping("/api/media-effect/{kind}")
  MediumEffect effect(@PathVariable Kind kind, @RequestBody EntryCells cells) {
    return book.effect(kind, cells);
  }

  @GetMapping("/api/media/{kind}/{name}/reset-effect")
  MediumEffect resetEffect(@PathVariable Kind kind, @PathVariable String name) {
    return book.resetEffect(kind, name);
  }

  @PutMapping("/api/media/MIX/{name}/tests/{id}")
  MediumPage test(
      @PathVariable String name, @PathVariable UUID id, @RequestBody BucketTestRequest request) {
    book.test(name, id, request);
    return pages.page(Kind.MIX, name);
  }

  @DeleteMapping("/api/media/MIX/{name}/tests/{id}")
  MediumPage voidTest(@PathVariable String name, @PathVariable UUID id) {
    book.voidTest(name, id);
    return pages.page(Kind.MIX, name);
  }

  @PostMapping("/api/media-import")
  MediumImportView enter(@RequestBody MediumImport request) {
    return book.enter(request);
  }

  @GetMapping(value = "/api/media-export", params = "format=CSV")
  ResponseEntity<String> csv(@RequestParam Kind kind) {
    List<String> columns = TeamMedia.columns(kind);
    List<List<String>> rows =
        pages.all(kind).stream().map(cells -> columns.stream().map(cells::get).toList()).toList();
    return file(Rows.write(columns, rows), CSV, name(kind) + ".csv");
  }

  @GetMapping(value = "/api/media-export", params = "format=JSON")
  ResponseEntity<String> json(@RequestParam Kind kind) {
    return file(
        json.writerWithDefaultPrettyPrinter().writeValueAsString(pages.all(kind)),
        MediaType.APPLICATION_JSON,
        name(kind) + ".json");
  }

  private static String name(Kind kind) {
    return kind == Kind.MIX ? "mixes" : "ingredients";
  }

  private static ResponseEntity<String> file(String text, MediaType type, String name) {
    return ResponseEntity.ok()
        .contentType(type)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(name).build().toString())
        .body(text);
  }
}
