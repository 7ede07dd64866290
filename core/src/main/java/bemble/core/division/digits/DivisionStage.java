package bemble.core.division.digits;

/**
 * One stage of a long division.
 *
 * @param place the place of the quotient digit
 * @param partial what is divided in this stage
 */
public record DivisionStage(int place, String partial, int digit, String product, String difference) {}
