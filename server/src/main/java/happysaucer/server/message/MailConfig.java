package happysaucer.server.message;

import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.mail.javamail.JavaMailSender;

/** Without {@code spring.mail.host} mail goes to the outbox of this server. */
@Configuration
class MailConfig {
  @Bean
  @ConditionalOnExpression("'${spring.mail.host:}'.isBlank()")
  JavaMailSender outbox(@Value("${saucer.data}") String data) {
    return new Outbox(Path.of(data).resolve("outbox"));
  }
}
