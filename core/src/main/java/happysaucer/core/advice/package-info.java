/** advise(case, book): the one function all screens hang on, and its contract. */
package happysaucer.core.advice;
