package happysaucer.core.finding;

import happysaucer.core.unit.Message;

/**
 * One line for or against a finding.
 *
 * @param sign code of the sign, or TIME_SINCE_REPOT for the prior
 * @param weight decibans, negative against
 */
public record Evidence(String sign, double weight, Message why) {}
