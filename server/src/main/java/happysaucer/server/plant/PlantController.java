package happysaucer.server.plant;

import happysaucer.core.advice.Advice;
import happysaucer.core.round.Saucer;
import happysaucer.core.species.Group;
import happysaucer.server.history.Versions;
import happysaucer.server.plant.PlantPage.PlantView;
import happysaucer.server.team.CurrentUser;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
public class PlantController {
  private final Plants plants;
  private final PlantPage page;
  private final PlantEdits edits;
  private final PlantEntry entry;
  private final PlantAdding adding;
  private final PlantFit fit;
  private final Merging merging;
  private final CurrentUser user;

  PlantController(
      Plants plants,
      PlantEdits edits,
      PlantPage page,
      PlantEntry entry,
      PlantAdding adding,
      PlantFit fit,
      Merging merging,
      CurrentUser user) {
    this.merging = merging;
    this.fit = fit;
    this.edits = edits;
    this.entry = entry;
    this.adding = adding;
    this.plants = plants;
    this.page = page;
    this.user = user;
  }

  @GetMapping("/api/plants")
  Plants.PlantList list(
      @RequestParam(defaultValue = "") String search,
      @RequestParam(required = false) @Nullable UUID client,
      @RequestParam(required = false) @Nullable UUID site,
      @RequestParam(required = false) @Nullable UUID spot,
      @RequestParam(required = false) @Nullable Group group,
      @RequestParam(required = false) @Nullable Saucer saucer,
      @RequestParam(defaultValue = "false") boolean pressingFirst,
      @RequestParam(defaultValue = "false") boolean retired,
      @RequestParam(defaultValue = "0") int page) {
    return plants.list(
        new Plants.PlantFilter(search, client, site, spot, group, saucer, pressingFirst, retired),
        page);
  }

  /** Adds one plant, or a row of the same, at a spot. */
  @PostMapping("/api/spots/{id}/plants")
  List<PlantAdding.Added> add(@PathVariable UUID id, @RequestBody PlantAdding.AddRequest request) {
    return adding.add(id, request);
  }

  @GetMapping("/api/plants/{id}")
  ResponseEntity<PlantView> plant(@PathVariable UUID id) {
    return tagged(id);
  }

  @PutMapping("/api/plants/{id}")
  @Transactional
  public ResponseEntity<PlantView> edit(
      @PathVariable UUID id,
      @RequestHeader("If-Match") String version,
      @RequestBody PlantEdits.PlantRequest request) {
    edits.edit(id, Versions.parse(version), request);
    return tagged(id);
  }

  @PutMapping("/api/plants/{id}/place")
  @Transactional
  public ResponseEntity<PlantView> move(
      @PathVariable UUID id,
      @RequestHeader("If-Match") String version,
      @RequestBody Plants.MoveRequest request) {
    plants.move(id, Versions.parse(version), request);
    return tagged(id);
  }

  @PutMapping("/api/plants/{id}/retired")
  @Transactional
  public ResponseEntity<PlantView> retire(
      @PathVariable UUID id,
      @RequestHeader("If-Match") String version,
      @RequestBody Plants.RetireRequest request) {
    plants.retire(id, Versions.parse(version), request);
    return tagged(id);
  }

  /** What is on record of a plant, before it is merged into another. */
  @GetMapping("/api/plants/{id}/twin")
  Merging.TwinView twin(@PathVariable UUID id) {
    return merging.twin(id);
  }

  @PostMapping("/api/plants/{id}/merge")
  @Transactional
  public ResponseEntity<PlantView> merge(
      @PathVariable UUID id,
      @RequestHeader("If-Match") String version,
      @RequestBody Merging.MergeRequest request) {
    merging.merge(id, Versions.parse(version), request);
    return tagged(id);
  }

  @GetMapping("/api/plants/{id}/fit")
  PlantFit.FitView fit(@PathVariable UUID id) {
    return fit.of(id, user.units());
  }

  @PostMapping("/api/plants/{id}/what-if")
  Advice whatIf(@PathVariable UUID id, @RequestBody PlantFit.WhatIfRequest request) {
    return fit.whatIf(id, request, user.units());
  }

  @PostMapping("/api/sites/{id}/plants")
  @Transactional
  public PlantEntry.EntryView enter(
      @PathVariable UUID id, @RequestBody PlantEntry.EntryRequest request) {
    return entry.enter(id, request, user.units());
  }

  private ResponseEntity<PlantView> tagged(UUID id) {
    PlantView view = page.of(id, user.units());
    return ResponseEntity.ok().eTag(Versions.tag(view.plant().version())).body(view);
  }
}
