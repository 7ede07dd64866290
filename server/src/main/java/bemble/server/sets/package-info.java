/** Practice sets: drawn, kept, changed, printed in versions and read from files. */
package bemble.server.sets;
