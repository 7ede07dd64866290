/** Simulated pupils: hands with chances, to try a set on before it is printed, and to measure diagnosis with. */
package bemble.core.pupil;
