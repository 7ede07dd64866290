/** Pages written as PDF and SVG, with the fonts that ship. */
package bemble.server.print;
