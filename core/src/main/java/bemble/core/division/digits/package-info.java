/** Division digit by digit: long and short, and the paper both stand on. */
package bemble.core.division.digits;
