package bemble.core.style.option;

import bemble.core.problem.Punctuation;

/** The sign before the decimals. */
public enum PointSign implements Option {
    POINT("a point, 20.5", Punctuation.POINT),
    COMMA("a comma, 20,5", Punctuation.COMMA);

    private final String label;
    private final Punctuation punctuation;

    PointSign(String label, Punctuation punctuation) {
        this.label = label;
        this.punctuation = punctuation;
    }

    @Override
    public String label() {
        return label;
    }

    public Punctuation punctuation() {
        return punctuation;
    }
}
