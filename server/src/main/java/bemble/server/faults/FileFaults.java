package bemble.server.faults;

import bemble.core.problem.Fault;
import java.util.List;

/** A file that cannot be taken in, with every line at fault. */
public final class FileFaults extends RuntimeException {
    private final List<Fault> faults;

    public FileFaults(List<Fault> faults) {
        super(faults.get(0).message());
        this.faults = List.copyOf(faults);
    }

    public List<Fault> faults() {
        return faults;
    }
}
