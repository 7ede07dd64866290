/** Pictures that stand beside a working and follow its steps. */
package bemble.core.picture;
