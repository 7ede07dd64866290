package bemble.core.hand;

/** A hand cannot go on: its slip leads nowhere in this problem. A careful hand never gets stuck. */
public final class Stuck extends RuntimeException {
    public Stuck(String why) {
        super(why, null, false, false);
    }
}
