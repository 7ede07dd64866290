package bemble.server.rules;

/** The school knows another rule, or one fewer. */
public record RulesChanged() {}
