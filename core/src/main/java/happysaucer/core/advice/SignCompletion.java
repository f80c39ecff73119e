package happysaucer.core.advice;

import happysaucer.core.pot.Pot;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.Measure;
import happysaucer.core.sign.Observation;
import happysaucer.core.sign.Observations;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.SignState;
import happysaucer.core.sign.SignTable;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Completes the signs as given. */
final class SignCompletion {
  private final Checks checks;
  private final SignTable table;

  SignCompletion(Checks checks, SignTable table) {
    this.checks = checks;
    this.table = table;
  }

  /**
   * The signs looked at; a pot without holes counts as NO_DRAIN_HOLES unless that sign is absent.
   */
  Observations signs(@Nullable List<AdviceRequest.Sign> listed, @Nullable Pot pot) {
    List<Observation> observations = new ArrayList<>();
    Set<SignCode> seen = EnumSet.noneOf(SignCode.class);
    List<AdviceRequest.Sign> given = listed == null ? List.of() : listed;
    for (int i = 0; i < given.size(); i++) {
      observation("signs[" + i + "]", given.get(i), seen).ifPresent(observations::add);
    }
    if (pot != null && pot.drainHoles() == 0 && !seen.contains(SignCode.NO_DRAIN_HOLES)) {
      observations.add(Observation.present(SignCode.NO_DRAIN_HOLES));
      checks.assume("signs.NO_DRAIN_HOLES", "PRESENT", "the pot was given with 0 holes");
    }
    return new Observations(observations);
  }

  private Optional<Observation> observation(
      String path, AdviceRequest.@Nullable Sign given, Set<SignCode> seen) {
    if (given == null || given.code() == null) {
      checks.fault(path + ".code", "Give the code of the sign.", null);
      return Optional.empty();
    }
    SignCode code = checks.code(path + ".code", given.code(), SignCode.class);
    SignState state =
        given.state() == null
            ? SignState.PRESENT
            : checks.code(path + ".state", given.state(), SignState.class);
    Grade grade = checks.code(path + ".grade", given.grade(), Grade.class);
    if (code == null || state == null) {
      return Optional.empty();
    }
    int faultsBefore = checks.faults().size();
    if (!seen.add(code)) {
      checks.fault(path + ".code", "This sign is there twice. Keep one.", given.code());
    }
    Measure measure = table.get(code).measure();
    if (state != SignState.PRESENT) {
      if (given.grade() != null) {
        checks.fault(path + ".grade", "A sign that is not present has no grade.", given.grade());
      }
      if (given.value() != null) {
        checks.fault(path + ".value", "A sign that is not present has no value.", given.value());
      }
    } else {
      if (grade != null && (!measure.takesGrade() || grade.isHeft() != (measure == Measure.HEFT))) {
        checks.fault(path + ".grade", code + " takes no such grade.", given.grade());
      }
      if (given.value() != null && !measure.takesValue()) {
        checks.fault(path + ".value", code + " takes no value.", given.value());
      } else if (given.value() != null) {
        checks.range(
            path + ".value", given.value(), measure.least(), measure.most(), measure.unit(), 0);
      }
      if (measure == Measure.GRADE && given.grade() == null) {
        checks.assume("signs." + code + ".grade", Grade.CLEAR, "present without a grade");
        grade = Grade.CLEAR;
      }
      if (measure == Measure.HEFT && given.grade() == null) {
        checks.fault(path + ".grade", "Say LIGHT or HEAVY.", null);
      }
    }
    return checks.faults().size() > faultsBefore
        ? Optional.empty()
        : Optional.of(new Observation(code, state, grade, given.value()));
  }
}
