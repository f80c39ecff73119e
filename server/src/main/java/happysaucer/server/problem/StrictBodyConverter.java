package happysaucer.server.problem;

import happysaucer.core.advice.Fault;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.HttpOutputMessage;
import org.springframework.http.MediaType;
import org.springframework.http.converter.AbstractHttpMessageConverter;

/** Reads every request body of ours: nothing unknown, nothing coerced, all faults at once. */
final class StrictBodyConverter extends AbstractHttpMessageConverter<Object> {
  private static final int MOST_BYTES = 1_000_000;

  private final Validator validator;
  private final List<BodyCheck<?>> checks;

  StrictBodyConverter(Validator validator, List<BodyCheck<?>> checks) {
    super(MediaType.APPLICATION_JSON);
    this.validator = validator;
    this.checks = checks;
  }

  @Override
  protected boolean supports(Class<?> type) {
    return type.isRecord() && type.getName().startsWith("happysaucer.");
  }

  @Override
  public boolean canWrite(Class<?> type, MediaType mediaType) {
    return false;
  }

  @Override
  protected Object readInternal(Class<? extends Object> type, HttpInputMessage input)
      throws IOException {
    byte[] body = input.getBody().readNBytes(MOST_BYTES + 1);
    if (body.length > MOST_BYTES) {
      throw InputException.of("", "The body is larger than 1 MB.", body.length);
    }
    StrictJson.Read json = StrictJson.read(body);
    List<Fault> faults = new ArrayList<>(json.faults());
    if (!json.wellFormed()) {
      throw new InputException(faults);
    }
    RecordReader reader = new RecordReader();
    Object read = reader.read(json.tree(), type);
    faults.addAll(reader.faults());
    if (read == null) {
      throw faults.isEmpty()
          ? InputException.of("", "Send a JSON object.", null)
          : new InputException(faults);
    }
    Set<String> told = new HashSet<>();
    faults.forEach(fault -> told.add(fault.field()));
    for (Fault fault : further(read)) {
      if (told.add(fault.field())) {
        faults.add(fault);
      }
    }
    if (!faults.isEmpty()) {
      throw new InputException(faults);
    }
    return read;
  }

  private List<Fault> further(Object body) {
    List<Fault> faults = new ArrayList<>();
    for (ConstraintViolation<Object> violation : validator.validate(body)) {
      faults.add(
          new Fault(
              violation.getPropertyPath().toString(),
              violation.getMessage(),
              violation.getInvalidValue()));
    }
    faults.sort(Comparator.comparing(Fault::field));
    for (BodyCheck<?> check : checks) {
      if (check.type().isInstance(body)) {
        faults.addAll(run(check, body));
      }
    }
    return faults;
  }

  private static <T> List<Fault> run(BodyCheck<T> check, Object body) {
    return check.faults(check.type().cast(body));
  }

  @Override
  protected void writeInternal(Object body, HttpOutputMessage output) {
    throw new UnsupportedOperationException();
  }
}
