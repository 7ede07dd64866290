/** The methods there are, by name: where one is registered and found. */
package bemble.core.method;
