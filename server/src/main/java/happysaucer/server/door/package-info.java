/** What is let in before any controller sees it: names, time limits, bodies of nobody. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.door;
