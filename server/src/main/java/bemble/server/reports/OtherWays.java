package bemble.server.reports;

import bemble.core.style.MethodName;

/** A line for somebody who learnt to write it otherwise: that is right too, and how ours differs. */
final class OtherWays {
    private OtherWays() {}

    static String line(MethodName ours) {
        String differs = switch (ours) {
            case DECOMPOSITION -> "Perhaps you add one to the lower digit; we exchange one above instead.";
            case EQUAL_ADDITIONS -> "Perhaps you exchange one above; we add one below instead.";
            case COUNTING_UP -> "Perhaps you take away column by column; we count up to the larger number.";
            case COLUMN -> "Perhaps your small figures stand elsewhere, or in the head.";
            case RUNNING -> "Perhaps you add all numbers at once; we add two at a time.";
            case PARTIAL_SUMS -> "Perhaps you add column by column; we add hundreds, tens and ones each, and then these.";
            case LONG_MULTIPLICATION -> "Perhaps you begin with another row, or your rows are shifted without zeros.";
            case AREA -> "Perhaps you write rows under each other; our parts stand in a box.";
            case CROSSWISE -> "Perhaps you write a row for each digit; we add what belongs to a place at once.";
            case LONG_DIVISION -> "Perhaps you write less of it down; we write each step under the other.";
            case SHORT_DIVISION -> "Perhaps you write each step under the other; we write only what is left, small.";
            case PARTIAL_QUOTIENTS -> "Perhaps you find digit by digit; we take away parts that are easy.";
            default -> "Perhaps you set it out in another way.";
        };
        return "If you learnt it otherwise, that is right too. " + differs;
    }
}
