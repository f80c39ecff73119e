package happysaucer.core.advice;

import happysaucer.core.advice.AdviceRequest.Pot;
import happysaucer.core.book.Book;
import happysaucer.core.pot.Material;
import happysaucer.core.species.Group;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * A request from the record, with the facts taken out that the rules refuse: one bad fact never
 * keeps a plant from being advised on. What is left out is told, so that somebody can mend it.
 */
public final class Kept {
  /**
   * Each round takes out what the one before laid bare; a request has no more layers than these.
   */
  private static final int MOST_ROUNDS = 8;

  /** Stands in where the book knows neither species nor group any more. */
  private static final Group ANY_GROUP = Group.FOLIAGE_TREE;

  private final AdviceRequest request;
  private final Completion.Completed completed;
  private final List<Fault> leftOut;

  private Kept(AdviceRequest request, Completion.Completed completed, List<Fault> leftOut) {
    this.request = request;
    this.completed = completed;
    this.leftOut = List.copyOf(leftOut);
  }

  /** What the rules accept. */
  public AdviceRequest request() {
    return request;
  }

  /** Why each fact was left out, at the path it had. */
  public List<Fault> leftOut() {
    return leftOut;
  }

  Completion.Completed completed() {
    return completed;
  }

  /**
   * A request of which nothing may be left out.
   *
   * @throws RefusedException with all faults
   */
  static Kept whole(AdviceRequest request, Book book) {
    return new Kept(request, Completion.of(request, book), List.of());
  }

  /**
   * @param strict faults of what somebody is giving just now: these are told to them, not left out
   * @throws RefusedException with the strict faults, or when nothing can be taken out
   */
  static Kept of(AdviceRequest request, Book book, Predicate<Fault> strict) {
    List<Fault> leftOut = new ArrayList<>();
    AdviceRequest rest = request;
    for (int round = 0; round < MOST_ROUNDS; round++) {
      try {
        return new Kept(rest, Completion.of(rest, book), leftOut);
      } catch (RefusedException e) {
        List<Fault> told = e.faults().stream().filter(strict).toList();
        if (!told.isEmpty()) {
          throw new RefusedException(told);
        }
        AdviceRequest less = without(rest, e.faults());
        if (less.equals(rest)) {
          throw e;
        }
        leftOut.addAll(e.faults());
        rest = less;
      }
    }
    return new Kept(rest, Completion.of(rest, book), leftOut);
  }

  /**
   * A pot from the record.
   *
   * @param pot null when not even its width can be made out
   */
  public record KeptPot(happysaucer.core.pot.@Nullable Pot pot, List<Fault> leftOut) {}

  static KeptPot pot(Pot given) {
    List<Fault> leftOut = new ArrayList<>();
    Pot rest = given;
    for (int round = 0; round < MOST_ROUNDS; round++) {
      Checks checks = new Checks();
      happysaucer.core.pot.Pot pot = new PotCompletion(checks).pot("pot", rest, Material.PLASTIC);
      if (pot != null && checks.faultless()) {
        return new KeptPot(pot, leftOut);
      }
      leftOut.addAll(checks.faults());
      Set<String> out = new TreeSet<>();
      checks.faults().forEach(fault -> out.add(fault.field().substring("pot.".length())));
      rest = pot(rest, out);
    }
    return new KeptPot(null, leftOut);
  }

  private static AdviceRequest without(AdviceRequest r, List<Fault> faults) {
    Map<String, Set<String>> fields = new LinkedHashMap<>();
    Map<String, TreeSet<Integer>> items = new HashMap<>();
    for (Fault fault : faults) {
      String path = fault.field();
      int bracket = path.indexOf('[');
      if (bracket >= 0) {
        int end = path.indexOf(']', bracket);
        items
            .computeIfAbsent(path.substring(0, bracket), list -> new TreeSet<>())
            .add(Integer.parseInt(path.substring(bracket + 1, end)));
      } else {
        int dot = path.indexOf('.');
        fields
            .computeIfAbsent(dot < 0 ? path : path.substring(0, dot), part -> new TreeSet<>())
            .add(dot < 0 ? "" : path.substring(dot + 1));
      }
    }
    Set<String> none = Set.of();
    return new AdviceRequest(
        r.date(),
        site(r.site(), fields.getOrDefault("site", none)),
        fields.containsKey("spot") ? null : r.spot(),
        plant(r.plant(), fields.getOrDefault("plant", none), items.get("plant.states")),
        pot(r.pot(), fields.getOrDefault("pot", none)),
        fields.containsKey("ball") ? null : r.ball(),
        kept(r.signs(), items.get("signs")),
        fields.containsKey("watering") ? null : r.watering(),
        kept(r.candidates(), items.get("candidates")),
        fields.containsKey("method") ? null : r.method(),
        fields.containsKey("units") ? null : r.units(),
        history(r.history(), fields.getOrDefault("history", none), items),
        argument(r.argument(), fields.containsKey("argument"), items.get("argument.setAside")),
        r.wish(),
        fields.containsKey("workOn") ? null : r.workOn(),
        fields.containsKey("cover") ? null : r.cover());
  }

