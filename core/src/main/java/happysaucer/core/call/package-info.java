/** From findings to what to do, how soon and why. */
package happysaucer.core.call;
