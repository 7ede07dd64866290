package bemble.core.multiplication.rows;

/**
 * One column of a row of a long multiplication.
 *
 * @param place its power of ten
 * @param product the fact of the tables
 */
public record MultipliedColumn(int place, int product, int carryIn, int total, int digit, int carryOut) {}
