/** A set opened for a class: pupils come in with a code and their name, write, and hand in; the teacher watches. */
package bemble.server.screens;
