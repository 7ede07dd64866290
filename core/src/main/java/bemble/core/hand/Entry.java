package bemble.core.hand;

import bemble.core.working.Figure;

/** What a desk keeps, in the order of writing: decisions, and what belongs to the paper whoever writes. */
sealed interface Entry permits Decision,Entry.Drawn {
    /** A rule, a sign, a head: part of the setting-out, decided by nobody. */
    record Drawn(Figure figure) implements Entry {}
}
