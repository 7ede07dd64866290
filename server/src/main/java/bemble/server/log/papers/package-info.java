/** Papers that are written on: begun, each figure kept, handed in. */
package bemble.server.log.papers;
