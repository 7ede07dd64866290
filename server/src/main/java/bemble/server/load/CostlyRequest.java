package bemble.server.load;

/** A request whose answer may take long to work out; what it costs is known before it is worked. */
public interface CostlyRequest {
    /** In the time that 200 squares of a long multiplication take; 0 for what is answered at once. */
    int cost();
}
