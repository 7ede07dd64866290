/** The words there are to choose from, and how slowly they are said. */
package bemble.core.style.word;
