/** Each teacher's house style, own cues and keys, and the pages that show them to others. */
package bemble.server.style;
