package happysaucer.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashSet;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;

/** What a phone with a weak line loads before it shows anything. */
class FirstScreenTest {
  private static final Path SCREENS = Path.of("../web/dist");
  private static final int MOST_BYTES = 200_000;

  @Test
  void itsScriptsTogetherAreSmall() throws IOException {
    Set<String> scripts = new LinkedHashSet<>();
    Matcher named =
        Pattern.compile("/(assets/[^\"]+\\.js)")
            .matcher(Files.readString(SCREENS.resolve("index.html")));
    while (named.find()) {
      scripts.add(named.group(1));
    }
    assertThat(scripts).isNotEmpty();
    int bytes = 0;
    for (String script : scripts) {
      ByteArrayOutputStream packed = new ByteArrayOutputStream();
      try (GZIPOutputStream gzip = new GZIPOutputStream(packed)) {
        Files.copy(SCREENS.resolve(script), gzip);
      }
      bytes += packed.size();
    }
    assertThat(bytes).isLessThanOrEqualTo(MOST_BYTES);
  }
}
