package happysaucer.core.advice;

import happysaucer.core.unit.Days;
import happysaucer.core.unit.Rounding;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** Collects faults and assumptions while a request is completed. */
final class Checks {
  private final List<Fault> faults = new ArrayList<>();
  private final TreeMap<String, String> assumed = new TreeMap<>();

  void fault(String field, String message, @Nullable Object value) {
    faults.add(new Fault(field, message, value));
  }

  boolean faultless() {
    return faults.isEmpty();
  }

  List<Fault> faults() {
    return faults;
  }

  void assume(String path, Object value, String reason) {
    String text = value instanceof Double number ? Rounding.text(number, 2) : value.toString();
    assumed.put(path, path + " = " + text + ": " + reason);
  }

  List<String> assumed() {
    return List.copyOf(assumed.values());
  }

  /** The code, or null with a fault when there is no such code; null when nothing was given. */
  <E extends Enum<E>> @Nullable E code(String field, @Nullable String given, Class<E> type) {
    if (given == null) {
      return null;
    }
    for (E constant : type.getEnumConstants()) {
      if (constant.name().equals(given)) {
        return constant;
      }
    }
    StringBuilder codes = new StringBuilder();
    for (E constant : type.getEnumConstants()) {
      codes.append(codes.isEmpty() ? "" : ", ").append(constant.name());
    }
    fault(field, "There is no such code. Use one of: " + codes + ".", given);
    return null;
  }

  <E extends Enum<E>> E codeOr(
      String field, @Nullable String given, Class<E> type, E standard, String reason) {
    if (given == null) {
      assume(field, standard, reason);
      return standard;
    }
    E code = code(field, given, type);
    return code == null ? standard : code;
  }

  /** Within both ends, or a fault; the standard stands in so that checking can go on. */
  double range(
      String field, double given, double least, double most, String unit, double standard) {
    if (given < least || given > most || Double.isNaN(given)) {
      fault(
          field,
          "Must be between "
              + Rounding.text(least, 2)
              + " and "
              + Rounding.text(most, 2)
              + (unit.isEmpty() ? "" : " " + unit)
              + ".",
          given);
      return standard;
    }
    return given;
  }

  /** A day that a person can have meant, or a fault. */
  @Nullable LocalDate day(String field, @Nullable LocalDate given) {
    if (given != null && !Days.sane(given)) {
      fault(field, Days.RANGE, given);
      return null;
    }
    return given;
  }

  double rangeOr(
      String field,
      @Nullable Double given,
      double least,
      double most,
      String unit,
      double standard,
      String reason) {
    if (given == null) {
      // what is assumed lies within the same ends as what is given
      double within = Math.max(least, Math.min(most, standard));
      assume(field, within, reason);
      return within;
    }
    return range(field, given, least, most, unit, standard);
  }
}
