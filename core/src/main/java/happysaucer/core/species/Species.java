package happysaucer.core.species;

import java.util.List;

/**
 * One entry of the species book, or a group standing in for a species that is not in the book.
 *
 * @param name botanical name, or the group's label
 * @param fromGroup names of the traits for which the group's value stands in
 * @param groupOnly whether the whole entry is the group's
 */
public record Species(
    String name,
    List<String> commonNames,
    List<String> synonyms,
    Group group,
    Traits traits,
    List<String> fromGroup,
    boolean groupOnly,
    String remarks) {
  public String commonName() {
    return commonNames.isEmpty() ? name : commonNames.get(0);
  }
}
