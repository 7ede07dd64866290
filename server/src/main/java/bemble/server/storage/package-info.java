/** What it takes for saved data to be safe: forced to the disk, and readable again after the disk was full. */
@NullMarked
package bemble.server.storage;

import org.jspecify.annotations.NullMarked;
