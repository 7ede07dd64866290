/** Rules worked out that the school's teachers met in their pupils and gave a name. */
@NullMarked
package bemble.server.rules;

import org.jspecify.annotations.NullMarked;
