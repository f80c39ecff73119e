package happysaucer.server.keeping;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.DefaultTransactionStatus;

/**
 * What is acknowledged is on the disk, and not only in the memory of the machine: after a commit
 * the database file is forced out before anybody is answered. Those who commit while one forcing
 * runs share the next.
 */
@Component
class Durable implements DisposableBean {
  private final Path file;
  private final boolean wanted;
  private @Nullable FileChannel channel;
  private long asked;
  private long done;
  private boolean running;

  /**
   * @param wanted false trades what a power cut can take for speed
   */
  Durable(@Value("${saucer.data}") String folder, @Value("${saucer.sync:true}") boolean wanted) {
    this.file = Path.of(folder).resolve(DataFolder.DATABASE);
    this.wanted = wanted;
  }

  /** Returns when everything committed before is on the disk. */
  void sync() throws IOException {
    if (!wanted) {
      return;
    }
    long mine;
    synchronized (this) {
      mine = ++asked;
    }
    while (true) {
      long upTo;
      synchronized (this) {
        while (running && done < mine) {
          await();
        }
        if (done >= mine) {
          return;
        }
        running = true;
        upTo = asked;
      }
      boolean forced = false;
      try {
        open().force(false);
        forced = true;
      } finally {
        synchronized (this) {
          running = false;
          if (forced) {
            done = Math.max(done, upTo);
          }
          notifyAll();
        }
      }
    }
  }

  private void await() {
    try {
      wait();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException("Stopped while waiting for the disk.", e);
    }
  }

  /**
   * Kept open to the end: closing it would let go of the lock that the database holds on the file.
   */
  private synchronized FileChannel open() throws IOException {
    if (channel == null) {
      if (!Files.exists(file)) {
        throw new IOException("There is no " + file);
      }
      channel = FileChannel.open(file, StandardOpenOption.WRITE);
    }
    return channel;
  }

  @Override
  public synchronized void destroy() throws IOException {
    if (channel != null) {
      channel.close();
    }
  }

  @Configuration
  static class Transactions {
    @Bean
    JdbcTransactionManager transactionManager(DataSource data, Durable durable) {
      return new JdbcTransactionManager(data) {
        private static final long serialVersionUID = 1L;

        @Override
        protected void doCommit(DefaultTransactionStatus status) {
          super.doCommit(status);
          if (!status.isReadOnly()) {
            try {
              durable.sync();
            } catch (IOException e) {
              throw new UncheckedIOException(e);
            }
          }
        }
      };
    }
  }
}
