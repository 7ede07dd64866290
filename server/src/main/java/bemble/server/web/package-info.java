/** What every request meets: limits, known hosts, the screens' addresses, files to keep. */
@NullMarked
package bemble.server.web;

import org.jspecify.annotations.NullMarked;
