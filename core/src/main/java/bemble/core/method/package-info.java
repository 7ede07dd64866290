/** The methods there are, by name: where one is registered and found. */
@NullMarked
package bemble.core.method;

import org.jspecify.annotations.NullMarked;
