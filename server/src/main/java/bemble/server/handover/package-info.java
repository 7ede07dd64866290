/** What is done with all of a class or a pupil: lists and records in and out, moving on, and deleting for good. */
package bemble.server.handover;
