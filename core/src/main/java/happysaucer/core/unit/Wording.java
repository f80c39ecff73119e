package happysaucer.core.unit;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;

/**
 * Turns messages into sentences in the units of the reader.
 *
 * @param measures what the reader pours with; amounts are said in these where one suits
 */
public record Wording(Units units, List<Pouring.Measure> measures) {
  public Wording(Units units) {
    this(units, List.of());
  }

  private static final List<String> MONTHS =
      List.of(
          "January",
          "February",
          "March",
          "April",
          "May",
          "June",
          "July",
          "August",
          "September",
          "October",
          "November",
          "December");

  public String text(Message message) {
    return fill(Sentences.of(message.key()), message.values());
  }

  /** A sentence with its values in their places. */
  public String fill(String sentence, List<Object> values) {
    StringBuilder text = new StringBuilder();
    boolean inCentimetres = inCentimetres(values);
    int next = 0;
    int start = 0;
    for (int hole = sentence.indexOf('{'); hole >= 0; hole = sentence.indexOf('{', start)) {
      int end = sentence.indexOf('}', hole);
      text.append(sentence, start, hole);
      if (sentence.startsWith(Sentences.ALL_LEFT, hole)) {
        text.append(
            values.subList(next, values.size()).stream()
                .map(value -> value(value, inCentimetres))
                .collect(
                    Collectors.joining(
                        sentence.substring(hole + Sentences.ALL_LEFT.length(), end))));
        next = values.size();
      } else {
        text.append(value(values.get(next++), inCentimetres));
      }
      start = end + 1;
    }
    return text.append(sentence.substring(start)).toString();
  }

  public List<String> texts(List<Message> messages) {
    return messages.stream().map(this::text).toList();
  }

  public Said say(Message message) {
    return new Said(message, text(message));
  }

  public List<Said> say(List<Message> messages) {
    return messages.stream().map(this::say).toList();
  }

  /** One unit within a sentence: where one of its lengths is said in cm, all are. */
  private static boolean inCentimetres(List<Object> values) {
    for (Object value : values) {
      Object measure = value instanceof About about ? about.measure() : value;
      if (measure instanceof Length length && Math.abs(length.mm()) >= Length.CENTIMETRES_FROM) {
        return true;
      }
    }
    return false;
  }

  private String value(Object value, boolean inCentimetres) {
    if (value instanceof Length length) {
      return length.text(units, inCentimetres);
    }
    if (value instanceof About about) {
      return about(about.measure(), inCentimetres);
    }
    if (value instanceof Volume volume) {
      return poured(volume);
    }
    if (value instanceof Mass mass) {
      return mass.text(units);
    }
    if (value instanceof Split.Part part) {
      return part.text(units);
    }
    if (value instanceof Written written) {
      return written.text(units);
    }
    if (value instanceof LocalDate date) {
      return date(date);
    }
    if (value instanceof Double number) {
      return Rounding.text(number, 1);
    }
    if (value instanceof Message inner) {
      return text(inner);
    }
    return value.toString();
  }

  private String poured(Volume volume) {
    return Pouring.words(volume.litres(), measures).orElseGet(() -> volume.text(units));
  }

  private String about(Object measure, boolean inCentimetres) {
    if (measure instanceof Length length) {
      return length.rough(units).text(units, inCentimetres);
    }
    if (measure instanceof Mass mass) {
      return mass.rough(units).text(units);
    }
    return measure instanceof Volume volume ? volume.rough(units).text(units) : measure.toString();
  }

  public static String date(LocalDate date) {
    return date.getDayOfMonth() + " " + MONTHS.get(date.getMonthValue() - 1) + " " + date.getYear();
  }

  public String mm(double mm) {
    return Length.ofMm(mm).text(units);
  }

  public String litres(double litres) {
    return Volume.ofLitres(litres).text(units);
  }

  public String grams(double grams) {
    return Mass.ofGrams(grams).text(units);
  }

  /** A share as words: 0.33 reads "33 %". */
  public static String percent(double share) {
    return Rounding.text(share * 100, 0) + " %";
  }
}
