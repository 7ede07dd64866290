/** What can be told of a problem without working it out, and wished for. */
package bemble.core.practice.features;
