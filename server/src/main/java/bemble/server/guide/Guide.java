package bemble.server.guide;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.Code;
import org.commonmark.node.Heading;
import org.commonmark.node.Image;
import org.commonmark.node.Node;
import org.commonmark.node.Text;
import org.commonmark.parser.Parser;
import org.commonmark.renderer.html.HtmlRenderer;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

/** The pages of the guide in a teacher's order, read once. */
@Component
class Guide {
    private static final String PAGES = "classpath:guide/*.md";
    /** Files are numbered in a teacher's order; an address is not. */
    private static final String NUMBER = "^\\d+-|\\.md$";

    private final List<GuidePage> pages;

    Guide() throws IOException {
        List<TablesExtension> tables = List.of((TablesExtension) TablesExtension.create());
        Parser parser = Parser.builder().extensions(tables).build();
        HtmlRenderer renderer = HtmlRenderer.builder().extensions(tables).escapeHtml(true).build();
        List<GuidePage> read = new ArrayList<>();
        Resource[] files = new PathMatchingResourcePatternResolver().getResources(PAGES);
        Arrays.sort(files, Comparator.comparing(Resource::getFilename));
        for (Resource file : files) {
            Node page = parser.parse(file.getContentAsString(StandardCharsets.UTF_8));
            Words words = new Words();
            page.accept(words);
            read.add(new GuidePage(Objects.requireNonNull(file.getFilename()).replaceAll(NUMBER, ""), words.title(),
                    renderer.render(page),
                    words.said()));
        }
        pages = List.copyOf(read);
    }

    List<GuidePage> pages() {
        return pages;
    }

    /** The words of a page, to be searched; its heading becomes its title, and its pictures are those the application serves. */
    private static final class Words extends AbstractVisitor {
        private final StringBuilder said = new StringBuilder();
        private @Nullable Heading heading;
        private int titleEnds;

        @Override
        public void visit(Heading each) {
            visitChildren(each);
            if (heading == null) {
                heading = each;
                titleEnds = said.length();
                each.unlink();
            }
        }

        @Override
        public void visit(Text text) {
            said.append(text.getLiteral()).append(' ');
        }

        @Override
        public void visit(Code code) {
            said.append(code.getLiteral()).append(' ');
        }

        @Override
        public void visit(Image image) {
            image.setDestination(image.getDestination().replaceFirst("^\\.\\.", ""));
            visitChildren(image);
        }

        String title() {
            return said.substring(0, titleEnds).strip();
        }

        String said() {
            return said.toString().strip();
        }
    }
}
