package bemble.core.division.digits;

import bemble.core.hand.Question;

/** Where the remainder is written: beside the quotient with its mark. */
public record RemainderGoes() implements Question<RemainderGoes.Where> {
    public enum Where {
        BESIDE,
        BEHIND_A_POINT,
        AS_LAST_DIGITS
    }

    @Override
    public Where careful() {
        return Where.BESIDE;
    }
}
