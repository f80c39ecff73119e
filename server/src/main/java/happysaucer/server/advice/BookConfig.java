package happysaucer.server.advice;

import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.advice.Advise;
import happysaucer.core.advice.Fault;
import happysaucer.core.book.BookReader;
import happysaucer.core.book.ShippedBook;
import happysaucer.server.problem.BodyCheck;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;

/** The shipped book, read and checked at start. */
@Configuration
class BookConfig {
  @Bean
  Advise advise() throws IOException {
    Map<String, String> tables = new HashMap<>();
    for (String table : BookReader.TABLES) {
      tables.put(
          table,
          new ClassPathResource(ShippedBook.path(table))
              .getContentAsString(StandardCharsets.UTF_8));
    }
    return new Advise(BookReader.read(tables));
  }

  /** The core's own faults join those of the form in one answer. */
  @Bean
  BodyCheck<AdviceRequest> adviceCheck(Advise advise) {
    return new BodyCheck<>() {
      @Override
      public Class<AdviceRequest> type() {
        return AdviceRequest.class;
      }

      @Override
      public List<Fault> faults(AdviceRequest body) {
        return advise.faults(body);
      }
    };
  }
}
