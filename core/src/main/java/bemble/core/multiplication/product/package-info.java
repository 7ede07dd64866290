/** What every way of multiplying sets out and asks. */
@NullMarked
package bemble.core.multiplication.product;

import org.jspecify.annotations.NullMarked;
