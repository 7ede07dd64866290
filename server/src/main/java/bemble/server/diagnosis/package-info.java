/** What went wrong in answers: for anybody, storing nothing. */
@NullMarked
package bemble.server.diagnosis;

import org.jspecify.annotations.NullMarked;
