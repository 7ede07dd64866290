package bemble.server.marking.taken;

import java.time.LocalDate;

/** A day's work on a sheet. */
public record PastPile(LocalDate day, String sheet) {}
