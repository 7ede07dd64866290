package bemble.server.log.papers;

import jakarta.validation.constraints.NotNull;

/** How many things are kept of a paper now. */
public record KeptFigures(@NotNull int count) {}
