package happysaucer.server.keeping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import happysaucer.server.keeping.Backups.Backup;
import happysaucer.server.keeping.Backups.Kind;
import jakarta.servlet.FilterChain;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class KeepingTest {
  @ParameterizedTest
  @CsvSource({"9000, false, false", "1023, true, false", "64, true, false", "63, true, true"})
  void theDiskIsLowAndThenFull(long megabytes, boolean low, boolean full) {
    Disk disk = new Disk(() -> megabytes << 20);
    assertThat(disk.low()).isEqualTo(low);
    assertThat(disk.full()).isEqualTo(full);
  }

  @ParameterizedTest
  @CsvSource({
    "PUT, /api/checks/x, 10, 507", "POST, /api/shelf-import, 10, 507", "GET, /api/round, 10, 0",
    "POST, /api/session, 10, 0", "POST, /api/advice, 10, 0", "PUT, /api/checks/x, 5000, 0"
  })
  void onAFullDiskNothingNewIsTakenInAndEverythingCanBeLookedAt(
      String method, String path, long megabytes, int refused) throws Exception {
    HttpServletRequest request = mock(HttpServletRequest.class);
    when(request.getMethod()).thenReturn(method);
    when(request.getRequestURI()).thenReturn(path);
    HttpServletResponse response = mock(HttpServletResponse.class);
    StringWriter words = new StringWriter();
    when(response.getWriter()).thenReturn(new PrintWriter(words));
    FilterChain chain = mock(FilterChain.class);
    new DiskFilter(new Disk(() -> megabytes << 20)).doFilter(request, response, chain);
    if (refused == 0) {
      verify(chain).doFilter(request, response);
    } else {
      verify(chain, never()).doFilter(any(), any());
      verify(response).setStatus(refused);
      assertThat(words.toString()).contains("nothing was saved");
    }
  }

  private static Backup nightly(String madeAt) {
    return new Backup("x.zip", Kind.NIGHTLY, Instant.parse(madeAt), 1);
  }

  @Test
  void aBackupIsDueOnceADayFromThreeInTheMorning() {
    ZonedDateTime morning = ZonedDateTime.parse("2027-04-12T08:00:00Z");
    assertThat(Backups.due(List.of(), morning)).isTrue();
    assertThat(Backups.due(List.of(nightly("2027-04-12T03:01:00Z")), morning)).isFalse();
    assertThat(Backups.due(List.of(nightly("2027-04-12T02:59:00Z")), morning)).isTrue();
    assertThat(
            Backups.due(
                List.of(nightly("2027-04-11T03:10:00Z")), morning.withHour(2).withMinute(30)))
        .isFalse();
    assertThat(
            Backups.due(
                List.of(
                    new Backup("x.zip", Kind.BY_HAND, Instant.parse("2027-04-12T07:00:00Z"), 1)),
                morning))
        .as("one that was asked for takes no night's place")
        .isTrue();
  }

  @Test
  void aPhotoThatIsLostAlreadyKeepsNobodyFromABackup(@TempDir Path folder) throws Exception {
    String lost = "00000000-0000-4000-8000-000000000001";
    String kept = "10000000-0000-4000-8000-000000000002";
    Path photo = folder.resolve("photos").resolve("10").resolve(kept + ".jpg");
    Files.createDirectories(photo.getParent());
    Files.write(photo, new byte[] {1, 2, 3});
    Path backup = folder.resolve("backups").resolve("b.zip");
    try (Connection connection =
            DriverManager.getConnection("jdbc:h2:file:" + folder + "/saucer", "sa", "");
        Statement sql = connection.createStatement()) {
      sql.execute("create table photo (id uuid primary key, removed_at timestamp)");
      sql.execute("insert into photo (id) values ('%s'), ('%s')".formatted(lost, kept));
      BackupFile.make(connection, folder, backup, (step, done, of) -> true);
    }
    Path scratch = Files.createDirectories(folder.resolve("scratch"));
    assertThat(BackupFile.verify(backup, scratch, Optional.empty(), (step, done, of) -> true))
        .containsEntry("PHOTO", 2L);
    BackupFile.unpackPhotos(backup, scratch);
    assertThat(scratch.resolve("photos").resolve("10").resolve(kept + ".jpg"))
        .hasBinaryContent(new byte[] {1, 2, 3});
    assertThat(folder.resolve("backups")).isDirectoryNotContaining("glob:**/.making-*");
  }

  @Test
  void aBackupThatIsStoppedLeavesNothing(@TempDir Path folder) throws Exception {
    try (Connection connection =
        DriverManager.getConnection("jdbc:h2:file:" + folder + "/saucer", "sa", "")) {
      assertThatThrownBy(
              () ->
                  BackupFile.make(
                      connection,
                      folder,
                      folder.resolve("b").resolve("x.zip"),
                      (step, done, of) -> false))
          .isInstanceOf(BackupFile.StoppedException.class);
    }
    assertThat(folder.resolve("b")).isEmptyDirectory();
  }
}
