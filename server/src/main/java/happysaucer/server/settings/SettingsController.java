package happysaucer.server.settings;

import happysaucer.server.history.Versions;
import happysaucer.server.settings.Settings.SettingsRequest;
import happysaucer.server.settings.Settings.SettingsView;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SettingsController {
  private final Settings settings;

  SettingsController(Settings settings) {
    this.settings = settings;
  }

  @GetMapping("/api/team")
  SettingsView view() {
    return settings.view();
  }

  @PutMapping("/api/team")
  SettingsView save(
      @RequestHeader("If-Match") String version, @RequestBody SettingsRequest request) {
    return settings.save(request, Versions.parse(version));
  }
}
