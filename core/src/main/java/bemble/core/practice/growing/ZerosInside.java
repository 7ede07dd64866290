package bemble.core.practice.growing;

import bemble.core.practice.features.Feature;
import bemble.core.practice.features.Wishes;
import java.math.BigInteger;
import java.util.Optional;
import java.util.Random;

/** Puts zeros after a number's first digit, or takes them away. */
final class ZerosInside {
    private ZerosInside() {}

    /** The number with zeros as wished, or nothing where it has no room for one. */
    static Optional<BigInteger> asWished(BigInteger number, Wishes wishes, Feature feature, Random random) {
        StringBuilder digits = new StringBuilder(number.toString());
        boolean has = digits.substring(1).indexOf('0') >= 0;
        if (wishes.allows(feature, has)) {
            return Optional.of(number);
        }
        if (has) {
            for (int i = 1; i < digits.length(); i++) {
                if (digits.charAt(i) == '0') {
                    digits.setCharAt(i, (char) ('1' + random.nextInt(9)));
                }
            }
        } else if (digits.length() == 1) {
            return Optional.empty();
        } else {
            digits.setCharAt(1 + random.nextInt(digits.length() - 1), '0');
        }
        return Optional.of(new BigInteger(digits.toString()));
    }
}
