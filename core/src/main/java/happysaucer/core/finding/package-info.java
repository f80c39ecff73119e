/** From signs to findings, by additive evidence. */
package happysaucer.core.finding;
