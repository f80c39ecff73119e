package happysaucer.server.message;

import happysaucer.core.aftercare.Reminding;
import happysaucer.server.history.Versions;
import happysaucer.server.message.Messages.MessagesView;
import happysaucer.server.message.Subscribers.SubscriberRequest;
import happysaucer.server.message.Subscribers.SubscriberView;
import happysaucer.server.message.Templates.TemplateRequest;
import happysaucer.server.message.Templates.TemplateView;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

@RestController
class MessageController {
  private final Messages messages;
  private final Templates templates;
  private final Reminders reminders;
  private final Subscribers subscribers;

  MessageController(
      Messages messages, Templates templates, Reminders reminders, Subscribers subscribers) {
    this.messages = messages;
    this.templates = templates;
    this.reminders = reminders;
    this.subscribers = subscribers;
  }

  @GetMapping("/api/messages")
  MessagesView messages() {
    return messages.view();
  }

  /** As a file that mail programs open. */
  @GetMapping("/api/messages/{id}/mail.eml")
  ResponseEntity<byte[]> file(@PathVariable UUID id) {
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType("message/rfc822"))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("message-" + id + ".eml").build().toString())
        .body(messages.file(id));
  }

  @PostMapping("/api/messages/{id}/again")
  MessagesView again(@PathVariable UUID id) {
    return messages.again(id);
  }

  /** Writes and sends now what is due. */
  @PostMapping("/api/messages/look")
  MessagesView look() {
    return messages.look();
  }

  @GetMapping("/api/message-templates")
  List<TemplateView> templates() {
    return templates.all();
  }

  @PutMapping("/api/message-templates/{kind}")
  TemplateView save(
      @PathVariable Reminding.Kind kind,
      @RequestHeader("If-Match") String version,
      @RequestBody TemplateRequest request) {
    return templates.save(kind, Versions.parse(version), request);
  }

  @DeleteMapping("/api/message-templates/{kind}")
  TemplateView shipped(@PathVariable Reminding.Kind kind) {
    return templates.shipped(kind);
  }

  @PostMapping("/api/message-templates/{kind}/preview")
  Reminders.PreviewView preview(
      @PathVariable Reminding.Kind kind, @RequestBody TemplateRequest request) {
    return reminders.preview(kind, request.checked());
  }

  @GetMapping("/api/jobs/{id}/reminded")
  List<SubscriberView> reminded(@PathVariable UUID id) {
    return subscribers.of(id);
  }

  @PutMapping("/api/reminded/{id}")
  List<SubscriberView> remind(@PathVariable UUID id, @RequestBody SubscriberRequest request) {
    return subscribers.add(id, request);
  }

  @PostMapping("/api/reminded/{id}/end")
  List<SubscriberView> end(@PathVariable UUID id) {
    return subscribers.end(id);
  }
}
