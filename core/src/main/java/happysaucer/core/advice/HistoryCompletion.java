package happysaucer.core.advice;

import happysaucer.core.casefile.History;
import happysaucer.core.sign.Measure;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.SignTable;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Completes what is on record from before the case. */
final class HistoryCompletion {
  /** Bounded, so that one question stays one answer. */
  private static final int MOST = 400;

  private static final double MOST_LITRES = 200;
  private static final double MOST_HEIGHT_MM = 20000;
  private static final double MOST_GRAMS = 1_000_000;

  private final Checks checks;
  private final SignTable signs;
  private final @Nullable LocalDate caseDate;

  HistoryCompletion(Checks checks, SignTable signs, @Nullable LocalDate caseDate) {
    this.checks = checks;
    this.signs = signs;
    this.caseDate = caseDate;
  }

  History of(AdviceRequest.@Nullable History given) {
    if (given == null) {
      return History.NONE;
    }
    return new History(pours(given.waterings()), measures(given.measures()));
  }

  private boolean tooMany(String field, List<?> list) {
    if (list.size() > MOST) {
      checks.fault(field, "At most " + MOST + " lines count; send the newest.", list.size());
      return true;
    }
    return false;
  }

  private List<History.Pour> pours(@Nullable List<AdviceRequest.Pour> given) {
    List<History.Pour> pours = new ArrayList<>();
    if (given == null || tooMany("history.waterings", given)) {
      return pours;
    }
    for (int i = 0; i < given.size(); i++) {
      String path = "history.waterings[" + i + "]";
      AdviceRequest.Pour pour = given.get(i);
      if (pour == null || pour.days() == null || pour.litres() == null) {
        checks.fault(path, "Give date, days since the watering before, and litres.", null);
        continue;
      }
      double days = checks.range(path + ".days", pour.days(), 0.2, 365, "days", 7);
      double litres = checks.range(path + ".litres", pour.litres(), 0, MOST_LITRES, "L", 1);
      double runOff =
          pour.runOffLitres() == null
              ? 0
              : checks.range(path + ".runOffLitres", pour.runOffLitres(), 0, MOST_LITRES, "L", 0);
      if (runOff > litres) {
        checks.fault(path + ".runOffLitres", "More came out than was poured.", runOff);
      }
      LocalDate date = before(path + ".date", pour.date());
      if (date != null) {
        pours.add(new History.Pour(date, days, Math.max(0, litres - runOff)));
      }
    }
    return pours;
  }

  private List<History.Measured> measures(@Nullable List<AdviceRequest.Measured> given) {
    List<History.Measured> measures = new ArrayList<>();
    if (given == null || tooMany("history.measures", given)) {
      return measures;
    }
    for (int i = 0; i < given.size(); i++) {
      String path = "history.measures[" + i + "]";
      AdviceRequest.Measured measured = given.get(i);
      if (measured == null || measured.code() == null || measured.value() == null) {
        checks.fault(path, "Give date, code and value.", null);
        continue;
      }
      LocalDate date = before(path + ".date", measured.date());
      if (date != null && valid(path, measured.code(), measured.value())) {
        measures.add(new History.Measured(date, measured.code(), measured.value()));
      }
    }
    return measures;
  }

  private boolean valid(String path, String code, double value) {
    int faultsBefore = checks.faults().size();
    if (code.equals(History.HEIGHT)) {
      checks.range(path + ".value", value, 1, MOST_HEIGHT_MM, "mm", 1000);
    } else if (code.equals(History.WEIGHED)) {
      checks.range(path + ".value", value, 20, MOST_GRAMS, "g", 1000);
    } else {
      SignCode sign = checks.code(path + ".code", code, SignCode.class);
      if (sign != null) {
        Measure measure = signs.get(sign).measure();
        if (!measure.takesValue()) {
          checks.fault(path + ".code", sign + " takes no value.", code);
        } else {
          checks.range(path + ".value", value, measure.least(), measure.most(), measure.unit(), 0);
        }
      }
    }
    return checks.faults().size() == faultsBefore;
  }

  private @Nullable LocalDate before(String field, @Nullable LocalDate date) {
    if (date == null) {
      checks.fault(field, "Give the date.", null);
      return null;
    }
    if (checks.day(field, date) == null) {
      return null;
    }
    if (caseDate != null && date.isAfter(caseDate)) {
      checks.fault(field, "Must not be after the date of the case.", date);
      return null;
    }
    return date;
  }
}
