/** What a teacher types who marks a pile: short lines, read in one place. */
package bemble.core.entry;
