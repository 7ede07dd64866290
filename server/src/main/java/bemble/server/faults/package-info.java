/** How every refusal and every fault becomes a sentence beside its field. */
@NullMarked
package bemble.server.faults;

import org.jspecify.annotations.NullMarked;
