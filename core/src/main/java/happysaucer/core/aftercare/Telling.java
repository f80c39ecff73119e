package happysaucer.core.aftercare;

import happysaucer.core.aftercare.Aftercare.Kind;
import happysaucer.core.unit.Message;

/** What is normal to see while a step of aftercare runs, what is alarming, and what then to do. */
public record Telling(Message normal, Message alarming, Message then) {
  private static final String STAY_DRY = "care.stayDry.";

  /**
   * @param text under which the step itself is said
   */
  public static Telling of(Kind kind, String text) {
    return switch (kind) {
      case WATER -> text.startsWith(STAY_DRY) ? dry() : water();
      case PROBE -> told("telling.probe.normal", "telling.probe.alarming", "telling.probe.then");
      case LIGHT -> told("telling.light.normal", "telling.light.alarming", "telling.light.then");
      case FEED -> told("telling.feed.normal", "telling.feed.alarming", "telling.feed.then");
      case FOLLOW_UP ->
          told("telling.follow.normal", "telling.follow.alarming", "telling.follow.then");
      case TOP_UP -> told("telling.topUp.normal", "telling.topUp.alarming", "telling.topUp.then");
      case REMOVE_BLOOM ->
          told("telling.bloom.normal", "telling.bloom.alarming", "telling.bloom.then");
      case WATCH -> told("telling.watch.normal", "telling.watch.alarming", "telling.watch.then");
    };
  }

  private static Telling water() {
    return told("telling.water.normal", "telling.water.alarming", "telling.water.then");
  }

  private static Telling dry() {
    return told("telling.dry.normal", "telling.dry.alarming", "telling.dry.then");
  }

  private static Telling told(String normal, String alarming, String then) {
    return new Telling(Message.of(normal), Message.of(alarming), Message.of(then));
  }
}
