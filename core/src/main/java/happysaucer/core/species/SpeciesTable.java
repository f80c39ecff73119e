package happysaucer.core.species;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** All species and groups; finds a species by botanical name, synonym or common name. */
public final class SpeciesTable {
  private static final int SUGGESTIONS = 3;

  private static final int FAR = 16;

  /** No name of a plant is longer; what is pasted by mistake is not compared letter by letter. */
  public static final int MOST_NAME = 120;

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
    String wanted = plain(name.length() > MOST_NAME ? name.substring(0, MOST_NAME) : name);
    List<Near> best = new ArrayList<>();
    byName.forEach(
        (known, entry) -> {
          int worst =
              best.size() < SUGGESTIONS ? farthest(wanted) : best.get(SUGGESTIONS - 1).edits();
          // two names differ by at least as many edits as by letters: most are passed over by that
          if (Math.abs(known.length() - wanted.length()) <= worst) {
            insert(best, new Near(distance(wanted, known), known, entry.name()));
          }
        });
    return best.stream().map(Near::species).toList();
  }

  /**
   * Kinds that somebody may mean who has typed so much of any of their names: those that begin so
   * first, then those with a word that does, then those that have it anywhere, then those that do
   * but for a slip of the fingers.
   */
  public List<Species> suggest(String typed, int most) {
    String wanted = plain(typed.length() > MOST_NAME ? typed.substring(0, MOST_NAME) : typed);
    if (wanted.isEmpty()) {
      return List.of();
    }
    Map<Species, Integer> found = new LinkedHashMap<>();
    byName.forEach(
        (name, entry) -> {
          int rank = rank(wanted, name);
          if (rank < NOT_MEANT) {
            found.merge(entry, rank, Math::min);
          }
        });
    return found.entrySet().stream()
        .sorted(
            Map.Entry.<Species, Integer>comparingByValue()
                .thenComparing(known -> known.getKey().commonName()))
        .limit(most)
        .map(Map.Entry::getKey)
        .toList();
  }

  private static final int NOT_MEANT = 100;

  /** So many letters for one that may be wrong. */
  private static final int LETTERS_A_SLIP = 4;

  private static int rank(String wanted, String name) {
    if (name.startsWith(wanted)) {
      return name.length() == wanted.length() ? 0 : 1;
    }
    if (name.contains(" " + wanted)) {
      return 2;
    }
    if (name.contains(wanted)) {
      return 3;
    }
    int slips = wanted.length() / LETTERS_A_SLIP;
    int best = slips + 1;
    for (int word = 0; word >= 0 && slips > 0; word = next(name, word)) {
      String from = name.substring(word);
      for (int length = wanted.length() - 1; length <= wanted.length() + 1; length++) {
        if (length <= from.length()) {
          best = Math.min(best, distance(wanted, from.substring(0, length)));
        }
      }
    }
    return best <= slips ? 10 + best : NOT_MEANT;
  }

  /** Where the word after this one begins, -1 after the last. */
  private static int next(String name, int word) {
    int blank = name.indexOf(' ', word);
    return blank < 0 ? -1 : blank + 1;
  }

  /** A name farther off than this is no misspelling of the other. */
  private static int farthest(String wanted) {
    return Math.max(FAR, wanted.length() / 2);
  }

  /** A name in the book and the edits that lead to it. */
  private record Near(int edits, String known, String species) {
    boolean before(Near other) {
      return edits != other.edits ? edits < other.edits : known.compareTo(other.known) < 0;
    }
  }

  /** Keeps the nearest, in order, each species once by its nearest name. */
  private static void insert(List<Near> best, Near near) {
    for (Near other : best) {
      if (other.species().equals(near.species())) {
        if (!near.before(other)) {
          return;
        }
        best.remove(other);
        break;
      }
    }
    int at = 0;
    while (at < best.size() && !near.before(best.get(at))) {
      at++;
    }
    best.add(at, near);
    if (best.size() > SUGGESTIONS) {
      best.remove(SUGGESTIONS);
    }
  }

  /** Lower case, single blanks for blanks and hyphens, without the hybrid sign. */
  private static String plain(String name) {
    StringBuilder plain = new StringBuilder();
    for (String word : name.trim().toLowerCase(Locale.ROOT).split("[\\s-]+")) {
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
