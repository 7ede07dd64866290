/** Classes and the short names of their pupils. */
package bemble.server.classes;