  private static <T> @Nullable List<T> kept(
      @Nullable List<T> list, @Nullable TreeSet<Integer> without) {
    if (list == null || without == null) {
      return list;
    }
    List<T> rest = new ArrayList<>(list);
    without.descendingIterator().forEachRemaining(i -> rest.remove((int) i));
    return rest;
  }

  private static AdviceRequest.@Nullable Site site(
      AdviceRequest.@Nullable Site site, Set<String> out) {
    return site == null || out.isEmpty()
        ? site
        : new AdviceRequest.Site(
            out.contains("latitude") ? null : site.latitude(),
            site.outdoors(),
            out.contains("use") ? null : site.use());
  }

  private static AdviceRequest.@Nullable Plant plant(
      AdviceRequest.@Nullable Plant p, Set<String> out, @Nullable TreeSet<Integer> states) {
    if (p == null || (out.isEmpty() && states == null)) {
      return p;
    }
    boolean unknown = out.contains("species");
    boolean noGroup = out.contains("group") || (unknown && p.group() == null);
    return new AdviceRequest.Plant(
        unknown ? null : p.species(),
        noGroup ? ANY_GROUP.name() : p.group(),
        out.contains("heightMm") ? null : p.heightMm(),
        out.contains("spreadMm") ? null : p.spreadMm(),
        out.contains("topMassG") ? null : p.topMassG(),
        out.contains("leanDegrees") ? null : p.leanDegrees(),
        out.contains("sizeWish") ? null : p.sizeWish(),
        out.contains("lastRepotted") ? null : p.lastRepotted(),
        kept(p.states(), states),
        out.contains("mix") ? null : p.mix(),
        p.fed(),
        out.contains("watererHabit") ? null : p.watererHabit());
  }

  /** A width that cannot be is brought within what can; without any there is nothing to reckon. */
  private static @Nullable Double top(@Nullable Double topMm, Set<String> out) {
    if (!out.contains("topMm") || topMm == null) {
      return topMm;
    }
    return Double.isNaN(topMm)
        ? null
        : Math.max(PotCompletion.LEAST_MM, Math.min(PotCompletion.MOST_MM, topMm));
  }

  private static @Nullable Pot pot(@Nullable Pot p, Set<String> out) {
    if (p == null || out.isEmpty()) {
      return p;
    }
    return new Pot(
        p.id(),
        out.contains("shape") ? null : p.shape(),
        out.contains("material") ? null : p.material(),
        top(p.topMm(), out),
        out.contains("baseMm") ? null : p.baseMm(),
        out.contains("topDepthMm") ? null : p.topDepthMm(),
        out.contains("baseDepthMm") ? null : p.baseDepthMm(),
        out.contains("heightMm") ? null : p.heightMm(),
        out.contains("mouthMm") ? null : p.mouthMm(),
        out.contains("footMm") ? null : p.footMm(),
        out.contains("massG") ? null : p.massG(),
        out.contains("drainHoles") ? null : p.drainHoles(),
        p.inCoverPot(),
        out.contains("feet") ? null : p.feet(),
        out.contains("wireHoles") ? null : p.wireHoles());
  }

  private static AdviceRequest.@Nullable History history(
      AdviceRequest.@Nullable History h, Set<String> out, Map<String, TreeSet<Integer>> items) {
    if (h == null) {
      return null;
    }
    return new AdviceRequest.History(
        out.contains("waterings") ? null : kept(h.waterings(), items.get("history.waterings")),
        out.contains("measures") ? null : kept(h.measures(), items.get("history.measures")));
  }

  private static AdviceRequest.@Nullable Argument argument(
      AdviceRequest.@Nullable Argument a, boolean overruled, @Nullable TreeSet<Integer> asides) {
    if (a == null) {
      return null;
    }
    return new AdviceRequest.Argument(kept(a.setAside(), asides), overruled ? null : a.overrule());
  }
}
