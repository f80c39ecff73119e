package happysaucer.core.unit;

/** What is said of pots, roots and mixes. */
final class PotSentences {
  static final String TABLE =
      """
      # Limits of the roots
      limit.seen = It was seen, and what looked well elsewhere does not undo it.
      limit.unseen = Nobody has seen the roots, and nothing near them: this may be suspected, no more.

      # Work on the roots
      roots.aroundGives = the gap round it must give, or the pot by a size
      roots.edge = More than a third of the ball goes: an edge case. Stems that hang on the lost roots can die back; have it confirmed.
      roots.gapOrPot = These gaps would take {} of the ball, more than the {} it stands: {}.
      roots.none = Its roots are not cut: only the loose medium outside comes off.
      roots.notBare = Its roots do not stand being washed bare: take off only what is loose.
      roots.overLimit = The usual gaps would take {} of the ball, more than the {} it stands: the gap for fresh medium is made smaller. If more is wanted, the pot must give, by a size.
      roots.potGives = the pot must give, by a size
      roots.underGives = the gap under it must give, or the pot by a size
      roots.wishCuts = Its roots are not to be cut; {} would go.
      roots.wishOver = {} of the ball would go, more than the {} it stands: cut less, or take a larger pot.

      # How a pot is chosen
      size.dry = It likes it dry, so the step is small.
      size.generous = By the generous step: up to {} over the ball, best about {}.
      size.keeps = It is as large as it should get, so the smallest step counts most.
      size.notGenerous = The generous step is for large strong trees in their season, so the small step is taken: up to {} over the ball.
      size.outOfSeason = Out of its growing season: the smallest step that fits.
      size.roots = Sized to the roots that remain, not to the old pot.
      size.same = A pot of the same inside size as now.
      size.sameOrStep = The same inside size as now, or a step up.
      size.samePot = It goes back into its own pot.
      size.shallower = No deeper than now: its base is to show.
      size.share = By share: the ball should be about two thirds of what the pot holds, and no less than half.
      size.small = By the small step: up to {} over the ball, best about {}.
      size.top = It stays in its pot.
      size.vigorous = It grows strongly and may take the larger of two.

      # Why a pot does not pass
      fail.ballWider = The ball does not go in.
      fail.clearance = Only {} between ball and wall; medium cannot be worked in under {}.
      fail.cover = It does not go into the cover pot, {} wide inside, which stays.
      fail.deeper = It is deeper than the present pot; a base is shown in a shallower one.
      fail.largerAfterRot = It is larger than the pot in which its roots rotted.
      fail.noHoles = It has no holes: use it only as a cover pot.
      fail.otherSize = Not the same inside size as the present pot, which is {} wide and holds its roots well.
      fail.overShare = The ball would be only {} of what the pot holds; this method wants about two thirds.
      fail.overStep = {} wider than the ball, more than the {} this method allows: too much medium would stay wet.
      fail.rootsCramped = It holds {}; the roots that remain need {} or more.
      fail.rootsLost = It holds {}, and so few roots dry no more than {}.
      fail.tooTall = The ball would stand {} too high, more than its base gives.
      fail.unreleasable = Its mouth is narrower than its belly: the ball never comes out whole.

      # What is to be said of a pot that passes
      remark.airless = Only {} of air left in this mix at this depth.
      remark.clayDries = Clay dries fast, and whoever waters here forgets.
      remark.coarseLayer = The coarse layer lifts the wet zone: {} of air in the mix above it, {} without the layer.
      remark.coverHeight = It is {} taller than the pot that stands in the cover pot now: it will look out, unless its cover is deeper.
      remark.coverTooSmall = It does not go into the cover pot, {} wide inside: plan a larger cover with it.
      remark.coverWidth = It is {} wider than the pot that stands in the cover pot now: measure the cover's mouth first, or plan a new one.
      remark.deepBase = {} of fresh medium under the ball.
      remark.deeper = Its roots would like a deeper pot.
      remark.fewHoles = One hole drains this width slowly; a plant that likes it dry wants more.
      remark.heavy = About {} when wet: {}, and more than the client will move alone.
      remark.heavySaving = About {} when wet: {}, and more than the client will move alone. Plastic would save about {}.
      remark.largeStep = {} over the ball is a large step; water with care at first.
      remark.longRoots = Its roots are longer than the pot is deep: lay them round, do not cut them for it.
      remark.notFirmer = It stands hardly firmer than the present pot.
      remark.shallower = Its roots would like a shallower pot.
      remark.share = The ball is {} of the fill; two thirds would be usual.
      remark.staysWet = The fresh medium stays wet for longer than the {} days its roots put up with.
      remark.thinBase = Only {} under the ball: slice a little off its base for more.
      remark.tightWall = Only {} round the ball: work the medium in with a thin stick.
      remark.tilts = It falls when tilted by {} degrees: mind thresholds and trolleys.
      remark.tippy = A sideways push of about {} at mid height tips it; here it should stand {}. About {} more low in the pot, or a foot of about {}, would do; never a larger volume.
      remark.trim = The ball is {} too tall: loosen its base and take so much off, or take a deeper pot.
      remark.wallKeepsWet = This wall keeps the water in, and whoever waters here gives too much: clay forgives that.

      # When no pot passes
      order.buy = Order a pot {} wide inside at the top and {} deep, with holes, {}.
      order.buyHeavy = Order a pot {} wide inside at the top and {} deep, with holes, {}, heavy and wide in the foot.
      order.buyHeavyTrough = Order a pot {} by {} inside at the top and {} deep, with holes, {}, heavy and wide in the foot.
      order.buyTrough = Order a pot {} by {} inside at the top and {} deep, with holes, {}.
      order.notOnTheShelf = Nothing on the shelf will do. {}
      order.otherwise = Or take the pot at hand of {} inside width, with {} sliced off the base of the ball and {} shaved off its sides: {} of it, within the {} it stands.

      # Mixes
      mix.portion = {} {}
      mix.recipe = {*, }
      """;

  private PotSentences() {}
}
