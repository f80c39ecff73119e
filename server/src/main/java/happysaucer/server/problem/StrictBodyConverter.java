package happysaucer.server.problem;

import happysaucer.core.advice.Fault;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.io.IOException;
import java.lang.reflect.Method;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.HttpOutputMessage;
import org.springframework.http.MediaType;
import org.springframework.http.converter.AbstractHttpMessageConverter;

/** Reads every request body of ours: nothing unknown, nothing coerced, all faults at once. */
final class StrictBodyConverter extends AbstractHttpMessageConverter<Object> {
  private static final int MOST_BYTES = 1_000_000;

  /** A body that is wrong throughout is told by its first faults. */
  private static final int MOST_FAULTS = 200;

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
      throw refused(faults);
    }
    RecordReader reader = new RecordReader();
    Object read = reader.read(json.tree(), type);
    faults.addAll(reader.faults());
    if (read == null) {
      throw faults.isEmpty() ? InputException.of("", "Send a JSON object.", null) : refused(faults);
    }
    Set<String> told = new HashSet<>();
    faults.forEach(fault -> told.add(fault.field()));
    for (Fault fault : further(read)) {
      if (told.add(fault.field())) {
        faults.add(fault);
      }
    }
    if (!faults.isEmpty()) {
      throw refused(faults);
    }
    return read;
  }

  private static InputException refused(List<Fault> faults) {
    return new InputException(
        faults.stream().limit(MOST_FAULTS).map(StrictBodyConverter::discreet).toList());
  }

  private List<Fault> further(Object body) {
    List<Fault> faults = new ArrayList<>();
    violations(body, "", faults);
    faults.sort(Comparator.comparing(Fault::field));
    for (BodyCheck<?> check : checks) {
      if (check.type().isInstance(body)) {
        faults.addAll(run(check, body));
      }
    }
    return faults;
  }

  /** Checks a record and every record within it, in lists too, whether or not it is marked so. */
  private void violations(Object body, String path, List<Fault> faults) {
    for (ConstraintViolation<Object> violation : validator.validate(body)) {
      faults.add(
          new Fault(
              path + violation.getPropertyPath(),
              violation.getMessage(),
              violation.getInvalidValue()));
    }
    for (RecordComponent component : body.getClass().getRecordComponents()) {
      Object part = part(body, component);
      String at = path + component.getName();
      if (part instanceof List<?> list) {
        for (int i = 0; i < list.size(); i++) {
          if (list.get(i) instanceof Record item) {
            violations(item, at + "[" + i + "].", faults);
          }
        }
      } else if (part instanceof Record inner) {
        violations(inner, at + ".", faults);
      }
    }
  }

  private static @Nullable Object part(Object body, RecordComponent component) {
    try {
      Method accessor = component.getAccessor();
      accessor.setAccessible(true);
      return accessor.invoke(body);
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(e);
    }
  }

  /** What was wrong with a secret is told without repeating it. */
  private static Fault discreet(Fault fault) {
    return fault.field().toLowerCase(Locale.ROOT).endsWith("password")
        ? new Fault(fault.field(), fault.message(), null)
        : fault;
  }

  private static <T> List<Fault> run(BodyCheck<T> check, Object body) {
    return check.faults(check.type().cast(body));
  }

  @Override
  protected void writeInternal(Object body, HttpOutputMessage output) {
    throw new UnsupportedOperationException();
  }
}
