package happysaucer.core.advice;

import happysaucer.core.Shipped;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Builds requests for tests: a healthy plant in a 23 cm pot unless told otherwise. */
public final class Ask {
  private LocalDate date = LocalDate.of(2027, 4, 12);
  private Double latitude = 44.0;
  private String use = "PRIVATE";
  private String light = "BRIGHT_INDIRECT";
  private String species = "Schefflera arboricola";
  private String group;
  private Double heightMm = 1200.0;
  private Double spreadMm = 600.0;
  private String sizeWish;
  private LocalDate lastRepotted;
  private final List<AdviceRequest.State> states = new ArrayList<>();
  private String mix;
  private Boolean fed;
  private String habit;
  private AdviceRequest.Pot pot = pot("now", 230, 6);
  private AdviceRequest.Ball ball;
  private final List<AdviceRequest.Sign> signs = new ArrayList<>();
  private AdviceRequest.Watering watering;
  private List<AdviceRequest.Pot> candidates;
  private final Map<String, Object> method = new HashMap<>();
  private String units;
  private boolean outdoors;
  private final List<AdviceRequest.Pour> pours = new ArrayList<>();
  private final List<AdviceRequest.Measured> measures = new ArrayList<>();
  private final List<AdviceRequest.SetAside> asides = new ArrayList<>();
  private AdviceRequest.Overrule overrule;
  private String against;
  private AdviceRequest.Wish wish;
  private LocalDate workOn;
  private AdviceRequest.Cover cover;

  public static Ask about(String species) {
    Ask ask = new Ask();
    ask.species = species;
    return ask;
  }

  /** A pot by shape, material and inside measures. */
  public static AdviceRequest.Pot shaped(
      String shape, String material, double topMm, Double baseMm, Double heightMm, Double mouthMm) {
    return new AdviceRequest.Pot(
        null, shape, material, topMm, baseMm, null, null, heightMm, mouthMm, null, null, 4, null,
        null, null);
  }

  public static AdviceRequest.Pot pot(String id, double topMm, int holes) {
    return new AdviceRequest.Pot(
        id,
        "STANDARD",
        "PLASTIC",
        topMm,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        holes,
        null,
        null,
        null);
  }

  public Ask on(String date) {
    this.date = LocalDate.parse(date);
    return this;
  }

  public Ask at(double latitude) {
    this.latitude = latitude;
    return this;
  }

  public Ask inLight(String light) {
    this.light = light;
    return this;
  }

  public Ask ofGroup(String group) {
    this.group = group;
    return this;
  }

  public Ask sized(double heightMm, double spreadMm) {
    this.heightMm = heightMm;
    this.spreadMm = spreadMm;
    return this;
  }

  /** Nobody measured it. */
  public Ask unsized() {
    this.heightMm = null;
    this.spreadMm = null;
    return this;
  }

  public Ask wish(String sizeWish) {
    this.sizeWish = sizeWish;
    return this;
  }

  public Ask repotted(String date) {
    this.lastRepotted = LocalDate.parse(date);
    return this;
  }

  public Ask state(String code, Integer days) {
    states.add(new AdviceRequest.State(code, days));
    return this;
  }

  public Ask fed(boolean fed) {
    this.fed = fed;
    return this;
  }

  public Ask mix(String mix) {
    this.mix = mix;
    return this;
  }

  public Ask waterer(String habit) {
    this.habit = habit;
    return this;
  }

  public Ask in(AdviceRequest.Pot pot) {
    this.pot = pot;
    return this;
  }

  public Ask ball(double topMm, double baseMm, double heightMm) {
    this.ball = new AdviceRequest.Ball(topMm, baseMm, null, null, heightMm);
    return this;
  }

  public Ask sign(String code) {
    return sign(code, null, null);
  }

  public Ask sign(String code, String grade, Double value) {
    signs.add(new AdviceRequest.Sign(code, "PRESENT", grade, value));
    return this;
  }

  public Ask absent(String code) {
    signs.add(new AdviceRequest.Sign(code, "ABSENT", null, null));
    return this;
  }

  public Ask watered(double interval, Double litres, Double runOff, Double after) {
    watering = new AdviceRequest.Watering(interval, litres, runOff, after);
    return this;
  }

  public Ask choosing(AdviceRequest.Pot... pots) {
    candidates = List.of(pots);
    return this;
  }

  public Ask method(String timing, String potStep, String season, String inBud) {
    return choose("timing", timing)
        .choose("potStep", potStep)
        .choose("season", season)
        .choose("inBud", inBud);
  }

