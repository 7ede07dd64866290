/** Rules worked out that the school's teachers met in their pupils and gave a name. */
package bemble.server.rules;
