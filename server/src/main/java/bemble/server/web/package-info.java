/** What every request meets: limits, known hosts, the screens' addresses, files to keep. */
package bemble.server.web;
