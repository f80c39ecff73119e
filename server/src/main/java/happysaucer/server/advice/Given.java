package happysaucer.server.advice;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;

/**
 * An advice with the case that it answers, method in force and pots included, so that it can be
 * given anew for another day.
 */
public record Given(AdviceRequest asked, Advice advice) {}
