/** What went wrong in answers: for anybody, storing nothing. */
package bemble.server.diagnosis;
