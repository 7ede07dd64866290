/** What each pupil of a class can do, rung by rung, which slips still show, and where the teacher says otherwise. */
package bemble.server.progress;
