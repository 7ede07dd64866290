/**
 * Questions drawn to a wish: the features of a problem, what of them is wished, and how such problems are found.
 */
package bemble.core.practice;
