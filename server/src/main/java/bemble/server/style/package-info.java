/** Each teacher's house style, own cues and keys, and the pages that show them to others. */
@NullMarked
package bemble.server.style;

import org.jspecify.annotations.NullMarked;
