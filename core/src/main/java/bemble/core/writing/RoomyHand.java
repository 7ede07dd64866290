package bemble.core.writing;

import bemble.core.hand.FreeQuestion;
import bemble.core.hand.Hand;
import bemble.core.hand.Question;

/** A careful hand that, wherever the writer is free, chooses what needs the most room. */
final class RoomyHand implements Hand {
    @Override
    public <A> A decide(Question<A> question) {
        A roomiest = question instanceof FreeQuestion<A> free ? free.roomiest() : null;
        return roomiest != null ? roomiest : CAREFUL.decide(question);
    }

    @Override
    public <A> boolean writes(Question<A> question, A answer) {
        return CAREFUL.writes(question, answer);
    }
}
