package bemble.core.multiplication.box;

import bemble.core.problem.Numeral;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/** A whole number as the sum of what its digits are worth. */
public final class Expanded {
    private Expanded() {}

    /** 386 as 300, 80 and 6; zero parts are left out, a lone 0 stays. */
    public static List<BigInteger> of(Numeral number) {
        List<BigInteger> parts = new ArrayList<>();
        for (int place = number.highest(); place >= 0; place--) {
            if (number.digit(place) > 0) {
                parts.add(BigInteger.TEN.pow(place).multiply(BigInteger.valueOf(number.digit(place))));
            }
        }
        return parts.isEmpty() ? List.of(BigInteger.ZERO) : parts;
    }
}
