package happysaucer.core.unit;

/** What is said of the bench sheet, its feed and the cautions. */
final class BenchSentences {
  static final String TABLE =
      """
      # The bench sheet
      step.aerialIn = Guide aerial roots that reach down into the fresh medium; bend none that crack.
      step.aerialShort = Shorten a few aerial roots, a few at a time, never all.
      step.after = Label it with date and mix, clean up, and give the card to whoever waters.
      step.airHours = Let the cuts of its thick roots air for a few hours, a day at most.
      step.backBulbs = Take off spent canes and back bulbs without leaves or live roots, and hollow roots; stained but firm roots stay.
      step.ballast = A sideways push of about {} tips it then. To stand {} it wants about {} of ballast low in a cover pot, or a foot of about {}; a stake helps the stem, not the pot.
      step.base = Put in a base layer of {}, about {} of the mix.
      step.baseCoarse = The coarse layer is its base: no mix goes beneath.
      step.baseThin = Put in a base layer of {}.
      step.breakOut = As agreed with the owner: to keep the plant, break the pot away piece by piece; to keep the pot, cut round the ball with a long knife and take it out smaller.
      step.breakPot = The owner keeps the plant: score the pot, cover it with a cloth and break it away piece by piece, with goggles and gloves.
      step.callus = Let the cuts dry in shade and air for {} days before they meet moist medium.
      step.canopy = Take about {} of the canopy to match: dead and broken first, then inward and crossing shoots.
      step.clear = Graft and root flare stay clear of the medium.
      step.coarse = Lay {} of coarse material, about {}. It lifts the wet zone by as much.
      step.collar = Lay a collar of grit round the neck, {} wide and {} deep, about {}; the neck rots when wet.
      step.comb = Comb the roots out from the trunk with a root rake, sides first, then beneath.
      step.companions = Take self-sown companions out with their roots.
      step.cone = Set it on a cone of mix, turn its front and its angle as they were agreed, and tie the wires over the ball.
      step.cut = Slice {} off the base and shave {} off the sides: {} of the ball, likely {} of the roots, within the limit of {}.
      step.cutRot = Wash off the old medium and cut back to firm tissue, about {} of the roots; disinfect the blade between cuts.
      step.cuttings = Good prunings can be struck: record them as cuttings of this plant.
      step.deadStem = Take the dead stem out with its roots, and size the pot to what lives.
      step.divide = Part the clump by hand, or with a clean saw through the middle; each piece keeps roots and a growing point. The numbers here are for one of {} pieces.
      step.dry = Let the ball dry: it comes to the bench dry.
      step.dust = Dust the cuts with charcoal or sulphur, as the label allows.
      step.feed = Mix {} of slow-release feed into the fresh medium.
      step.fill = Fill round the ball with {}: with the base layer that is {} of {}, from {}. In lifts, turning; work it into the gaps with the stick, tamp lightly.
      step.filler = Fill the floor with {} of expanded clay, {} deep; the reservoir's mark is at {}.
      step.floor = Ask the building for the floor's rated load before this much stands on it.
      step.frost = It stands outdoors: no frost and no beating rain on it for the first weeks.
      step.girdling = Cut the roots that strangle the base of the stem.
      step.handful = A handful of mix closes what gaps there are; the ball needs no more.
      step.hollowRoots = Take off hollow and papery roots; stained but firm roots stay.
      step.inspect = Look at the roots and record what you find: circling, rot, loose medium, pests. It may change the plan.
      step.keepPot = The owner keeps the pot: cut round inside the wall with a long knife until the ball passes the mouth of {}, and lift it out.
      step.leaveBall = Leave the ball whole; handle it by the medium.
      step.mesh = Lay mesh or a shard over the holes.
      step.mineral = Finish with {} of grit, about {}, clear of the stem.
      step.mix = Have {} of {} ready: {} of room in the pot, and a tenth each for settling and packing.
      step.moist = Water it one or two days before, so that the ball holds together.
      step.moisten = Moisten with {} only: barely moist is right.
      step.moss = Lay moss on the surface to keep it moist and in place.
      step.mostOff = Take off nearly all of the old medium; expect a slower start.
      step.newStake = Where there is no firm stake, set one of {} beside the ball before filling, {} of it in the pot down to the floor; ties at {} and {} over the medium.
      step.notGenerous = The generous step is for large strong trees from {} in their season; here the small step was used.
      step.openBase = Open the base of the ball; leave thick roots whole.
      step.out = Run a knife along the wall and slide the ball out by the stem base; never pull on leaves.
      step.outSoft = Squeeze the pot, tap it, and slide the ball out by the stem base; never pull on leaves.
      step.outerOff = Shake off the outer medium that is loose; leave what the roots hold.
      step.plug = Cut the nursery net in the core open and pull out what comes without tearing roots.
      step.pot = Take the pot of {} inside width and {} depth.
      step.putBack = Put it back as it was.
      step.renew = To open the old mix again it would need {} of grit worked in where roots allow.
      step.samePot = Scrub the same pot, {} wide and {} deep.
      step.score = Score the sides a finger's breadth deep in four places and open the base.
      step.second = Have a second person: it weighs about {} wet and is {} tall. One holds the stem base, one the pot.
      step.set = Set the ball at its old soil line, {} under the rim. Look from two sides: upright, best side to the front.
      step.setRaised = Set the ball so that its old soil line stands {} above the new one, and wash the base clear. Fill to {} under the rim.
      step.shards = Lift the shards away from the ball with gloves; do not pull the plant.
      step.shave = Shave {} off the sides: {} of the ball, likely {} of the roots, within the limit of {}.
      step.slice = Slice {} off the base: {} of the ball, likely {} of the roots, within the limit of {}.
      step.soak = Soak the ball for 15 to 20 minutes so that the roots bend.
      step.spread = Fill with {} of {}: {}. Spread it evenly, clear of the stem, and tamp lightly.
      step.stake = Firm stakes stay in the ball; rigid ties come off and stretch ties go on.
      step.takeOff = Take off the top {} with a hand fork, about {}; spare the thick roots.
      step.tarp = Lay out the tarp and buckets; the pot stays where it stands.
      step.tease = Tease the outside of the ball loose with your fingers.
      step.tools.bare.damp = Lay out the tarp, clean blades, mesh and a stick; damp the mix.
      step.tools.bare.dry = Lay out the tarp, clean blades, mesh and a stick; leave the mix dry.
      step.tools.gloves.damp = Lay out the tarp, gloves, clean blades, mesh and a stick; damp the mix.
      step.tools.gloves.dry = Lay out the tarp, gloves, clean blades, mesh and a stick; leave the mix dry.
      step.trim = The ball is {} too tall for this pot: loosen its base and take so much off.
      step.unrepotted = {* }
      step.washPests = Wash every grain of medium off the roots with lukewarm water, look under the neck, and treat as the label says.
      step.waterAgainst = The method waters at once; cut roots of this kind rot in moist medium, so it would be safer to wait {} days.
      step.waterIn = Water in all round with {} until it runs through; let it drain.
      step.waterLater = Do not water now. First water on {}: {}.
      step.wetOff = Take off the wet medium that holds no roots, down to the ball.
      step.wires = Pass {} wires of {} up through the wire holes before any medium goes in.
      step.wiresByDrain = Pass {} wires of {} up through the drain holes before any medium goes in; the pot has none of its own for them.
      step.wiresOff = Cut the wires under the holes, free the edge with a sickle, and lift the ball by the trunk base.

      # Feed
      feed.bare = No feed for five weeks after washing the roots bare: they have to take hold first.
      feed.cut = No feed for five weeks after cutting roots: it burns the cuts.
      feed.down = No feed for five weeks: its roots have to fill the smaller pot first.
      feed.drinks = No feed until it has been watered again for two weeks.
      feed.inMix = The mix comes with feed.
      feed.little = Too little fresh medium goes in to be worth feeding.
      feed.method = The method holds feed for five weeks after a repot.
      feed.noPot = Feed is settled once there is a pot.
      feed.rest = No feed while it rests; the first when it grows.
      feed.rot = No feed for seven weeks after rot: new roots come first.
      feed.slow = Slow-release feed mixed into the fresh medium, away from the stem; the label's dose for pots goes first.

      # Cautions
      caution.bagAndWash = Bag the roots and old medium you take off, not on compost, scrub the pot, and wash hands: potting mixes can carry bacteria that harm lungs.
      caution.bagsAndHands = Open bags away from your face and wash hands after work: potting mixes can carry bacteria that harm lungs.
      caution.blades = Cut away from yourself, with gloves; disinfect blades between plants.
      caution.cutRoots = No soluble feed on cut roots.
      caution.drilling = If you make holes rather than change the pot: goggles, slow and wet, never in cracked glaze.
      caution.dust = Damp the mix before pouring, outdoors or masked; its dry dust harms lungs.
      caution.egress = Keep exits, corridors and fire escapes free while you work and when it is back.
      caution.electrical = Water and current: look for sockets, floor boxes and lighting strips before you pour; a wet tarp is slippery.
      caution.feedDose = Feed at the dose for containers only; a label's dose for open ground burns roots in a pot.
      caution.fibreCement = Old fibre cement can hold asbestos: never drill, saw or break it. That is work for specialists.
      caution.foodCrop = Its fruit or leaves may be eaten: no product unless its label names this crop, and keep the waiting time.
      caution.hoist = It weighs about {} wet, over the {} two persons should lift: use a dolly or hoist. Local rules go first.
      caution.liftByTwo = It weighs about {} wet, over the {} one person should lift: use two persons or a dolly. Local rules go first.
      caution.liftFromTheFloor = It weighs about {} wet: lift from the floor or on stairs only with two. Local rules go first.
      caution.milk = Its milk burns skin and can blind: goggles and gloves, wash hands and blades. In an eye: rinse 15 minutes and see a doctor at once.
      caution.milkySap = Milky sap irritates skin and eyes: wear gloves, wash hands and blades. In an eye: rinse 15 minutes and see a doctor.
      caution.poisonous = Poisonous if eaten: keep from {}.
      caution.sap = Its sap irritates skin, mouth and eyes: wear gloves, wash hands and blades.
      caution.shards = Shards cut: goggles, thick gloves, and count the pieces.
      caution.spines = Spines: use tongs or a paper collar and thick gloves.
      caution.sun = No direct sun on a fresh repot.
      caution.treatment = Wash or wipe first. Products only as label and local law allow, by licensed people where the law asks, not in sun or heat, pets and people kept off; record product, dose, who and when.
      caution.treatmentByChildren = Wash or wipe first. Products only with this site's consent, as label and local law allow, by licensed people where the law asks, with children kept off; record product, dose, who and when.
      caution.twoPersons = Two persons: one holds the stem base, one the pot; a tall plant swings. Ladders only for those trained on them.
      """;

  private BenchSentences() {}
}
