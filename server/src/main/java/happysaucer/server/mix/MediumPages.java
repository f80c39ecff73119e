package happysaucer.server.mix;

import happysaucer.core.medium.Ingredient;
import happysaucer.core.medium.MediumTable;
import happysaucer.core.medium.Mix;
import happysaucer.core.medium.MixInPot;
import happysaucer.core.species.Species;
import happysaucer.server.advice.Books;
import happysaucer.server.entry.Cell;
import happysaucer.server.mix.BucketTests.BucketFit;
import happysaucer.server.mix.BucketTests.BucketTestView;
import happysaucer.server.mix.MediumAnswers.MediumOrigin;
import happysaucer.server.mix.MediumAnswers.MediumPage;
import happysaucer.server.mix.MediumMapper.EditRow;
import happysaucer.server.mix.MixRoom.Kind;
import happysaucer.server.mix.TeamMedia.Key;
import happysaucer.server.problem.NotFoundException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Ingredients and mixes as they are read, one by one and all together. */
@Service
@Transactional(readOnly = true)
class MediumPages {
  private final MediumMapper mapper;
  private final Books books;
  private final TeamMedia team;

  MediumPages(MediumMapper mapper, Books books, TeamMedia team) {
    this.mapper = mapper;
    this.books = books;
    this.team = team;
  }

  MediumPage page(Kind kind, String code) {
    MediumTable media = books.team().book().media();
    EditRow edit =
        mapper.edits().stream()
            .filter(row -> row.kind() == kind && row.code().equals(code))
            .findFirst()
            .orElse(null);
    Optional<Map<String, String>> shipped = team.shipped(new Key(kind, code));
    if (edit == null && shipped.isEmpty()) {
      throw new NotFoundException(
          kind == Kind.MIX ? "There is no such mix." : "There is no such ingredient.");
    }
    Map<String, String> cells = edit == null ? shipped.orElseThrow() : team.cells(edit);
    List<BucketTestView> tests = List.of();
    BucketFit fit = null;
    Optional<Mix> mix = kind == Kind.MIX ? media.mix(code) : Optional.empty();
    if (mix.isPresent()) {
      Mix of = mix.get();
      tests =
          mapper.tests().stream()
              .filter(row -> row.mix().equals(code))
              .map(row -> BucketTests.view(row, of))
              .toList();
      fit = BucketTests.fit(tests, of);
    }
    MixInPot drawn = Mixes.drawn(media, mix.orElseGet(() -> alone(media, code)));
    return new MediumPage(
        kind,
        code,
        cells.getOrDefault("label", code),
        edit == null
            ? MediumOrigin.SHIPPED
            : shipped.isPresent() ? MediumOrigin.EDITED : MediumOrigin.ADDED,
        edit == null ? 0 : edit.version(),
        edit == null ? null : edit.who(),
        TeamMedia.columns(kind).stream()
            .map(column -> new Cell(column, cells.getOrDefault(column, "")))
            .toList(),
        kind == Kind.MIX ? wantedBy(code) : madeOf(media, code),
        kind == Kind.MIX ? mapper.inMix(code) : 0,
        tests,
        fit,
        Mixes.DRAWN_MM,
        Mixes.depth(Mixes.DRAWN_MM),
        drawn.airFilled(),
        Mixes.layers(drawn));
  }

  /** An ingredient filled into a pot with nothing else. */
  private static Mix alone(MediumTable media, String code) {
    Ingredient one =
        media
            .ingredient(code)
            .orElseThrow(() -> new NotFoundException("There is no such ingredient."));
    return new Mix(
        code, one.label(), List.of(new Mix.Part(one, 1)), 1, false, false, "", Optional.empty());
  }

  private List<String> wantedBy(String mix) {
    return books.team().book().species().all().stream()
        .filter(
            kind ->
                kind.traits().bestMix().equals(mix)
                    || kind.traits().acceptableMixes().contains(mix))
        .map(Species::name)
        .toList();
  }

  private static List<String> madeOf(MediumTable media, String ingredient) {
    return media.mixes().stream()
        .filter(
            mix ->
                mix.parts().stream().anyMatch(part -> part.ingredient().code().equals(ingredient)))
        .map(Mix::label)
        .toList();
  }

  /** All entries as cells by column, the team's in place of the shipped. */
  List<Map<String, String>> all(Kind kind) {
    return team.all(kind);
  }
}
