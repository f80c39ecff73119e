/** Pot geometry: volumes, fill lines, clearances, trade sizes, tipping. */
package happysaucer.core.pot;
