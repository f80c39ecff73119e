/** One error path: problem documents that name every fault. */
@org.jspecify.annotations.NullMarked
package happysaucer.server.problem;
