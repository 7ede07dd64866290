/** A lesson in its order, shown, worked together, tried and done alone, with times that add up. */
package bemble.core.lesson;
