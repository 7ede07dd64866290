package bemble.server.screens;

import bemble.server.ids.ClassId;
import bemble.server.ids.MarkingId;
import bemble.server.ids.SessionId;
import bemble.server.ids.SetId;
import bemble.server.ids.TeacherId;
import java.time.OffsetDateTime;
import org.jspecify.annotations.Nullable;

/**
 * A set opened for a class, as it is stored.
 *
 * @param problems its questions, as JSON
 * @param led whether the square that comes next is shown
 * @param endedAt when the teacher ended it, or null
 * @param setId the set it was opened with, or null where that was not kept
 */
record StoredSession(SessionId id, TeacherId teacherId, ClassId classId, MarkingId markingId, String code, String title,
        String problems,
        boolean led,
        boolean asksDigits, OffsetDateTime openedAt, @Nullable OffsetDateTime endedAt,
        SetId setId) {}
