package bemble.server.load;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import java.io.IOException;

/** A request's body that is looked at as it is read. */
abstract class WatchedBody extends ServletInputStream {
    private final ServletInputStream body;

    WatchedBody(ServletInputStream body) {
        this.body = body;
    }

    /**
     * Some of it was read.
     *
     * @throws IOException where no more of it is to be read
     */
    abstract void seen(byte[] bytes, int from, int count) throws IOException;

    @Override
    public int read() throws IOException {
        int one = body.read();
        if (one >= 0) {
            seen(new byte[] {(byte) one}, 0, 1);
        }
        return one;
    }

    @Override
    public int read(byte[] bytes, int from, int length) throws IOException {
        int count = body.read(bytes, from, length);
        if (count > 0) {
            seen(bytes, from, count);
        }
        return count;
    }

    @Override
    public boolean isFinished() {
        return body.isFinished();
    }

    @Override
    public boolean isReady() {
        return body.isReady();
    }

    @Override
    public void setReadListener(ReadListener listener) {
        body.setReadListener(listener);
    }
}
