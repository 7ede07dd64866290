package bemble.server.reports;

import java.time.LocalDate;

/** What a colleague said of one piece of a pupil's work. */
public record Judgement(long pupilId, long markingId, int question, String judge, String says, LocalDate judgedOn) {}
