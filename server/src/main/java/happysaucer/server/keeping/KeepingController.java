package happysaucer.server.keeping;

import happysaucer.server.keeping.Backups.Backup;
import happysaucer.server.keeping.Backups.Progress;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** Backups and the disk, for the planner. */
@RestController
class KeepingController {
  private static final int SHOWN = 40;

  private final Backups backups;
  private final Disk disk;
  private final Keeping keeping;

  KeepingController(Backups backups, Disk disk, Keeping keeping) {
    this.backups = backups;
    this.disk = disk;
    this.keeping = keeping;
  }

  /**
   * @param folder where backups lie
   * @param backups newest first
   * @param running the one being made now
   * @param freeBytes on the disk under the data
   */
  public record KeepingView(
      String folder,
      List<Backup> backups,
      @Nullable Progress running,
      int nightlyKept,
      long freeBytes,
      List<String> troubles) {}

  @GetMapping("/api/keeping")
  KeepingView view() {
    return new KeepingView(
        backups.folder().toString(),
        backups.list().stream().limit(SHOWN).toList(),
        backups.progress().orElse(null),
        Backups.KEPT,
        disk.free(),
        keeping.troubles());
  }

  /** Starts a backup; the view tells how far it is. */
  @PostMapping("/api/keeping/backup")
  KeepingView start() {
    backups.start();
    return view();
  }

  /** Stops the one that is being made. */
  @DeleteMapping("/api/keeping/backup")
  KeepingView stop() {
    backups.stop();
    return view();
  }
}
