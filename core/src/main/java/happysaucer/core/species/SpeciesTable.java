package happysaucer.core.species;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** All species and groups; finds a species by botanical name, synonym or common name. */
public final class SpeciesTable {
  private static final int SUGGESTIONS = 3;
  private final List<Species> species;
  private final Map<Group, Species> groups;
  private final Map<String, Species> byName = new LinkedHashMap<>();

  /**
   * @throws IllegalArgumentException when a group is missing or two entries share a name
   */
  public SpeciesTable(Collection<Species> species, Map<Group, Species> groups) {
    this.species = List.copyOf(species);
    this.groups = new EnumMap<>(groups);
    for (Group group : Group.values()) {
      if (!groups.containsKey(group)) {
        throw new IllegalArgumentException("groups: " + group + " is missing");
      }
    }
    for (Species entry : species) {
      List<String> names = new ArrayList<>(List.of(entry.name()));
      names.addAll(entry.synonyms());
      names.addAll(entry.commonNames());
      for (String name : names) {
        Species other = byName.put(plain(name), entry);
        if (other != null && other != entry) {
          throw new IllegalArgumentException("species: the name " + name + " stands there twice");
        }
      }
    }
  }

  public List<Species> all() {
    return species;
  }

  public Species group(Group group) {
    return groups.get(group);
  }

  public Optional<Species> find(String name) {
    return Optional.ofNullable(byName.get(plain(name)));
  }

  /** The botanical names nearest to a misspelt one, nearest first, at most three. */
  public List<String> nearest(String name) {
    String wanted = plain(name);
    return byName.entrySet().stream()
        .sorted(
            Comparator.<Map.Entry<String, Species>>comparingInt(
                    entry -> distance(wanted, entry.getKey()))
                .thenComparing(Map.Entry::getKey))
        .map(entry -> entry.getValue().name())
        .distinct()
        .limit(SUGGESTIONS)
        .toList();
  }

  /** Lower case, single blanks, without the hybrid sign. */
  private static String plain(String name) {
    StringBuilder plain = new StringBuilder();
    for (String word : name.trim().toLowerCase(Locale.ROOT).split("\\s+")) {
      if (!word.equals("x") && !word.equals("\u00d7")) {
        plain.append(plain.isEmpty() ? "" : " ").append(word.replace("\u00d7", ""));
      }
    }
    return plain.toString();
  }

  /** Edits between two names: letters changed, added or dropped. */
  private static int distance(String a, String b) {
    int[] row = new int[b.length() + 1];
    for (int j = 0; j <= b.length(); j++) {
      row[j] = j;
    }
    for (int i = 1; i <= a.length(); i++) {
      int diagonal = row[0];
      row[0] = i;
      for (int j = 1; j <= b.length(); j++) {
        int above = row[j];
        int change = diagonal + (a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1);
        row[j] = Math.min(change, Math.min(above, row[j - 1]) + 1);
        diagonal = above;
      }
    }
    return row[b.length()];
  }
}
