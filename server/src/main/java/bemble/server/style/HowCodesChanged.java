package bemble.server.style;

import bemble.server.ids.TeacherId;
/** A teacher has changed which codes say that somebody helped. */
public record HowCodesChanged(TeacherId teacherId) {}
