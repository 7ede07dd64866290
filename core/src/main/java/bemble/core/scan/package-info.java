/** Reading filled sheets: a page's picture, where its squares lie, what stands in each, and how sure that is. */
@NullMarked
package bemble.core.scan;

import org.jspecify.annotations.NullMarked;
