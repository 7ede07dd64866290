package bemble.core.style.division;

import bemble.core.style.option.Option;

/** What stands between a quotient and its remainder. */
public enum RemainderMark implements Option {
    SMALL_R("r"),
    LARGE_R("R"),
    REM("rem"),
    REMAINDER("remainder");

    private final String sign;

    RemainderMark(String sign) {
        this.sign = sign;
    }

    @Override
    public String label() {
        return "300 " + sign + " 6";
    }

    public String sign() {
        return sign;
    }
}
