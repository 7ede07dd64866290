package bemble.server.faults;

import bemble.core.problem.Fault;
import java.util.List;

/** Something that cannot be done before somebody says what is meant; nothing was changed. */
public final class Unclear extends RuntimeException {
    private final List<Fault> faults;
    private final transient Object questions;

    /** @param questions what has to be said, to be asked beside what was sent */
    public Unclear(List<Fault> faults, Object questions) {
        super(faults.get(0).message());
        this.faults = List.copyOf(faults);
        this.questions = questions;
    }

    List<Fault> faults() {
        return faults;
    }

    Object questions() {
        return questions;
    }
}
