/** What can be told of a problem without working it out, and wished for. */
@NullMarked
package bemble.core.practice.features;

import org.jspecify.annotations.NullMarked;
