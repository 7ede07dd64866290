package bemble.core.problem;

import java.util.List;

/** What is asked: an operation and its numbers, such as 4206 − 1358; read from text by {@link ProblemText}. */
public sealed interface Problem {
    Operation operation();

    /** The numbers in the order in which they were given. */
    List<Numeral> operands();

    /** How many decimals a root is worked to; 0 for every other operation. */
    default int decimals() {
        return 0;
    }

    /** Two or more addends. */
    record Addition(List<Numeral> addends) implements Problem {
        public Addition {
            addends = List.copyOf(addends);
            if (addends.size() < 2) {
                throw Refusal.of("problem", "An addition needs two numbers at least. Type it like 487 + 96.");
            }
        }

        @Override
        public Operation operation() {
            return Operation.ADDITION;
        }

        @Override
        public List<Numeral> operands() {
            return addends;
        }
    }

    /** Minuend less subtrahend; the subtrahend is not the larger. */
    record Subtraction(Numeral minuend, Numeral subtrahend) implements Problem {
        public Subtraction {
            if (minuend.compareTo(subtrahend) < 0) {
                String swapped = subtrahend.plain() + " − " + minuend.plain();
                throw Refusal.offering("problem", minuend.plain() + " − " + subtrahend.plain() + " is below zero; "
                        + swapped + " is another question. Type that one if it is the one you mean.", swapped);
            }
        }

        @Override
        public Operation operation() {
            return Operation.SUBTRACTION;
        }

        @Override
        public List<Numeral> operands() {
            return List.of(minuend, subtrahend);
        }
    }

    /** Multiplicand times multiplier, both whole. */
    record Multiplication(Numeral multiplicand, Numeral multiplier) implements Problem {
        public Multiplication {
            requireWhole("multiplication", multiplicand, multiplier);
        }

        @Override
        public Operation operation() {
            return Operation.MULTIPLICATION;
        }

        @Override
        public List<Numeral> operands() {
            return List.of(multiplicand, multiplier);
        }
    }

    /** Dividend shared by divisor, both whole, the divisor not 0. */
    record Division(Numeral dividend, Numeral divisor) implements Problem {
        public Division {
            requireWhole("division", dividend, divisor);
            if (divisor.isZero()) {
                throw Refusal.of("problem", "Nothing can be shared among 0: no number times 0 gives "
                        + dividend.plain() + " back, so a division by 0 has no answer. Type another divisor.");
            }
        }

        @Override
        public Operation operation() {
            return Operation.DIVISION;
        }

        @Override
        public List<Numeral> operands() {
            return List.of(dividend, divisor);
        }
    }

    /** The square root of the radicand, cut off at {@code decimals} decimals. */
    record SquareRoot(Numeral radicand, int decimals) implements Problem {
        @Override
        public Operation operation() {
            return Operation.SQUARE_ROOT;
        }

        @Override
        public List<Numeral> operands() {
            return List.of(radicand);
        }
    }

    private static void requireWhole(String what, Numeral... numbers) {
        for (Numeral number : numbers) {
            if (!number.isWhole()) {
                throw Refusal.of("problem", number.plain() + " has decimals, and a " + what
                        + " takes whole numbers here. Type whole numbers only.");
            }
        }
    }

    /** The operands in plain digits with a point, in their order. */
    default List<String> plainOperands() {
        return operands().stream().map(Numeral::plain).toList();
    }

    /** The problem as one line of text that {@link ProblemText} reads back as the same problem. */
    default String text() {
        if (this instanceof SquareRoot root) {
            return "√" + root.radicand().plain() + (root.decimals() > 0 ? " to " + root.decimals() + " dp" : "");
        }
        return String.join(" " + operation().sign() + " ", plainOperands());
    }
}
