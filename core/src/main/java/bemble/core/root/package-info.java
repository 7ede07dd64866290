/** The square root: its methods, words, record and slips. */
package bemble.core.root;
