/** The ways there are of writing: each enum is one choice of the house style. */
package bemble.core.style.option;
