package bemble.server.limits;

import bemble.core.practice.Draft;

/**
 * What a request may bring at most, of letters and of things; {@code docs/limits.md} is made of it. A message beside a field
 * names its number as <code>{max}</code>. What is dear to work has its {@code Cost} besides.
 */
public final class Limits {
    // Letters.

    /** A problem in one line. */
    public static final int PROBLEM_LETTERS = 700;
    /** A problem that stands as an example on a page. */
    public static final int EXAMPLE_LETTERS = 60;
    /** A line as it was pasted, before it is read as a problem. */
    public static final int LINE_LETTERS = 4000;
    /** An answer of a pupil. */
    public static final int ANSWER_LETTERS = 120;
    /** An answer in the log. */
    public static final int LOGGED_ANSWER_LETTERS = 200;
    /** What is typed for a pupil while a pile is marked. */
    public static final int TYPED_LINE_LETTERS = 240;
    /** A fact, such as 7x8. */
    public static final int FACT_LETTERS = 20;
    /** What a figure on a paper is written as. */
    public static final int FIGURE_LETTERS = 100;
    /** The name of a block or a line on a paper. */
    public static final int PART_OF_PAPER_LETTERS = 60;
    /** The name of what there are few of. */
    public static final int WORD_LETTERS = 20;
    /** A sheet's code, or one that says how an answer was come by. */
    public static final int CODE_LETTERS = 20;
    /** A code of a teacher's own that says how an answer was come by. */
    public static final int OWN_CODE_LETTERS = 6;
    /** A slip's name in files and addresses. */
    public static final int CAUSE_LETTERS = 60;
    /** A rung's name in files and addresses. */
    public static final int RUNG_LETTERS = 80;
    /** The key of an entry, at the least. */
    public static final int KEY_LEAST = 8;
    /** The key of an entry. */
    public static final int KEY_LETTERS = 36;
    /** The key of a command that makes something. */
    public static final int COMMAND_KEY_LETTERS = 64;
    /** The key of a group in a plan. */
    public static final int GROUP_KEY_LETTERS = 40;
    /** The name of a page whose words are a teacher's own. */
    public static final int PAGE_LETTERS = 60;
    /** A class's or a pupil's name, or what a code means. */
    public static final int NAME_LETTERS = 40;
    /** A name as it is typed, before spaces around it are taken off. */
    public static final int TYPED_NAME_LETTERS = 200;
    /** A teacher's name. */
    public static final int TEACHER_LETTERS = 120;
    /** A name to sign in by. */
    public static final int LOGIN_LETTERS = 60;
    /** Who judges. */
    public static final int JUDGE_LETTERS = 60;
    /** The class that a set is for. */
    public static final int TAG_LETTERS = 60;
    /** A label in the log, a date or a class. */
    public static final int LABEL_LETTERS = 120;
    /** A set's title. */
    public static final int TITLE_LETTERS = 120;
    /** A sheet's title, which says its version too. */
    public static final int SHEET_TITLE_LETTERS = 180;
    /** A cue of a teacher's own. */
    public static final int CUE_LETTERS = 120;
    /** The story round a problem. */
    public static final int STORY_LETTERS = 600;
    /** Why a teacher says otherwise, or what a judge says. */
    public static final int REASON_LETTERS = 400;
    /** A note in the log. */
    public static final int NOTE_LETTERS = 2000;
    /** A teacher's own words on a page. */
    public static final int OWN_WORDS_LETTERS = 2000;
    /** For how many days pictures of answers are kept. */
    public static final int PICTURE_DAYS = 365;
    /** What a child is told about a sheet. */
    public static final int FEEDBACK_LETTERS = 300;
    /** An explanation in the log, which tells a whole working. */
    public static final int EXPLANATION_LETTERS = 400_000;
    /** What is searched for. */
    public static final int SEARCH_LETTERS = 200;
    /** The figures of a paper, as they are kept. */
    public static final int KEPT_FIGURES_LETTERS = 4_000_000;
    /** What was found on a paper, as it is kept. */
    public static final int FOUND_LETTERS = 4000;

    // Kilobytes.

    /** A request. */
    public static final int REQUEST_KILOBYTES = 128;
    /** A set with 200 questions, each with its story; an entry of the log with its explanation; a paper full of figures. */
    public static final int KEPT_KILOBYTES = 2048;
    /** Some 20,000 entries of a log, or a class with years of answers. */
    public static final int FILE_KILOBYTES = 32 * 1024;

    // Things.

