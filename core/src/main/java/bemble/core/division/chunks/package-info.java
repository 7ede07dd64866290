/** Division by partial quotients: easy lots until none fits. */
package bemble.core.division.chunks;
