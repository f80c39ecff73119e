package happysaucer.server.species;

import happysaucer.core.book.SpeciesColumn;
import happysaucer.core.book.SpeciesForm;
import happysaucer.server.entry.EntryCells;
import happysaucer.server.exchange.Rows;
import happysaucer.server.history.Versions;
import happysaucer.server.team.CurrentUser;
import java.nio.charset.StandardCharsets;
import java.util.List;
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

@RestController
class SpeciesController {
  private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);

  private final SpeciesBook book;
  private final CurrentUser user;
  private final ObjectMapper json;

  SpeciesController(SpeciesBook book, CurrentUser user, ObjectMapper json) {
    this.book = book;
    this.user = user;
    this.json = json;
  }

  @GetMapping("/api/species")
  List<SpeciesAnswers.SpeciesLine> list(@RequestParam(defaultValue = "") String search) {
    return book.list(search);
  }

  @GetMapping("/api/species-form")
  SpeciesAnswers.FormView form() {
    return book.form();
  }

  @GetMapping("/api/species/{name}")
  SpeciesAnswers.SpeciesPage page(@PathVariable String name) {
    return book.page(name, user.units());
  }

  @PutMapping("/api/species/{name}")
  SpeciesAnswers.SpeciesPage save(
      @PathVariable String name,
      @RequestHeader("If-Match") String version,
      @RequestBody EntryCells entry) {
    book.save(name, Versions.parse(version), entry);
    return book.page(name, user.units());
  }

  @DeleteMapping("/api/species/{name}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void reset(@PathVariable String name) {
    book.reset(name);
  }

  @PostMapping("/api/species-effect")
  SpeciesAnswers.SpeciesEffect effect(@RequestBody EntryCells entry) {
    return book.effect(entry);
  }

  @GetMapping("/api/species/{name}/reset-effect")
  SpeciesAnswers.SpeciesEffect resetEffect(@PathVariable String name) {
    return book.resetEffect(name);
  }

  @PostMapping("/api/species-import")
  SpeciesAnswers.ImportView enter(@RequestBody SpeciesAnswers.SpeciesImport request) {
    return book.enter(request);
  }

  @GetMapping(value = "/api/species-export", params = "format=CSV")
  ResponseEntity<String> csv() {
    List<String> columns = SpeciesForm.columns().stream().map(SpeciesColumn::key).toList();
    List<List<String>> rows =
        book.all().stream().map(cells -> columns.stream().map(cells::get).toList()).toList();
    return file(Rows.write(columns, rows), CSV, "species.csv");
  }

  @GetMapping(value = "/api/species-export", params = "format=JSON")
  ResponseEntity<String> json() {
    return file(
        json.writerWithDefaultPrettyPrinter().writeValueAsString(book.all()),
        MediaType.APPLICATION_JSON,
        "species.json");
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
