package happysaucer.server.plant;

import happysaucer.core.advice.Advise;
import happysaucer.core.species.Group;
import happysaucer.core.species.Species;
import happysaucer.server.problem.InputException;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What somebody says a plant is.
 *
 * @param species by its name in the book, else as it was typed
 * @param group where the species is not in the book, or not known
 * @param entry by which the call is made
 * @param usualName what such a plant is called
 */
record KindChoice(String species, @Nullable Group group, Species entry, String usualName) {
  /** Where nobody knows the kind, only its group. */
  private static final String NOT_KNOWN = "Not known";

  /**
   * @param name any of its names; null where nobody knows it
   * @throws InputException when neither the name nor the group tells
   */
  static KindChoice of(Advise rules, @Nullable String name, @Nullable Group group) {
    String typed = name == null ? "" : name.trim();
    Optional<Species> known =
        typed.isEmpty() ? Optional.empty() : rules.book().species().find(typed);
    if (known.isPresent()) {
      Species entry = known.get();
      return new KindChoice(entry.name(), null, entry, entry.commonName());
    }
    if (group == null) {
      throw InputException.of(
          typed.isEmpty() ? "species" : "group",
          typed.isEmpty()
              ? "Give the species, or say that you do not know and choose its group."
              : "Not in the book. Choose its group, or another name.",
          name);
    }
    Species entry = rules.book().species().group(group);
    return typed.isEmpty()
        ? new KindChoice(NOT_KNOWN, group, entry, entry.name())
        : new KindChoice(typed, group, entry, typed);
  }
}
