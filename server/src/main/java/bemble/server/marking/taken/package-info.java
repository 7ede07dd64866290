/** Papers that come in from elsewhere: from screens, from files, from the past. */
package bemble.server.marking.taken;
