package happysaucer.core.unit;

/** What is said of the call: reasons, holds, what to do until then and instead. */
final class CallSentences {
  static final String TABLE =
      """
      # Reasons of a call
      call.POT_UP.cover = Its cover pot takes no larger one, but its roots do not stand cutting, so it goes up by the smallest step, and into a larger cover.
      call.POT_UP.grows = It may grow, so it goes up a size.
      call.POT_UP.height = It has reached its usual height, but its roots do not stand cutting, so it goes up by the smallest step.
      call.POT_UP.told = It should stay this size, but its roots do not stand cutting, so it goes up by the smallest step.
      call.ROOT_PRUNE_SAME_POT.cover = Its cover pot stays and takes no larger one, so its roots are cut back and it returns to the same pot with fresh medium.
      call.ROOT_PRUNE_SAME_POT.height = It has reached its usual height, so its roots are cut back and it returns to the same pot with fresh medium.
      call.ROOT_PRUNE_SAME_POT.told = It is to stay this size, so its roots are cut back and it returns to the same pot with fresh medium.
      call.begins = Roots are reaching the wall but still have room. Not yet.
      call.beginsSnug = Roots are getting tight, and this species likes that. Not yet: look again before long.
      call.beginsToPress = Roots are reaching the wall. It does not press yet: look again before long.
      call.breakOut = Its pot is narrower at the mouth than the ball, so it does not come out whole. Ask the owner: give up the pot, or cut the ball to keep the pot.
      call.broken = The pot is broken: the same size in a sound pot, with the roots left alone. That can be done in any season.
      call.brokenCrowded = The pot is broken, and the roots have filled it: the sound pot may be a size larger.
      call.cover = Its roots stand in water. Empty the cover pot now, and after every watering: that is all it asks for so far.
      call.crowdedClear = Its roots have filled the pot.
      call.crowdedSevere = Its roots have filled the pot altogether: it is overdue.
      call.decline = It loses more than is normal, and nothing seen so far says why. Find the cause first: probe or lift it to tell wet from dry, then look at light and roots.
      call.divide = The clump has outgrown its pot and is to stay this size: part it and replant one piece.
      call.down = Its roots fill less than a third of the pot and the rest has been wet for three weeks: it goes down a size.
      call.downRot = The pot is far larger than its roots, and the first of them are rotting: it goes down to a pot they can dry.
      call.follow = Nothing asks for a repot. What was seen is too little to go by: look again in four weeks, sooner if it gets worse.
      call.hungry = It looks hungry. Feed it first: that is quicker and kinder than a repot.
      call.interval = Nothing presses, but it is past its usual {} months and the method works by interval.
      call.journey = It has come a long way, and that costs leaves for about four weeks. Leave it where it stands, and look again then.
      call.leave = Nothing asks for a repot. Leave it.
      call.longInPot = Nothing was seen to press, but it has been in this pot for as long as its kind usually is: a slip check is due.
      call.lossCollar = It loses leaf or colour, and wet medium lies against its stem. Uncover the stem and see whether the base is firm.
      call.lossPests = It has pests, and they cost it leaf and colour. Treat them first: a repot would weaken it further.
      call.lossSalts = It loses leaf or colour, and salts sit in its medium. Rinse them out before feed or a repot.
      call.moved = It was moved to other light, and that costs leaves for about four weeks. Leave it where it stands, and look again then.
      call.nextWindow = Its roots grow too slowly now to fill fresh medium; its window opens on {}.
      call.noDrainage = The pot has no holes. It is well for now, but one generous watering can drown it.
      call.noDrainageWet = Its roots stand wet in a pot without holes: water has nowhere to go and they will rot.
      call.normal = What was seen is normal for this plant at this time. Leave it in its pot.
      call.notRooted = The medium falls away from the roots: it has not filled this pot. Put it back.
      call.overPotted = The pot is larger than its roots: medium without roots stays wet. With firm roots, less water and more light will do.
      call.overrides = This does not wait for the season, for buds or for rest.
      call.overruled = {} decided so: {}
      call.overruledRules = The rules would say: {}.
      call.overwatered = It is kept too wet. A repot would be one more strain and no cure: change the watering first.
      call.overwateredByRecord = On record it gets far more than a plant of this size can drink, or much of it runs through. Probe it before anything else is done.
      call.ownMix = It came in another medium, and the method moves new plants into its own mix.
      call.paleThoughFed = It is pale although it is fed. Look at the roots before a repot is called: they or the medium no longer pass the feed on.
      call.paleUnknown = It is pale, and nobody has said whether it is fed. Ask that first, and feed it if it is not; if it is, look at the roots.
      call.pups = Its pups fill the pot, and the mother plant ends after her bloom: pot the pups once they are half her height.
      call.raise = The method shows its base: it goes into a shallower pot with the base raised a little.
      call.retire = Too few living roots are left to carry it, and its kind does not root from cuttings. Compost it, scrub the pot, and offer the client a new plant.
      call.rootPests = Insects live on its roots and would spread to its neighbours: wash the roots, throw the medium away, treat and isolate it.
      call.rootsLost = Too few living roots are left to carry it. Take cuttings from what is firm while there is something to take.
      call.rot = Roots are rotting and the cause sits in the pot: cut back to firm tissue and give fresh airy medium, whatever the season.
      call.rotNoMedium = A few roots are gone, and the cause sits in the pot: hardly any medium is left. Trim the dead roots and give it fresh medium.
      call.rotOldMedium = A few roots are gone, and the cause sits in the pot: the medium has broken down. Trim the dead roots and give it fresh medium.
      call.rotSlight = Only a few roots are gone. Less water and more air will do; look again in 10 days.
      call.rotStem = The stem is soft at its base, so rot is at work where it meets the medium: cut to firm tissue and give fresh airy medium, whatever the season.
      call.settles = It was repotted {} days ago. Such signs settle by themselves or are the price of it: it is watched, not repotted again.
      call.rotSuspected = This looks like dying roots, but nobody has seen them. Stop watering and slip it out of its pot.
      call.severeOutOfSeason = It is out of season, but it cannot wait for {}: the smallest change that will do.
      call.shrivelled = It has been watered and is still shrivelled, so roots are lost or insects drain them. Slip it out and look at the roots and under the neck.
      call.spent = The medium is spent while the roots still have room: new medium in the same pot is what it needs.
      call.spentAlone = The medium is spent, and nothing says that the roots need a larger pot: new medium in the same one is what it needs.
      call.suspected = Its pot may be full, but nobody has seen the roots. Slip it out and look before anything is repotted.
      call.tooDark = It stands too dark for its kind, and no pot makes up for that. Give it a brighter place first.
      call.tooHeavy = Ball and plant weigh about {}, more than two persons lift: replace the top few centimetres instead.
      call.underwatered = It is short of water, and its roots are not the reason. Water it properly before judging the pot.
      call.underwateredByRecord = On record it gets far less than a plant of this size drinks. Probe it, and water it properly before judging the pot.
      call.unstable = It tips, and nothing says that it needs more root room: a heavier pot or a wider foot of the same inside size. A larger pot would stay wet and stand no better.

      # What a hold waits for
      because.arrived = It has only just arrived: the journey was strain enough for now.
      because.bud = It is in bud and would drop its buds if it were disturbed.
      because.flower = It is in flower and would lose its bloom.
      because.heat = In this heat or dry air it cannot spare a root.
      because.newRoots = Its new roots are long and brittle and would snap.
      because.pests = It has pests, and a repot would weaken and spread them.
      because.pruned = Its top was cut and the cuts are still open.
      because.rest = It is at rest: its roots do not mend now.
      because.season = Roots grow slowly at this time of its year.

      # Holds, and what lifts them
      hold.arrived = When it has settled in its new light.
      hold.bud = When flowering is over: this species drops its buds when disturbed.
      hold.budAdvice = Better after flowering.
      hold.flower = When the flowers are over.
      hold.heat = When the heat or the very dry air is over.
      hold.newRoots = When the new roots have hardened; they snap now.
      hold.pests = When two checks in a row find no living pests.
      hold.pruned = When the cuts on top have sealed.
      hold.rest = When new growth shows.
      hold.restSeason = When it wakes with the longer days; new growth shows it.
      hold.season = When its window opens with the longer days.

      # Until it can be done
      interim.apart = Keep it apart from other plants until two checks found it free of pests.
      interim.brighter = Move it nearer to the window in steps of a week, and water less while it stands dark.
      interim.collarDry = Let the surface dry before you water again.
      interim.cover = Do not water again until the surface has dried.
      interim.drier = Let it dry a step further than usual between waterings.
      interim.dryRest = Keep it dry and as bright as you can until it grows; a little shrivelling is normal.
      interim.feed = Feed at the label's dose for pots, on moist medium, in the growing season.
      interim.findOut = Water only by probe until the cause is known, and change nothing else.
      interim.isolate = Stand it apart from other plants, and share no saucer.
      interim.littleWater = Water only when dry well down, and never more than a tenth of the pot's volume.
      interim.noFeed = No feed until it has been rinsed and grows again.
      interim.noWater = Do not water until it is on the bench.
      interim.noWaterDown = Do not water until it stands in the smaller pot.
      interim.over = Water only when the medium is dry two finger joints down; pour away what stands underneath.
      interim.overPotted = Water only round the stem, less each time, and give it the brightest place it takes.
      interim.rest = Keep it barely moist and cool, without feed, until it grows again.
      interim.secure = Until then stand it in a heavy cover pot or against a wall, away from where people pass.
      interim.soak = Until then soak it at each watering, and water as often as the ball asks for it.
      interim.still = Water it by probe: with fewer leaves it drinks less than before.
      interim.stopWater = Do not water until the roots were looked at.
      interim.suspected = Until then water it through slowly, in two pours ten minutes apart.
      interim.tape = Hold the pieces together with tape or a strap until then.
      interim.under = Soak it through in two pours ten minutes apart, then keep to its interval.
      interim.waterAsNow = Until then keep watering as now; feed lightly.
      interim.waterUnfed = Until then keep watering as now, without feed.
      interim.wiltsTwice = If it wilts more than twice a week in spite of soaking, slip it into the next pot with the ball untouched.

      # What else could be done
      alt.afterCare = If it is still tight once the care is right.
      alt.also = After that: {}
      alt.brokenTight = If its roots circle when the shards come off.
      alt.caught = If the ball turns out to come out whole after all.
      alt.divide = If two plants are wanted rather than one larger.
      alt.fixedSpot = If the spot takes no larger pot: start a young plant for it.
      alt.fixedSpotRetire = If the spot takes no larger pot: replace it.
      alt.grow = If it may grow and the spot has room.
      alt.hoist = If a hoist or a dolly crew is on hand.
      alt.keep = If it is to stay this size.
      alt.keepBoth = If pot and ball are both to stay: replace the top few centimetres and feed.
      alt.nearHeight = It is nearly as tall as its kind usually gets: if it is to stay so.
      alt.notWorth = If it is not worth the bench time.
      alt.oldLevel = If its base is not to be shown.
      alt.pests = If waxy insects sit on the roots or under the neck.
      alt.pestsRetire = If they come back and endanger its neighbours.
      alt.propagate = If hardly any firm root is left when the ball is cleaned.
      alt.raise = If its base is to be shown.
      alt.retire = If hardly any firm root is left.
      alt.rotBeneath = If the roots turn out to be mushy.
      alt.rotten = If more than a tenth of the roots is rotten.
      alt.rules = If the rules are to decide after all.
      alt.slip = If a slip check shows clearly circling roots.
      alt.slipCrowded = If the slip check shows circling roots.
      alt.stillWet = If it is still wet in three weeks and its ball is under a third of the pot.
      alt.unstableCrowded = If a slip check shows that it is crowded.

      # To be done along the way
      also.collar = Take medium and mulch away from the stem until the flare or graft is clear.
      also.cover = Empty the cover pot now, and after each watering pour away what has run through.
      also.feed = Feed it at the label's dose for pots, on moist medium, never on dry roots.
      also.girdling = Cut the roots that strangle the base of the stem.
      also.leach = Scrape off the crust and rinse three pot volumes of water through.
      also.pests = Isolate it and treat the pests; wash or wipe first, products only by their label.
      also.retie = Replace rigid ties with stretch ties.
      also.rewet = Soak it through at the next watering: two pours ten minutes apart, or stand it in water, and press a gap at the wall shut.
      also.suckers = Remove suckers where they leave the rootstock.
      also.takeOut = Take out what is dead or does not belong there; the pot is for what lives.
      also.topUp = Top up the medium to the old line, not higher on the stem.
      also.upright = Put it upright, and tie or stake it; see whether it leans to the light.

      # What to look at next
      look.absent = If it is not there, the call becomes: {}{}.
      look.both = Seen, the call becomes: {}. Looked for and not there: {}.
      look.present = If it is there, the call becomes: {}{}.
      look.slip = Only the roots can settle this.
      look.slipDue = It has been in this pot for longer than its kind usually is; only the roots can tell.
      look.slipSuspected = What was seen points to a full pot, and nobody has seen the roots.
      look.wetOrDry = Wet or dry comes first: it tells most of the causes apart.

      # Why it is not slipped out
      slip.brittleInBud = Its roots are brittle and it is in bud: slipping it out now would cost the buds. Wait until it has flowered.
      slip.caught = This pot's mouth is narrower than the ball: it does not come out whole. Leave it, and read the surface and the holes instead.
      """;

  private CallSentences() {}
}
