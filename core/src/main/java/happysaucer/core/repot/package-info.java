/** The numbers of one repot: candidates, root work, levels, mix, steps. */
package happysaucer.core.repot;
