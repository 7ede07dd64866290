package bemble.server.print;

import bemble.core.print.ink.Passage;
import java.util.HashMap;
import java.util.Map;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDNumberTreeNode;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDMarkInfo;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDParentTreeValue;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureNode;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureTreeRoot;
import org.apache.pdfbox.pdmodel.documentinterchange.taggedpdf.StandardStructureTypes;
import org.jspecify.annotations.Nullable;

/**
 * What the passages of a file are for who listens to it: headings, sentences, tables and pictures in the order of reading (ISO 32000-1,
 * 14.7 and 14.8).
 */
final class PdfTags {
    private final PDStructureTreeRoot root = new PDStructureTreeRoot();
    private final PDStructureElement document;
    private final Map<Integer, PDParentTreeValue> pages = new HashMap<>();
    private PDPage page = new PDPage();
    private COSArray onPage = new COSArray();
    private @Nullable PDStructureElement table;
    private @Nullable PDStructureElement row;

    PdfTags(PDDocument file) {
        PDMarkInfo marked = new PDMarkInfo();
        marked.setMarked(true);
        file.getDocumentCatalog().setMarkInfo(marked);
        file.getDocumentCatalog().setStructureTreeRoot(root);
        document = kid(root, StandardStructureTypes.DOCUMENT);
    }

    /** The name that readers of such files know it by. */
    static String type(Passage.Sense sense) {
        return switch (sense) {
            case TITLE -> StandardStructureTypes.H1;
            case HEADING -> StandardStructureTypes.H2;
            case PARAGRAPH -> StandardStructureTypes.P;
            case FIGURE -> StandardStructureTypes.Figure;
            case FIRST_CELL, CELL -> StandardStructureTypes.TD;
        };
    }

    /** What is added from here on stands on this page. */
    void turnTo(PDPage next) {
        page = next;
        onPage = new COSArray();
        page.setStructParents(pages.size());
        pages.put(pages.size(), new PDParentTreeValue(onPage));
        root.setParentTreeNextKey(pages.size());
    }

    /** Puts a passage behind those that were there; gives its number on the page. */
    int add(Passage passage) {
        Passage.Sense sense = passage.sense();
        boolean isCell = sense == Passage.Sense.FIRST_CELL || sense == Passage.Sense.CELL;
        PDStructureElement element = isCell ? cell(sense == Passage.Sense.FIRST_CELL) : apart(type(sense));
        if (!passage.says().isEmpty()) {
            element.setAlternateDescription(passage.says());
        }
        int number = onPage.size();
        element.setPage(page);
        element.appendKid(number);
        onPage.add(element);
        return number;
    }

    /** What was added is found from its page too. */
    void end() {
        PDNumberTreeNode numbers = new PDNumberTreeNode(PDParentTreeValue.class);
        numbers.setNumbers(pages);
        root.setParentTree(numbers);
    }

    private PDStructureElement apart(String type) {
        table = null;
        row = null;
        return kid(document, type);
    }

    private PDStructureElement cell(boolean first) {
        if (table == null) {
            table = kid(document, StandardStructureTypes.TABLE);
        }
        if (row == null || first) {
            row = kid(table, StandardStructureTypes.TR);
        }
        return kid(row, type(Passage.Sense.CELL));
    }

    private static PDStructureElement kid(PDStructureNode parent, String type) {
        PDStructureElement kid = new PDStructureElement(type, parent);
        parent.appendKid(kid);
        return kid;
    }
}
