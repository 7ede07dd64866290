/** An estimate of an answer, and an own estimate held against it. */
package bemble.core.estimate;
