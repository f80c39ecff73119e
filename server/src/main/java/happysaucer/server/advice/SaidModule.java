package happysaucer.server.advice;

import happysaucer.core.unit.Said;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;

/** In answers, what is said goes out as its words. */
@Component
class SaidModule extends SimpleModule {
  SaidModule() {
    super("words");
    addSerializer(new Words());
  }

  private static final class Words extends StdSerializer<Said> {
    Words() {
      super(Said.class);
    }

    @Override
    public void serialize(Said said, JsonGenerator to, SerializationContext context) {
      to.writeString(said.words());
    }
  }
}
