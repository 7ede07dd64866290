package bemble.server.log;

import bemble.core.problem.Fault;
import java.util.List;

/** A file that cannot be taken in, with every line at fault. */
final class FileFaults extends RuntimeException {
    private final List<Fault> faults;

    FileFaults(List<Fault> faults) {
        super(faults.get(0).message());
        this.faults = List.copyOf(faults);
    }

    List<Fault> faults() {
        return faults;
    }
}
