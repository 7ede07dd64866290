package bemble.core.method;

import bemble.core.record.Answer;
import bemble.core.record.WorkRecord;

/** What a working came to. */
public record Outcome(Answer answer, WorkRecord record) {}
