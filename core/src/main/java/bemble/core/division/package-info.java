/** Division: the slips and rules of all its methods. */
package bemble.core.division;
