package happysaucer.core.unit;

/** What is said of the weeks after a repot: what is normal, what alarms, and what then to do. */
final class RecoverySentences {
  static final String TABLE =
      """
      # What a step looks like when it goes well, and when it does not
      telling.water.normal = It droops a little for a few days, and the top dries before the middle.
      telling.water.alarming = It hangs while the pot is heavy and wet.
      telling.water.then = No more water. Out of the sun, and tell us the same day.
      telling.dry.normal = It softens a little: that is meant, and not thirst.
      telling.dry.alarming = Its base turns soft or glassy, or it hangs although nobody watered.
      telling.dry.then = Do not pour to save it. Tell us the same day.
      telling.probe.normal = Dry at the top, damp in the old ball.
      telling.probe.alarming = Still wet down to the base a week after its day, or the ball stands loose and dry at the wall.
      telling.probe.then = Wet: wait, and tell us. Dry: water the old ball slowly, twice, half an hour apart.
      telling.light.normal = One or two old leaves fade.
      telling.light.alarming = Bleached or brown patches on the side of the window.
      telling.light.then = Move it a step back from the window, and leave the leaves on.
      telling.feed.normal = New leaves a little paler for some weeks.
      telling.feed.alarming = A white crust, or edges that burn.
      telling.feed.then = No feed at all; rinse it through once with plain water, and tell us.
      telling.follow.normal = It stands firm, no gap at the wall, no more than a few lower leaves gone.
      telling.follow.alarming = It wilts while wet, smells sour, is still wet after its days, or leans.
      telling.follow.then = Log it as a check: what to do now is worked out anew, with the repot in view.
      telling.topUp.normal = Fresh medium sinks by a finger's breadth.
      telling.topUp.alarming = The ball stands above its new medium, or roots lie bare.
      telling.topUp.then = Fill to the old line and no higher; press it lightly at the wall.
      telling.bloom.normal = Buds that fall by themselves.
      telling.bloom.alarming = A stalk that rots at its foot.
      telling.bloom.then = Cut it clean with a disinfected blade.
      telling.watch.normal = A dull leaf or two.
      telling.watch.alarming = It wilts while wet, smells sour, leans, or is still wet well after its day.
      telling.watch.then = No water until somebody has looked. Tell us.

      # What was done, for whoever waters
      card.done.BREAK_OUT = It was taken out of its narrow pot and potted afresh.
      card.done.DIVIDE = It was parted, and this is one of the pieces.
      card.done.DRAINAGE_RESCUE = It was moved to a pot with holes.
      card.done.FIX_CARE_FIRST = Its care was put right.
      card.done.HEAVIER_POT = It was set into a heavier pot of the same size, so that it stands.
      card.done.LEAVE = It was left as it is.
      card.done.PEST_CLEAN = Its roots were washed clean of pests and it was potted afresh.
      card.done.POT_DOWN = It was moved to a smaller pot that its roots can dry.
      card.done.POT_UP = It was moved to a larger pot with fresh medium round its old ball.
      card.done.PROPAGATE = Cuttings were taken from it.
      card.done.RAISE_OR_SHALLOW = It was replanted with its base a little higher.
      card.done.REFRESH = It went back into its pot with fresh medium.
      card.done.REPLACE_POT = Its broken pot was replaced.
      card.done.RETIRE = It has left care.
      card.done.ROOT_PRUNE_SAME_POT = Its roots were cut back and it returned to its pot with fresh medium.
      card.done.ROT_RESCUE = Rotten roots were cut away and it was potted afresh.
      card.done.TOP_DRESS = The top of its medium was renewed.
      card.done.WATCH = It was looked at and left as it is.

      # Why a plant is watched
      recovery.sign.STEM_SOFT_AT_BASE = Its stem was soft at the base on {}.
      recovery.sign.ROOTS_ROTTEN = Rotten roots were seen on {}.
      recovery.sign.SOUR_SMELL = It smelled sour on {}.
      recovery.sign.WILTS_WHEN_WET = It wilted while wet on {}.
      recovery.sign.STAYS_WET = It was still wet on {}.
      recovery.sign.TOPPLES = It toppled, seen on {}.
      recovery.sign.LEANS = It leaned on {}.
      recovery.sign.LOOSE_IN_POT = It stood loose in its pot on {}.
      recovery.sign.WILTS_SOON_AFTER_WATERING = It wilted soon after watering, seen on {}.
      recovery.sign.SHRIVELLED = It was shrivelled on {}.
      recovery.sign.LOWER_LEAVES_SHED = It had shed lower leaves by {}.
      recovery.sign.LEAVES_YELLOWING = Leaves yellowed, seen on {}.
      recovery.sign.STRESS_COLOUR = It showed a colour of stress on {}.
      recovery.sign.DRIES_TOO_FAST = It dried faster than it should, seen on {}.
      recovery.sign.ROOT_PESTS = Pests sat on its roots on {}.
      recovery.sign.SPIDER_MITES = It had spider mites on {}.
      recovery.sign.MEALYBUG = It had mealybug on {}.
      recovery.sign.SCALE = It had scale on {}.
      recovery.sign.FUNGUS_GNATS = Fungus gnats flew up on {}.
      recovery.sign.GROWTH_STALLED = It had not begun to grow by {}.
      recovery.report = Whoever looks after it says that something is wrong.
      recovery.missed = A look was due by {} and nobody has been.
      recovery.waterUnknown = No watering is on record since its first was due on {}: ask who waters.
      recovery.wetTooSoon = It was watered on {}, though it was to stay dry until {}.
      recovery.tooDry = Watered {} days ago, where the plan says every {} days.
      recovery.tooOften = Watered again after {} days, where the plan says {}.
      recovery.wetter = It was wetter on {} than it should have been.
      recovery.drier = It was drier on {} than it should have been.
      recovery.deep = Much was done to its roots.
      recovery.outOfSeason = It was done outside its season: it takes more slowly.
      recovery.kind = Of its kind {} of {} took badly with this team.

      # What to do now
      rescue.rot = No water. Slide the ball out at once and look: cut what is brown, soft or smells, and set it back into the same pot or a smaller one, barely moist, warm, out of the sun. Sound roots go straight back in.
      rescue.sour = No water. Slide the ball out today or tomorrow and look, before anything else is done: sound roots go straight back in with air under the pot; only rotten ones are cut.
      rescue.wiltsHealing = It is not to be repotted again for this: fewer roots cannot drink as much yet. No water, out of sun and draught, damp air round its leaves.
      rescue.wilts = No water. Lift it and probe the old ball. Heavy and wet: slide it out and look at the roots before anything else. Light, with only the fresh medium wet: water the old ball slowly.
      rescue.wet = No water until the old ball is dry to the second finger joint. Empty the cover pot, let air under the pot, give it the brightest place its kind likes. If it is still wet after another week, slide it out and look.
      rescue.leans = Do not lift it out. Press the fresh medium lightly at the wall and tie it to a stake with a soft tie: its roots hold in four to six weeks.
      rescue.dryBall = The old ball is dry while the medium round it is wet. Water slowly on the ball, twice, half an hour apart, and probe there from now on.
      rescue.shrivelledWaits = That is meant: it lives off its leaves while its roots heal. No water before {}; look again two weeks after that.
      rescue.shrivelled = It has had water for two weeks and does not fill: slide it out and look for lost roots and for pests under the neck. Do not water more.
      rescue.pests = Set it apart, and wash or wipe them off first. Treat only as the label and local rules allow, never on cut roots, and keep to its plan of water.
      rescue.gnats = Let the top dry between waterings, and put up yellow traps. The roots are left alone.
      rescue.leaves = A few old leaves are the price of new roots. Probe the old ball, not the edge, keep to its plan, and take no more roots.
      """;

  private RecoverySentences() {}
}
