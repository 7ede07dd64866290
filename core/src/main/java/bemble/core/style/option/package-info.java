/** The ways there are of writing: each enum is one choice of the house style. */
@NullMarked
package bemble.core.style.option;

import org.jspecify.annotations.NullMarked;
