package bemble.core.problem;

import java.math.BigDecimal;
import java.math.BigInteger;

/**
 * A written number that is not negative: digits by place, where a place is a power of ten
 * (0 ones, 1 tens, -1 tenths). Leading zeros are dropped, zeros at the end of the decimals are kept.
 */
public final class Numeral implements Comparable<Numeral> {
    public static final Numeral ZERO = new Numeral("0", 0);

    private final String digits;
    private final int decimals;

    private Numeral(String digits, int decimals) {
        this.digits = digits;
        this.decimals = decimals;
    }

    /**
     * Reads plain digits with at most one point, such as {@code 4206} or {@code 20.50}.
     *
     * @throws IllegalArgumentException for anything else; typed text goes through {@link NumberText}
     */
    public static Numeral of(String plain) {
        int point = plain.indexOf('.');
        String whole = point < 0 ? plain : plain.substring(0, point);
        String fraction = point < 0 ? "" : plain.substring(point + 1);
        return ofDigits(whole + fraction, fraction.length());
    }

    /** The number with these digits, the last {@code decimals} of them behind the point. */
    public static Numeral ofDigits(String digits, int decimals) {
        if (digits.isEmpty() || !digits.chars().allMatch(c -> c >= '0' && c <= '9')) {
            throw new IllegalArgumentException("not plain digits: " + digits);
        }
        String padded = "0".repeat(Math.max(0, decimals + 1 - digits.length())) + digits;
        int first = 0;
        while (first < padded.length() - decimals - 1 && padded.charAt(first) == '0') {
            first++;
        }
        return new Numeral(padded.substring(first), decimals);
    }

    public static Numeral of(BigInteger whole) {
        return of(whole.toString());
    }

    /** How many digits stand behind the point. */
    public int decimals() {
        return decimals;
    }

    /** The place of the first digit. */
    public int highest() {
        return digits.length() - decimals - 1;
    }

    /** The place of the last digit. */
    public int lowest() {
        return -decimals;
    }

    /** How many digits are written. */
    public int length() {
        return digits.length();
    }

    /** Whether a digit is written in that place. */
    public boolean has(int place) {
        return place >= lowest() && place <= highest();
    }

    /** The digit in that place, 0 where none is written. */
    public int digit(int place) {
        return has(place) ? digits.charAt(highest() - place) - '0' : 0;
    }

    public boolean isWhole() {
        return decimals == 0;
    }

    public boolean isZero() {
        return digits.chars().allMatch(c -> c == '0');
    }

    /** The digits alone, without the point. */
    public String digits() {
        return digits;
    }

    /** The same digits with the point set so that {@code count} of them stand behind it. */
    public Numeral withPoint(int count) {
        return ofDigits(digits, count);
    }

    /** The same value with at least {@code count} decimals, zeros added at the end. */
    public Numeral padded(int count) {
        return count <= decimals ? this : ofDigits(digits + "0".repeat(count - decimals), count);
    }

    /** Plain digits with a point, as files and the API write a number. */
    public String plain() {
        return decimals == 0 ? digits
                : digits.substring(0, digits.length() - decimals) + "." + digits.substring(digits.length() - decimals);
    }

    /** The whole number made of the digits; the value itself where there are no decimals. */
    public BigInteger wholeValue() {
        return new BigInteger(digits);
    }

    /** The number itself, where it is compared; methods work on the digits. */
    public BigDecimal value() {
        return new BigDecimal(wholeValue(), decimals);
    }

    /** Compares by value, so 2.0 and 2.00 compare as equal. */
    @Override
    public int compareTo(Numeral other) {
        return value().compareTo(other.value());
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Numeral that && decimals == that.decimals && digits.equals(that.digits);
    }

    @Override
    public int hashCode() {
        return 31 * digits.hashCode() + decimals;
    }

    @Override
    public String toString() {
        return plain();
    }
}
