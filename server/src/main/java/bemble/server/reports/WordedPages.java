package bemble.server.reports;

import bemble.core.print.TextPages.Paragraph;
import bemble.core.print.TextPages.Part;
import bemble.core.print.TextPages;
import bemble.core.print.ink.Page;
import bemble.core.problem.Refusal;
import bemble.server.ids.TeacherId;
import bemble.server.limits.Limits;
import bemble.server.print.Report;
import bemble.server.storage.Turns;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.ObjectMapper;

/** Puts pages together out of our sections and the teacher's own words. */
@Service
class WordedPages {

    private final Turns turns;
    private final OwnWordsMapper words;
    private final ObjectMapper json;

    WordedPages(OwnWordsMapper words, ObjectMapper json, Turns turns) {
        this.turns = turns;
        this.words = words;
        this.json = json;
    }

    /** A page with what can be left out of it. */
    record Worded(Report report, String page, List<Section> sections, OwnWords own) {}

    /**
     * Sets a page.
     *
     * @param page the name under which the teacher's words on it are kept
     * @param behind pages that follow, as they are
     */
    Worded set(TeacherId teacherId, String page, String title, String heading, String aside, List<Section> sections,
            List<Page> behind) {
        OwnWords own = of(teacherId, page);
        List<Part> parts = new ArrayList<>();
        own.words().lines().forEach(line -> parts.add(new Paragraph(line)));
        sections.stream().filter(section -> !own.without().contains(section.title()))
                .forEach(section -> parts.addAll(section.all()));
        List<Page> pages = new ArrayList<>(TextPages.of(heading, aside, parts));
        pages.addAll(behind);
        return new Worded(new Report(title, pages), page, sections, own);
    }

    OwnWords of(TeacherId teacherId, String page) {
        return words.find(teacherId, page).map(content -> json.readValue(content, OwnWords.class))
                .orElse(OwnWords.NONE);
    }

    /**
     * Keeps what a teacher made of a page.
     *
     * @throws Refusal where it is too long to stand on one
     */
    @Transactional
    OwnWords keep(TeacherId teacherId, String page, OwnWords own) {
        if (own.words().length() > Limits.OWN_WORDS_LETTERS) {
            throw Refusal.of("words",
                    "Keep your own words to " + Limits.OWN_WORDS_LETTERS
                            + " letters, about a third of a page; these are "
                            + own.words().length() + ".");
        }
        turns.of(teacherId);
        words.save(teacherId, page, json.writeValueAsString(own));
        return own;
    }
}
