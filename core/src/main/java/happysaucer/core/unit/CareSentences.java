package happysaucer.core.unit;

/** What is said of aftercare, water, the forecast and jobs. */
final class CareSentences {
  static final String TABLE =
      """
      # Aftercare
      care.blooms = Take off buds and flowers: what it has goes into roots now.
      care.brightMonth = Bright but no direct sun for a month, then back to its light in steps.
      care.emptyCover = Half an hour after each watering pour away what stands in the cover pot.
      care.fewerRoots = For a month it drinks less, since it has fewer roots: smaller amounts, by probe, neither dry nor wet.
      care.first.barely = Moisten with {} only; barely moist and warm is right, never wet.
      care.first.onceDry = Water with {} once the pot's base is dry.
      care.first.reservoir = Water from above with {} to settle the grains, then fill the reservoir to its mark. Note the colour of what drains.
      care.first.saucer = Stand it in a saucer with {} for 10 to 15 minutes, then pour the rest away.
      care.first.soak = Soak with {}, wetting all of the medium, and let it drain fully.
      care.first.soakBark = Soak with {}, wetting all of the bark, and let it drain fully.
      care.first.sparingly = First water, sparingly: {}.
      care.first.untilItRuns = Water with {} until it runs through, and let it drain.
      care.flush = Once a month rinse it through from above and empty the reservoir. Muddy water means that the grains are breaking down.
      care.follow14 = Settled? Look at ties, whether it stands upright, and the gap at the wall.
      care.follow28 = Did it take? Note new leaves or root tips, leaves lost, wilting, pests.
      care.followRot = Look again: firm base, no smell, not wet below. Slip it out if in doubt.
      care.lookAgain = Look again and log a check.
      care.newNormal = By now its roots drink from the whole pot: keep to the new interval, and pour over the whole surface.
      care.newTips = Watch for new growth or bright root tips: from then on water as usual.
      care.noFeed = No feed until {}.
      care.noTurn = Do not turn or move it until it is firm in its wires.
      care.probe.barely = Probe two finger joints down near the stem. Dry there? Then {} round the stem.
      care.probe.keepMoist = Probe near the stem: neither dry nor wet for a month. Barely moist? Then {}, no more.
      care.probe.light = Lift it: light? Then soak with {}.
      care.probe.oldBall = Probe the old ball near the stem, not the fresh medium at the edge. Dry to the first finger joint? Then give {} round the stem.
      care.probe.saucer = Probe the old ball near the stem, not the fresh medium at the edge. Dry to the first finger joint? Then {} into the saucer, and pour the rest away.
      care.probe.silver = Lift it: light, and roots silver or pale? Then soak with {}.
      care.probe.toTheBase = Probe to the pot's base through a hole. Dry all the way? Then give {}.
      care.probe.underTheTop = Probe two finger joints down, under the new top. Dry there? Then give {} round the stem.
      care.probeBefore = It will not ask for water for weeks. Probe it before you pour anything.
      care.sameSpot = Leave it on the same spot and do not turn it.
      care.shadeWeek = Shade from direct sun for a week, then back in steps.
      care.stayDry.HEALING = Keep it dry until {}: cuts and bruises on its roots must heal first.
      care.stayDry.TREATED = Its ball was soaked in the treatment: no water until {}.
      care.stayDry.WHEN_IT_GROWS = Keep it dry until {}, when the days are long enough for it to grow.
      care.topUp = Fresh medium sinks: top it up to {} under the rim, not higher on the stem.
      care.warmShade = Warm and out of direct sun until it grows.
      care.watch = A dull leaf or two is normal. Call us if it wilts while wet, smells sour, leans, or is still wet well after its day.

      # What the days between waterings rest on
      water.alsoKept = {} It keeps only {} of a pour, so each lasts for less.
      water.alsoSoakIn = {} A pour took {} seconds to soak in: by that alone its ball would be {} full of roots, which leave less room for water.
      water.fromBoth = From {} measured waterings of its own and what it lost between weighings ({} compared), the newest counting most.
      water.fromLeaves = From its leaves, its light and what such pots usually last; no measured watering to go by.
      water.fromMany = From {} measured waterings of its own, the newest counting most.
      water.fromOne = From its own measured waterings.
      water.fromScales = From what it lost from one weighing to the next ({} compared).
      water.tooHeavy = It weighs more than such a pot can. Was its cover weighed with it, or is it another pot?
      water.weighed = By its weight it holds about {} of the water its roots can reach, give or take {}.
      water.weighedOnce = Its weight alone tells too little of how wet it is: weigh it once just after a watering.

      # The forecast
      forecast.calendar = From the time since the last repot, the size of the pot and how fast its kind fills one; right eight times in ten.
      forecast.slip = From what the slip check showed; right eight times in ten.
      forecast.unknown = Nobody knows when it was last repotted, so the forecast waits for the first slip check.
      forecast.watering = From its own watering interval, now against just after the last repot, corrected for day length ({} compared); right eight times in ten.

      # What became of a job
      fit.held = On hold. {}
      fit.late = It should be done by {}. {}
      fit.moved = Moved from {}. {}
      fit.otherCall = The call is another one now: {}. {}

      # Kept from before there were messages
      as.written = {}
      """;

  private CareSentences() {}
}
