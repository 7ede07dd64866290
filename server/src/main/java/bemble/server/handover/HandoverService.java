package bemble.server.handover;

import bemble.core.problem.Refusal;
import bemble.server.classes.ClassService;
import bemble.server.classes.Pupil;
import bemble.server.classes.SchoolClass;
import bemble.server.ids.ClassId;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import bemble.server.log.papers.PupilPapers;
import bemble.server.marking.MarkedWork.Answer;
import bemble.server.marking.MarkedWork;
import bemble.server.web.SpreadsheetText;
import bemble.server.web.TableFile;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Class lists and answers in and out, pupils to another class, and pupils deleted with everything about them. */
@Service
class HandoverService {
    private final ClassService classes;
    private final MarkedWork work;
    private final PupilPapers papers;

    HandoverService(ClassService classes, MarkedWork work, PupilPapers papers) {
        this.classes = classes;
        this.work = work;
        this.papers = papers;
    }

    /** What goes with a pupil: marked answers, papers written at screens, and decisions of the teacher about rungs. */
    record WhatGoes(Pupil pupil, String className, int answers, int papers) {}

    WhatGoes whatGoes(TeacherId teacherId, PupilId pupilId) {
        SchoolClass schoolClass = classes.ofPupil(teacherId, pupilId);
        Pupil pupil = classes.findPupil(teacherId, pupilId);
        return new WhatGoes(pupil, schoolClass.name(), work.count(pupilId), papers.count(pupilId));
    }

    /** Deletes a pupil and everything about them; it cannot be undone. */
    @Transactional
    void delete(TeacherId teacherId, PupilId pupilId) {
        classes.ofPupil(teacherId, pupilId);
        papers.delete(pupilId);
        classes.deleteForGood(teacherId, pupilId);
    }

    SchoolClass bringBack(TeacherId teacherId, PupilId pupilId) {
        return classes.bringBack(teacherId, pupilId);
    }

    /** The class list as CSV: a heading, then a name a line. */
    String list(TeacherId teacherId, ClassId classId) {
        return csv(printer -> {
            printer.printRecord("name");
            for (Pupil pupil : classes.find(teacherId, classId).pupils()) {
                printer.printRecord(SpreadsheetText.plain(pupil.name()));
            }
        });
    }

    /**
     * Takes a class list in: the names are added to those that are there.
     *
     * @throws Refusal naming each line that is not a name; nothing is taken then
     */
    @Transactional
    SchoolClass takeList(TeacherId teacherId, ClassId classId, byte[] file) {
        return classes.addNames(teacherId, classId, ListedNames.read(TableFile.rows(file)));
    }

    /** All marked answers of a class as CSV, a line each. */
    String answers(TeacherId teacherId, ClassId classId) {
        SchoolClass schoolClass = classes.find(teacherId, classId);
        return csv(printer -> {
            printer.printRecord("pupil", "day", "sheet", "question", "problem", "right", "given", "correction", "alone",
                    "cause", "confirmed");
            for (Pupil pupil : schoolClass.pupils()) {
                for (Answer answer : work.of(teacherId, List.of(pupil.id())).answers()) {
                    printer.printRecord(SpreadsheetText.plain(pupil.name()), answer.day(),
                            SpreadsheetText.plain(answer.title()),
                            answer.question(), answer.problem().text(), answer.right() ? "yes" : "no",
                            SpreadsheetText.plain(answer.given()),
                            SpreadsheetText.plain(answer.correction()), answer.alone() ? "yes" : "no",
                            answer.cause() == null ? "" : answer.cause(), answer.confirmed() ? "yes" : "no");
                }
            }
        });
    }

    private interface Printing {
        void print(CSVPrinter printer) throws IOException;
    }

    private static String csv(Printing printing) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, SpreadsheetText.FORMAT)) {
            printing.print(printer);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    /** Moves pupils to another class of the teacher; their history goes with them. */
    @Transactional
    SchoolClass move(TeacherId teacherId, ClassId classId, List<PupilId> pupilIds, ClassId toClassId) {
        return classes.move(teacherId, classId, pupilIds, toClassId);
    }
}