    /** Pages of a file that was brought in to be read. */
    public static final int SCANNED_PAGES = 120;
    /** Pixels of a page that was brought in, before it is unpacked. */
    public static final long SCANNED_PIXELS = 40_000_000;

    /** Entries of a list that says nothing of its size; a test holds that all in the description of the API do. */
    public static final int LIST = 5000;
    /** Numbers of a problem that are given one by one; a problem has twelve at most, and that is said in its words. */
    public static final int OPERANDS = 40;
    /** Questions of a set, a sheet or a part of a lesson. */
    public static final int QUESTIONS = Draft.MOST_QUESTIONS;
    /** Questions of a sheet in a plan. */
    public static final int PLANNED_QUESTIONS = 40;
    /** Questions of a telling set. */
    public static final int TELLING_QUESTIONS = 40;
    /** Questions of a rehearsal. */
    public static final int REHEARSED_QUESTIONS = 40;
    /** Lines pasted into a set at once. */
    public static final int PASTED_LINES = 400;
    /** Answers that are diagnosed at once. */
    public static final int DIAGNOSED_ANSWERS = 200;
    /** Digits of all problems that are diagnosed at once. */
    public static final int DIAGNOSED_DIGITS = 1500;
    /** What a set takes to write, so that its pages can be laid out in seconds. */
    public static final int SET_FIGURES = 30_000;
    /** Slips that one invented pupil has. */
    public static final int SLIPS_TOGETHER = 2;
    /** Wishes of a draft. */
    public static final int WISHES = 40;
    /** Choices of a house style. */
    public static final int CHOICES = 100;
    /** Cues of a teacher's own. */
    public static final int CUES = 40;
    /** Codes of a teacher's own, as they are sent; twelve are taken, and that is said in their words. */
    public static final int SENT_CODES = 40;
    /** Codes of a teacher's own. */
    public static final int OWN_CODES = 12;
    /** Figures on a paper, or sent at once. */
    public static final int FIGURES = 5000;
    /** What is done on a paper altogether, struck figures too. */
    public static final int FIGURES_DONE = 20_000;
    /** Squares from the ones to either side. */
    public static final int SQUARES_ASIDE = 200;
    /** Facts that are practised in one round. */
    public static final int FACTS_OF_A_ROUND = 10;
    /** Numbers of a small fact. */
    public static final int FACT_NUMBERS = 20;
    /** The largest number of a small fact. */
    public static final int FACT_NUMBER = 999_999;
    /** Digits of the code by which a pupil comes in. */
    public static final int PUPIL_DIGITS = 10;
    /** Milliseconds that a paper is worked on: a year. */
    public static final long PAPER_MILLISECONDS = 31_536_000_000L;
    /** Classes of a teacher. */
    public static final int CLASSES = 60;
    /** Pupils of a class, and so groups of it. */
    public static final int PUPILS = 60;
    /** Lines of a class's list, as they are pasted. */
    public static final int PUPIL_LINES = 500;
    /** Pupils in a class's file, with those who left. */
    public static final int PUPILS_IN_FILE = 300;
    /** Answers of a pupil in a class's file. */
    public static final int ANSWERS_IN_FILE = 20_000;
    /** Quizzes of a pupil in a class's file. */
    public static final int QUIZZES_IN_FILE = 1000;
    /** Judgements of one piece of work. */
    public static final int JUDGEMENTS = 2;
    /** Rungs named at once. */
    public static final int RUNGS = 100;
    /** Days of a plan. */
    public static final int DAYS = 7;
    /** Conflicts of a plan. */
    public static final int CONFLICTS = 200;
    /** Parts of a lesson. */
    public static final int LESSON_PARTS = 12;
    /** Minutes of a lesson's part. */
    public static final int PART_MINUTES = 240;
    /** Sections left out of a page. */
    public static final int SECTIONS = 60;
    /** Versions of a sheet. */
    public static final int VERSIONS = 3;
    /** Sets that are open at screens. */
    public static final int OPEN_SETS = 12;
    /** Rules under a name of the school's own. */
    public static final int NAMED_RULES = 200;
    /** Entries of a long list that are read at once. */
    public static final int ROWS_READ = 500;
    /** Entries of the log that are brought back at once. */
    public static final int ENTRIES_BROUGHT_BACK = 5000;
    /** Entries of a log's file. */
    public static final int ENTRIES_IN_FILE = 50_000;
    /** Lines of a table in a file. */
    public static final int TABLE_LINES = 5000;
    /** Leading digits kept in an estimate. */
    public static final int KEPT_DIGITS = 3;

    private Limits() {}
}
