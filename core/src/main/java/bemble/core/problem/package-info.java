/** What is to be worked: numbers as they are typed, problems read from a line, and why one cannot be worked. */
package bemble.core.problem;
