package bemble.server.guide;

import jakarta.validation.constraints.NotNull;

/**
 * A page of the guide.
 *
 * @param id its name in an address
 * @param html what stands on it below its title
 * @param words what it says, without pictures and signs, to be searched
 */
record GuidePage(@NotNull String id, @NotNull String title, @NotNull String html, @NotNull String words) {}
