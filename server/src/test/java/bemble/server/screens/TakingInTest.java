package bemble.server.screens;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.timeout;
import static org.mockito.Mockito.verify;

import bemble.server.background.WorkQueues;
import bemble.server.ids.PupilId;
import bemble.server.ids.SessionId;
import java.time.Clock;
import org.junit.jupiter.api.Test;

/** A hand-in whose taking-in fails is not left until the next start. */
class TakingInTest {
    @Test
    void whatCouldNotBeTakenInIsTriedAgain() {
        WorkQueues queues = new WorkQueues(Clock.systemUTC());
        HandedIn handed = mock(HandedIn.class);
        doThrow(new IllegalStateException("a fault put in by a test")).doNothing().when(handed).take(any(), any());
        TakingIn taking = new TakingIn(handed, mock(ScreenMapper.class), queues);
        taking.soon(new SessionId(1), new PupilId(2));
        verify(handed, timeout(20_000).times(2)).take(new SessionId(1), new PupilId(2));
        queues.stop();
    }
}
