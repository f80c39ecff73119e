package happysaucer.core.unit;

/** What is said of how a kind is read. */
final class SpeciesSentences {
  static final String TABLE =
      """
      # How a group is told apart by what one sees
      looks.ARALIA = Leaves like hands or cut into fingers, on green stems that turn woody.
      looks.AROID_FLOOR = Patterned or shiny leaves on stalks from the ground, from a short fleshy stem or a tuber.
      looks.AROID_LARGE = Big heart or arrow leaves, often cut or holed, on long stalks; cord-like roots from the stem.
      looks.AROID_TRAILING = Heart leaves on a thin stem that hangs or climbs, a root stub at each leaf.
      looks.BROMELIAD = A rosette that holds water in its middle, stiff leaves, a coloured flower head.
      looks.CACTUS_DESERT = Spines from small cushions on a column, a ball or pads; no leaves.
      looks.CACTUS_FOREST = Flat or notched hanging segments, few spines or none.
      looks.CAUDEX = A swollen foot half in the ground, with shoots that may be bare for a season.
      looks.CITRUS = Shiny leaves that smell of peel when rubbed, thorns, winged leaf stalks.
      looks.DRACAENA = Strap leaves in a tuft on a bare cane with rings; orange roots.
      looks.EUPHORBIA = Fleshy or spiny stems with milk that burns; never touch your eyes.
      looks.FERN = Fronds that unroll; no flowers; fine wiry roots; brown dots under old fronds.
      looks.FERN_LIKE = Feathery green with tiny needles on wiry stems; swollen white knots on the roots.
      looks.FIG = Leathery leaves on a woody stem; milky sap where one is broken; a pointed sheath at each tip.
      looks.FOLIAGE_TREE = A woody indoor tree with whole or divided leaves and no milky sap.
      looks.HERB = Soft scented leaves for the kitchen on quick green stems.
      looks.MEDITERRANEAN = Small tough leaves, woody; wants a cool bright winter.
      looks.ORCHID_EPIPHYTE = Thick leaves in a pair or a fan, silver roots that creep out into the air.
      looks.ORCHID_GROUND = Pleated or velvet leaves from the ground, fleshy roots in the mix.
      looks.PALM = Fans or feathers of leaflets, each new one a folded spear from the middle; no side shoots.
      looks.PELARGONIUM = Round, lobed, scented leaves on brittle stems that turn woody at the foot.
      looks.PEPEROMIA = Small thick leaves on short fleshy stems; flowers like mouse tails.
      looks.PRAYER = Patterned leaves, often red beneath, that fold up in the evening.
      looks.SPATHE = Lance leaves in a clump from the ground; a flower like a sail on a stalk.
      looks.STRELITZIA = Paddle leaves on long stalks in a fan or a rosette; thick fleshy roots.
      looks.SUCCULENT = Fleshy leaves in a rosette or on thick stems; clear sap.
      looks.TRAILER = Small leaves on thin woody stems that hang, or climb with small roots.
      looks.TRAINED_TREE = A small old-looking tree in a shallow tray, wired or cut to shape.
      looks.WARM_SHRUB = Soft or shiny leaves on woody twigs, with showy flowers.
      looks.WATER_TRUNK = A trunk thick at the foot or as a bottle, with a tuft of leaves on top.

      # How a kind is read
      species.aboveFirst = Watered from above until its roots reach the reservoir.
      species.aerial = Aerial roots, so roots outside the pot say little.
      species.air = Wants {} to {} of air in its medium after draining.
      species.base = Its base may be raised at each repot to show it.
      species.below = Watered from below so that its neck stays dry.
      species.bright = Likes it bright, without the midday sun.
      species.brittle = Brittle roots: never comb or pull them.
      species.budDrop = Drops its buds when disturbed: nothing is done while it buds or blooms.
      species.callus = Cut roots dry {} days before they meet moist medium.
      species.coolTree = Repot before the buds break in spring.
      species.deep = Suits a deep pot.
      species.dipped = Dipped or soaked, then left dry until roots start.
      species.direct = Likes direct sun.
      species.dryDays = {} days dry after a repot.
      species.epiphyte = Roots of a tree dweller: they want air, and old ones die in turn.
      species.fine = Fine roots that knit the ball together.
      species.fleshy = Fleshy roots that bruise: handle it by the soil.
      species.food = Parts of it are eaten: no treatment that is not meant for food.
      species.fullyDry = Water only when it is dry throughout; it stores what it needs.
      species.graft = Usually grafted: keep the graft clear and rub off suckers below it.
      species.halfDry = Water when the pot has dried half way down: its roots want air between.
      species.hardy = Bears it well when the ball is opened.
      species.harmless = Nothing that calls for a caution of its own.
      species.heavy = A hungry kind.
      species.height = Grows to about {} indoors.
      species.interval = Usually repotted every {} to {} months.
      species.irritant = Its sap irritates skin and eyes: gloves.
      species.keepMoist = Kept evenly moist until its roots have reached the wall.
      species.large = A generous step suits it: it fills a pot fast.
      species.light = Fed at half strength.
      species.limit = At most {} of the roots may go.
      species.low = Manages in low light.
      species.medium = Likes medium light.
      species.middling = It drinks about as much as its size suggests.
      species.milky = Cuts bleed milk that irritates skin and eyes: gloves, glasses.
      species.mist = Kept humid and barely moist until new roots show.
      species.moist = Water before the surface has dried: its fine roots do not forgive drought.
      species.neck = Its neck rots: never deeper than it stood, with a collar of grit.
      species.neutral = Takes some crowding, then flags.
      species.noCut = Its roots are not cut at all.
      species.none = Needs no care of its own afterwards.
      species.normal = Fed as most are.
      species.poisonous = Poisonous to {}.
      species.rescue = Nursed like a rescue: little water, no feed.
      species.reservoir = Drinks from a reservoir: fill it when the gauge is at its mark.
      species.restDry = Rests dry in the dark months; it may shrivel a little.
      species.restLeafless = Drops its leaves or dies back for a rest; that is no illness.
      species.restSlow = Slows in the dark months: less water, no feed.
      species.rhizome = Rhizomes push against the wall; old parts die in turn.
      species.room = Needs room: crowding shows at once in its growth.
      species.rootStart = Repot when new roots start: they are what takes hold.
      species.settle = Watered in at once, then left to dry to its own mark.
      species.shallow = Suits a shallow pot: its roots stay near the top.
      species.shrub = Repot as new growth starts, or after flowering.
      species.shy = Bears little disturbance: set it over with the ball whole.
      species.smallest = Give it the smallest step that fits.
      species.snug = Likes it snug: circling roots count one grade milder than elsewhere.
      species.some = Bears a loosened ball.
      species.sparing = Sparing: it empties its pot more slowly than most of its size.
      species.spines = Spines: tongs, a paper sling, thick gloves.
      species.springAutumn = It grows in spring and autumn and sits out the heat: repot then.
      species.standard = Suits a standard pot.
      species.summer = Its window is the warm half of the year, when it grows.
      species.sun = Used to sun, and burnt by it after weeks indoors: lead it back in steps.
      species.surface = Roots at the surface are normal and no sign of crowding.
      species.tap = A tap root seeks depth, so roots from the holes say little.
      species.thirsty = Thirsty: it empties its pot faster than most of its size.
      species.topDry = Water when the surface has dried.
      species.trained = Roots are cut as buds swell and at no other time of the year.
      species.tropical = Its window is the long days: roots grow while days do.
      species.usual = The usual step up suits it.
      species.waitDry = Left dry first: cut roots seal before they are wet.
      species.winter = It grows as days shorten: repot at the end of summer.
      """;

  private SpeciesSentences() {}
}
