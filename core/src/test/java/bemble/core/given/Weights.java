package bemble.core.given;

import bemble.core.scan.FigureNet;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;

/** The net with the weights that ship. */
public final class Weights {
    private Weights() {}

    public static FigureNet net() {
        try (InputStream file = FigureNet.class.getResourceAsStream("figures.net")) {
            return FigureNet.of(file.readAllBytes());
        } catch (IOException exception) {
            throw new UncheckedIOException(exception);
        }
    }
}
