/** What stands on the papers of a class: piles and answers as they are stored. */
package bemble.server.marking.kept;
