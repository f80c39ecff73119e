package happysaucer.server.mix;

import happysaucer.server.mix.Mixes.MixesView;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class MixController {
  private final Mixes mixes;

  MixController(Mixes mixes) {
    this.mixes = mixes;
  }

  /** All mixes in one pot, those that suit a kind first. */
  @GetMapping("/api/mixes")
  MixesView mixes(
      @RequestParam double topMm,
      @RequestParam(required = false) @Nullable Double heightMm,
      @RequestParam(required = false) @Nullable Double coarseMm,
      @RequestParam(required = false) @Nullable String species) {
    return mixes.in(topMm, heightMm, coarseMm == null ? 0 : coarseMm, species);
  }

  /** What may stand in for a part that is out of stock, in this pot. */
  @GetMapping("/api/mixes/{name}/substitutes")
  List<Mixes.Substitute> substitutes(
      @PathVariable String name,
      @RequestParam double topMm,
      @RequestParam(required = false) @Nullable Double heightMm,
      @RequestParam(required = false) @Nullable String species) {
    return mixes.substitutes(name, topMm, heightMm, species);
  }
}
