package happysaucer.core.unit;

/** What is said of the evidence for and against the findings. */
final class FindingSentences {
  static final String TABLE =
      """
      # Signs that are there: why they speak for or against a finding
      present.COLLAR_RISK.STEM_BURIED_OR_MULCHED = Wet medium lies against the stem.
      present.COLLAR_RISK.SUCKERS_BELOW_GRAFT = Shoots from below suggest that the graft lies low or buried.
      present.CROWDED.BALL_PUSHED_UP = Swelling roots have lifted the ball.
      present.CROWDED.BALL_SOLID = The ball is one hard piece.
      present.CROWDED.CORE_DRY = Water runs round a dense core.
      present.CROWDED.DRIES_TOO_FAST = Roots have taken the place of the medium that held its water.
      present.CROWDED.FLOWERS_INSTEAD_OF_GROWTH = Tight roots push bloom.
      present.CROWDED.GROWTH_STALLED = Growth stops when roots cannot.
      present.CROWDED.HEFT_LIGHT = Light soon after watering: little medium is left to hold water.
      present.CROWDED.LITTLE_MEDIUM_LEFT = There is hardly any medium between the roots.
      present.CROWDED.LOOSE_IN_POT = A ball that rocks has not rooted to the wall.
      present.CROWDED.LOWER_LEAVES_SHED = A plant short of root room drops its old leaves first.
      present.CROWDED.MEDIUM_FALLS_AWAY = Medium that falls away has not been rooted through.
      present.CROWDED.POT_DEFORMED = Only a packed ball presses a pot out of shape.
      present.CROWDED.PUPS_FILL_POT = Offsets have used up the surface.
      present.CROWDED.ROOTS_AT_SURFACE = Feeding roots come up when they find no room below.
      present.CROWDED.ROOTS_CIRCLING = Roots run round the wall for want of room.
      present.CROWDED.ROOTS_FROM_DRAIN_HOLES = Roots that have run out of room leave by the holes.
      present.CROWDED.SURFACE_HARD = A surface too hard for a finger is mostly roots.
      present.CROWDED.TOP_HEAVY = The top has outgrown the pot.
      present.CROWDED.WATER_POOLS = A ball full of roots lets water in slowly.
      present.CROWDED.WATER_RUNS_THROUGH = A packed ball sheds water along the wall.
      present.CROWDED.WILTS_SOON_AFTER_WATERING = The ball is used up within days.
      present.NO_DRAINAGE.NO_DRAIN_HOLES = The pot that holds the roots has no holes.
      present.NUTRIENT_SHORTAGE.GROWTH_STALLED = Growth stops without food.
      present.NUTRIENT_SHORTAGE.LEAVES_YELLOWING = Yellowing can be hunger.
      present.NUTRIENT_SHORTAGE.WHOLE_PLANT_PALE = All leaves are pale.
      present.OVERWATERED.FUNGUS_GNATS = Gnats breed where the top never dries.
      present.OVERWATERED.HEFT_HEAVY = Heavy for its size days after watering.
      present.OVERWATERED.HEFT_LIGHT = It is light.
      present.OVERWATERED.LEAVES_YELLOWING = Yellow leaves can come from wet feet.
      present.OVERWATERED.SOUR_SMELL = Airless medium smells sour.
      present.OVERWATERED.STAYS_WET = Still wet days after watering.
      present.OVERWATERED.SURFACE_MOULD_OR_FUNGI = Mould grows where the top stays wet.
      present.OVERWATERED.WATER_IN_COVER_POT = Water stands under the grow pot.
      present.OVERWATERED.WILTS_WHEN_WET = Limp over wet medium.
      present.OVER_POTTED.HEFT_HEAVY = Heavy days after watering.
      present.OVER_POTTED.LOOSE_IN_POT = The roots have not reached the wall.
      present.OVER_POTTED.MEDIUM_FALLS_AWAY = Much of the medium holds no roots.
      present.OVER_POTTED.STAYS_WET = Medium without roots stays wet.
      present.ROOT_PESTS.ROOT_PESTS = Waxy insects were seen on the roots.
      present.ROOT_PESTS.SHRIVELLED = Root pests drain a plant that is watered.
      present.ROOT_PESTS.STRESS_COLOUR = Colour without sun points to the roots.
      present.ROT.FRESH_ROOT_TIPS = Living roots are growing new tips.
      present.ROT.HEFT_HEAVY = Heavy days after watering.
      present.ROT.LEAVES_YELLOWING = Yellow leaves can come from dying roots.
      present.ROT.LOOSE_IN_POT = Roots that held it may be gone.
      present.ROT.MEDIUM_BROKEN_DOWN = Decayed medium holds no air.
      present.ROT.ROOTS_HEALTHY = The roots are firm and pale.
      present.ROT.ROOTS_ROTTEN = Rotten roots were seen.
      present.ROT.SHRIVELLED = Watered for weeks and still shrivelled: roots are lost.
      present.ROT.SOUR_SMELL = Sour smell comes from airless decay.
      present.ROT.STAYS_WET = Dead roots leave the water standing.
      present.ROT.STEMS_SOME_DEAD = One of its stems has died from below.
      present.ROT.STEM_SOFT_AT_BASE = A stem soft at its base is rotting.
      present.ROT.STRESS_COLOUR = Colour without sun points to the roots.
      present.ROT.WATER_IN_COVER_POT = Roots below stand in water.
      present.ROT.WILTS_WHEN_WET = Dead roots cannot drink from wet medium.
      present.SALT_BUILD_UP.LEAF_TIPS_BROWN = Salts burn the tips.
      present.SALT_BUILD_UP.SALT_CRUST = White crust is dried feed or hard water.
      present.SPENT_MEDIUM.CORE_DRY = Old peat has dried out and sheds water.
      present.SPENT_MEDIUM.MEDIUM_BROKEN_DOWN = The structure is gone.
      present.SPENT_MEDIUM.MEDIUM_SHRUNK_FROM_WALL = Old medium shrinks and repels water.
      present.SPENT_MEDIUM.MEDIUM_SUNK = Medium sinks as it rots down.
      present.SPENT_MEDIUM.RUNOFF_MUDDY = The grains are breaking down.
      present.SPENT_MEDIUM.SALT_CRUST = Years of salts sit in the medium.
      present.SPENT_MEDIUM.SURFACE_HARD = The structure has collapsed to a crust.
      present.SPENT_MEDIUM.WATER_POOLS = Fines have closed the pores.
      present.SPENT_MEDIUM.WATER_RUNS_THROUGH = The medium no longer takes up water.
      present.SPENT_MEDIUM.WHOLE_PLANT_PALE = The medium no longer holds nutrients.
      present.UNDERWATERED.CORE_DRY = The core is dry.
      present.UNDERWATERED.HEFT_HEAVY = It is heavy.
      present.UNDERWATERED.HEFT_LIGHT = Light when lifted.
      present.UNDERWATERED.LEAF_TIPS_BROWN = Brown tips can come from drought.
      present.UNDERWATERED.MEDIUM_SHRUNK_FROM_WALL = Dry medium shrinks from the wall.
      present.UNDERWATERED.STAYS_WET = It stays wet for days.
      present.UNDERWATERED.WILTS_SOON_AFTER_WATERING = It may simply get too little.
      present.UNSTABLE.LEANS = It leans.
      present.UNSTABLE.LOOSE_IN_POT = The ball moves in the pot.
      present.UNSTABLE.TOPPLES = It has toppled or a nudge tips it.
      present.UNSTABLE.TOP_HEAVY = The top is too much for the foot.

      # Signs looked for and not there: why that speaks for or against a finding
      absent.COLLAR_RISK.STEM_BURIED_OR_MULCHED = The stem stands clear.
      absent.CROWDED.BALL_SOLID = The ball is still loose.
      absent.CROWDED.DRIES_TOO_FAST = It keeps its water as long as it should.
      absent.CROWDED.LITTLE_MEDIUM_LEFT = There is medium left between the roots.
      absent.CROWDED.MEDIUM_FALLS_AWAY = The medium is held by roots.
      absent.CROWDED.ROOTS_AT_SURFACE = No feeding roots lie bare.
      absent.CROWDED.ROOTS_CIRCLING = Out of the pot there was no circling.
      absent.CROWDED.ROOTS_FROM_DRAIN_HOLES = No roots have found the holes.
      absent.CROWDED.SURFACE_HARD = The surface gives: roots have not filled it.
      absent.CROWDED.WATER_POOLS = Water soaks in at once.
      absent.NO_DRAINAGE.NO_DRAIN_HOLES = The pot has holes.
      absent.NUTRIENT_SHORTAGE.WHOLE_PLANT_PALE = The leaves are well coloured.
      absent.OVERWATERED.STAYS_WET = It dries as it should.
      absent.OVERWATERED.WATER_IN_COVER_POT = No water stands underneath.
      absent.OVER_POTTED.STAYS_WET = It dries as it should.
      absent.ROOT_PESTS.ROOT_PESTS = The roots were looked at and are clean.
      absent.ROOT_PESTS.SHRIVELLED = It is plump.
      absent.ROT.ROOTS_ROTTEN = No rotten roots were seen.
      absent.ROT.SOUR_SMELL = It smells clean.
      absent.ROT.STEM_SOFT_AT_BASE = The base is firm.
      absent.SALT_BUILD_UP.SALT_CRUST = There is no crust.
      absent.SPENT_MEDIUM.MEDIUM_BROKEN_DOWN = The structure is sound.
      absent.SPENT_MEDIUM.SURFACE_HARD = The surface is still open.
      absent.SPENT_MEDIUM.WATER_POOLS = The pores are open.
      absent.SPENT_MEDIUM.WATER_RUNS_THROUGH = It still takes up and holds water.
      absent.UNSTABLE.LEANS = It stands upright.
      absent.UNSTABLE.TOPPLES = A nudge does not tip it.
      absent.UNSTABLE.TOP_HEAVY = The top sits well on its foot.

      # Why a weight was changed
      weight.afterRest = In and just after a dry rest the first waterings always run through.
      weight.driesAsExpected = A pot of this size is expected to dry about this fast in this light and season.
      weight.dryRest = It is in its dry rest: light and dry is how it should be.
      weight.fedAndPale = It is pale although it is fed: the medium may no longer hold nutrients, or the roots no longer take them.
      weight.fedNotHungry = It is fed, so more feed is not what it lacks.
      weight.leafFall = A plant at rest sheds leaves: that is its season, not its pot.
      weight.littleMedium = Hardly any medium is left, so what falls away says nothing: it is mostly roots.
      weight.looseMedium = The medium fell away from the roots, so it is not rooted through whatever this looks like.
      weight.manyLeaves = Many leaves fall below while it grows above: its roots no longer feed both.
      weight.moreSun = It was moved to other light, and that colours it.
      weight.mould = Mould on the surface is harmless in itself.
      weight.moved = It was moved to other light in the last four weeks, and that costs leaves.
      weight.movedLight = It stands in other light than before, and that alone can stop growth.
      weight.mud = Only granular clay breaks down to mud; out of other media fines wash at any time.
      weight.neckRots = The neck of this species rots when it is buried.
      weight.noGrowth = Nothing grows in rest or in the dark months, so stalled growth means nothing now.
      weight.oldLeaves = One or two old leaves between checks are normal.
      weight.openMix = Bark and mineral mixes keep only 5 to 15 % of a pour anyway.
      weight.otherPlace = It was seen in another place, and what is not there in this one does not undo that.
      weight.paleUnfed = It is pale and is not being fed: that is hunger.
      weight.reservoir = It grows over a reservoir: water below is meant to be there.
      weight.retains = It keeps a tenth or more of the pour: the medium still holds.
      weight.seekWater = Roots of this kind, or over standing water, look for the holes early; a slip check would tell.
      weight.shrivelled = Shrivelling is normal in a dry rest and for two weeks after watering resumes.
      weight.shrivelledUnknown = Nobody said for how many weeks it has been watered again, so this counts half.
      weight.snug = This species likes to be snug: a few circling roots are its normal state.
      weight.snugFlowers = This species flowers when it is snug: that is how it should be.
      weight.soaksIn = The second pour soaked in within a minute: that is no pooling.
      weight.stemRots = The stem rots at its base, and sound roots do not speak for the stem.
      weight.surfaceRoots = Roots at the surface are normal in this species.
      weight.thirst = It gets too little water, so this is thirst and says nothing of its roots.
      weight.unfed = It is not being fed: feed first, before blaming the medium.
      weight.wetAsExpected = A pot of this size is expected to stay moist about this long in this light and season.
      weight.wetLong = That is far longer than such a pot should stay wet.
      weight.wetRest = It should be dry in its rest, and a wet pot rots it first.

      # Causes of lost leaves
      loss.dark = It is a kind of brighter places and stands two steps darker than it likes.
      loss.dry = Many leaves fall from a pot that is light.
      loss.leaves = Many leaves have fallen, and nothing seen so far says why.
      loss.pale = All its leaves are pale, and nothing seen so far says why.
      loss.rot = Many leaves fall from a pot that smells or wilts wet.
      loss.wet = Many leaves fall from a pot that stays wet.

      # Evidence
      evidence.setAside = {} set it aside: {}

      # What the plant, its pot and its age tell before anybody looks
      prior.crowded = Last repotted {} months ago; its kind usually takes {} to {} months.
      prior.largeBall = The ball is {} of what the pot holds, so little medium is without roots.
      prior.smallBall = The ball is only {} of what the pot holds.
      prior.spent = The medium is {} months old; this mix lasts about {} months.
      prior.stands = By its weights it takes a sideways push of about {} to tip it.
      prior.tips = By its weights a sideways push of about {} at mid height tips it; here it should stand {}.

      # What its waterings on record tell
      record.driesAsBefore = On record it dries about as slowly as after the last repot.
      record.driesFast = On record it now wants water in {} of the time it did after the last repot, day length allowed for.
      record.driesFaster = On record it dries in {} of the time it did after the last repot.
      record.runsPast = On record it gets about {} times what it can drink, and yet it is dry: most of it runs past the roots.
      record.tooLittle = On record it gets about {} of what a plant of this size drinks here.
      record.tooMuch = On record it gets about {} times what a plant of this size can drink here: it stands too wet, or much of it runs through.

      # What somebody said
      told.over = Whoever waters says it gets too much.
      told.under = Whoever waters says it gets too little.

      # From check to check
      trend.LEANS = From check to check it leans further: {}, then {} degrees.
      trend.LOWER_LEAVES_SHED = From check to check it sheds more leaves: {}, then {}.
      trend.WATER_POOLS = From check to check water takes longer to soak in: {}, then {} seconds.
      trend.WATER_RUNS_THROUGH = From check to check it keeps less of a pour: a share of {}, then {}.
      trend.height = It has grown by {} since the last repot, and its roots with it.
      """;

  private FindingSentences() {}
}
