package bemble.server.scan;

/** A page that cannot be read, with what to do about it. */
final class UnreadablePage extends Exception {
    UnreadablePage(String say) {
        super(say);
    }
}
