/** The tables a team may edit, read from CSV and checked. */
package happysaucer.core.book;
