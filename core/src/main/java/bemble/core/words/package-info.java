/** A teacher's words for places, counts and carries, in the house style; what all operations say alike. */
package bemble.core.words;
