package happysaucer.server.advice;

import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.advice.Fault;
import happysaucer.server.problem.BodyCheck;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The core's own faults join those of the form in one answer. */
@Configuration
class BookConfig {
  @Bean
  BodyCheck<AdviceRequest> adviceCheck(Books books) {
    return new BodyCheck<>() {
      @Override
      public Class<AdviceRequest> type() {
        return AdviceRequest.class;
      }

      @Override
      public List<Fault> faults(AdviceRequest body) {
        return books.shipped().faults(body);
      }
    };
  }
}
