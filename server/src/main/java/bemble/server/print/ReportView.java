package bemble.server.print;

import jakarta.validation.constraints.NotNull;
import java.util.List;

/**
 * Pages to look at.
 *
 * @param pages each as SVG
 * @param unprintable letters that no font has; a ? stands for them
 */
public record ReportView(@NotNull String title, @NotNull List<String> pages,
        @NotNull List<String> unprintable) {}
