/** Ways to find a small fact that a pupil does not know by heart. */
package bemble.core.fact;
