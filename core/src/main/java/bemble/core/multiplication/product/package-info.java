/** What every way of multiplying sets out and asks. */
package bemble.core.multiplication.product;
