package bemble.core.style.division;

import bemble.core.style.option.Option;

/** How the divisors stand beside a root. */
public enum RootDivisors implements Option {
    WITH_SIGNS("with signs and rules"),
    BARE("alone");

    private final String label;

    RootDivisors(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