  /** One key of the method. */
  public Ask choose(String key, Object option) {
    method.put(key, option);
    return this;
  }

  private AdviceRequest.MethodChoice methodChoice() {
    if (method.isEmpty()) {
      return null;
    }
    Map<String, String> byKey = new HashMap<>();
    method.forEach(
        (key, option) -> {
          if (option != null) {
            byKey.put(key, option.toString());
          }
        });
    return AdviceRequest.MethodChoice.of(byKey);
  }

  public Ask usedBy(String use) {
    this.use = use;
    return this;
  }

  public Ask outdoors() {
    this.outdoors = true;
    return this;
  }

  /** A watering on record: on a day, so many days after the one before. */
  public Ask poured(String date, double days, double litres) {
    pours.add(new AdviceRequest.Pour(LocalDate.parse(date), days, litres, 0.0));
    return this;
  }

  /** An earlier measure of a sign, or HEIGHT. */
  public Ask measured(String date, String code, double value) {
    measures.add(new AdviceRequest.Measured(LocalDate.parse(date), code, value));
    return this;
  }

  /** A line of evidence that is not to count. */
  public Ask setAside(String sign, String reason) {
    asides.add(new AdviceRequest.SetAside(sign, reason, "Jorun Pell"));
    return this;
  }

  /** The cover pot it stands in, by its inside. */
  public Ask coveredBy(double topMm, double massG, boolean fixed) {
    cover =
        new AdviceRequest.Cover(
            null, "GLAZED", topMm, topMm * 0.85, topMm * 0.95, null, massG, fixed);
    return this;
  }

  /** The day of the work, where it is not the first the call gives. */
  public Ask workOn(String date) {
    workOn = LocalDate.parse(date);
    return this;
  }

  /** Work done otherwise than the rules plan it. */
  public Ask wishing(AdviceRequest.Wish wish) {
    this.wish = wish;
    return this;
  }

  public Ask wishingCuts(double baseSliceMm, double sideShaveMm) {
    return wishing(
        new AdviceRequest.Wish(baseSliceMm, sideShaveMm, null, null, null, null, null, null, null));
  }

  /** What the rules said when they were overruled. */
  public Ask against(String action) {
    against = action;
    return this;
  }

  /** A call in place of the rules' own. */
  public Ask overruled(String action, String urgency, Integer recheckDays) {
    overrule =
        new AdviceRequest.Overrule(
            action, urgency, recheckDays, against, "I know this one", "Jorun Pell");
    return this;
  }

  public Ask units(String units) {
    this.units = units;
    return this;
  }

  public AdviceRequest request() {
    return new AdviceRequest(
        date,
        new AdviceRequest.Site(latitude, outdoors, use),
        new AdviceRequest.Spot(light),
        new AdviceRequest.Plant(
            species,
            group,
            heightMm,
            spreadMm,
            null,
            null,
            sizeWish,
            lastRepotted,
            states,
            mix,
            fed,
            habit),
        pot,
        ball,
        signs,
        watering,
        candidates,
        methodChoice(),
        units,
        new AdviceRequest.History(pours, measures),
        asides.isEmpty() && overrule == null ? null : new AdviceRequest.Argument(asides, overrule),
        wish,
        workOn,
        cover);
  }

  public Advice advice() {
    return Shipped.ADVISE.advise(request());
  }

  /** The example of the contract. */
  public static Ask example() {
    Ask ask =
        about("Schefflera arboricola")
            .on("2027-03-10")
            .at(44)
            .sized(1400, 700)
            .repotted("2024-04-01")
            .state("ARRIVED", 40)
            .mix("foliage")
            .fed(true)
            .waterer("FORGETS")
            .wish("GROW")
            .ball(215, 170, 195)
            .sign("ROOTS_FROM_DRAIN_HOLES", "CLEAR", null)
            .sign("WATER_POOLS", null, 95.0)
            .absent("MEDIUM_FALLS_AWAY")
            .watered(5, 0.8, 0.1, 11.0)
            .in(
                new AdviceRequest.Pot(
                    null,
                    "STANDARD",
                    "PLASTIC",
                    230.0,
                    175.0,
                    null,
                    null,
                    220.0,
                    230.0,
                    185.0,
                    450.0,
                    6,
                    false,
                    null,
                    null))
            .choosing(
                new AdviceRequest.Pot(
                    "p27",
                    "STANDARD",
                    "PLASTIC",
                    260.0,
                    200.0,
                    null,
                    null,
                    240.0,
                    null,
                    null,
                    550.0,
                    6,
                    null,
                    null,
                    null));
    ask.use = "PUBLIC";
    return ask;
  }
}
