/** How every refusal and every fault becomes a sentence beside its field. */
package bemble.server.faults;
