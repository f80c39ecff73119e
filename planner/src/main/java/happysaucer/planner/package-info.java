/**
 * The season plan: which job on which day by whom. The search is an established solver's; jobs,
 * crew, sites, rules and moves are ours. It knows nothing of the server and nothing of the screens.
 */
@org.jspecify.annotations.NullMarked
package happysaucer.planner;
