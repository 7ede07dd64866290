package bemble.core.check;

import bemble.core.hand.Answer;
import bemble.core.hand.Desk;
import bemble.core.hand.Method;
import bemble.core.hand.Outcome;
import bemble.core.method.Methods;
import bemble.core.multiplication.product.ProductPaper;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Addition;
import bemble.core.problem.Problem.Division;
import bemble.core.problem.Problem.Multiplication;
import bemble.core.problem.Problem.SquareRoot;
import bemble.core.problem.Problem.Subtraction;
import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.core.stack.adding.ColumnRecord;
import bemble.core.stack.adding.ColumnSum;
import bemble.core.stack.adding.StackPaper;
import bemble.core.style.CheckKind;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.subtraction.column.SubtractionPaper;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.BlockName;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import bemble.core.working.Placement;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.StepKind;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Checks an answer by working another sum under it at the same desk. Long, for each check is a paragraph of its own, and they
 * share how a check is set out and said.
 */
public final class Checking {
    private static final int LABEL_SQUARES = 3;
    private static final Line LABEL = Line.of(Line.Kind.LABEL);

    private final Desk desk;
    private final List<Check.Sum> workings = new ArrayList<>();
    private @Nullable Beneath beneath;

    private Checking(Desk desk) {
        this.desk = desk;
    }

    /**
     * The check of that name, or the one of the house style.
     *
     * @param id a check's id, or null for the one of the style
     * @throws Refusal where the problem cannot be checked so
     */
    public static CheckKind find(Problem problem, @Nullable String id, HouseStyle style) {
        boolean divisible = !problem.operands().stream().allMatch(Numeral::isZero);
        if (id == null) {
            CheckKind kind = style.check(problem.operation());
            return kind == CheckKind.DIVIDE_BACK && !divisible ? CheckKind.SWAP : kind;
        }
        List<CheckKind> kinds = CheckKind.of(problem.operation());
        CheckKind kind = kinds.stream().filter(each -> each.id().equals(id)).findFirst()
                .orElseThrow(() -> Refusal.of("check", "“" + id + "” does not check this. Choose one of: "
                        + kinds.stream().map(CheckKind::id).collect(Collectors.joining(", ")) + "."));
        if (kind == CheckKind.DIVIDE_BACK && !divisible) {
            throw Refusal.of("check",
                    "0 × 0 cannot be divided back, since nothing is divided by 0. Choose another check.");
        }
        return kind;
    }

    /**
     * Works the check.
     *
     * @param method the method the problem was worked by
     * @param answer what its working came to
     * @param desk where the working was written
     */
    public static Check write(CheckKind kind, Problem problem, MethodName method, Answer answer, Desk desk) {
        return new Checking(desk).write(kind, problem, method, answer);
    }

    private Check write(CheckKind asked, Problem problem, MethodName method, Answer answer) {
        CheckKind kind = anotherWorking(asked, problem);
        desk.turnToCheck(Placement.under(desk.firstBlock(), 1));
        boolean inPlace = kind == CheckKind.ADD_BACK && isInPlace((Subtraction) problem, answer);
        beneath = inPlace ? new Beneath(desk.firstBlock(), desk) : null;
        Block label = desk.block(BlockName.Kind.LABEL,
                beneath == null ? desk.start() : Placement.leftOf(beneath.block(), null, 1)).line(LABEL);
        desk.step(StepKind.CHECK, label, null, said -> CheckWords.begin(kind.label(), kind != asked));
        desk.draw(MarkKind.LABEL, label.at(LABEL, LABEL_SQUARES), label.at(LABEL, 1), "check", Role.FRAME,
                Size.TINY,
                Anchor.MIDDLE);
        desk.turnToCheck(Placement.under(label, 0));
        Check check = switch (kind) {
            case REVERSE_ORDER -> reverseOrder(problem, answer);
            case SUBTRACT_ONE, SUBTRACT_FIRST -> subtractOne(kind, (Addition) problem, answer);
            case ADD_BACK -> addBack((Subtraction) problem, answer);
            case SWAP -> swap(problem, answer);
            case OTHER_METHOD -> otherMethod(problem, method, answer);
            case DIVIDE_BACK -> divideBack((Multiplication) problem, answer);
            case MULTIPLY_BACK -> multiplyBack((Division) problem, answer);
            case SQUARE_BACK -> squareBack((SquareRoot) problem, answer);
            case NINES -> new CastingNines(problem, answer).check();
        };
        desk.step(StepKind.COMPARE, desk.lastBlock(), null, said -> kind == CheckKind.NINES
                ? CheckWords.nines(check.statement(), check.holds())
                : CheckWords.compare(said, check, beneath != null));
        return check;
    }

    /** The check that was asked for, or another where it would set out the same working once more. */
    private CheckKind anotherWorking(CheckKind asked, Problem problem) {
        if (asked != CheckKind.REVERSE_ORDER && asked != CheckKind.SWAP || !turned(problem).equals(onPaper(problem))) {
            return asked;
        }
        boolean hasParts = problem.operands().stream().anyMatch(number -> number.length() > 1);
        boolean isZero = problem.operands().stream().allMatch(Numeral::isZero);
        return hasParts || isZero ? CheckKind.OTHER_METHOD
                : asked == CheckKind.SWAP ? CheckKind.DIVIDE_BACK : CheckKind.SUBTRACT_ONE;
    }

    /** The numbers from top to bottom, as the working has them. */
    private List<Numeral> onPaper(Problem problem) {
        return problem instanceof Multiplication product ? ProductPaper.topToBottom(product, desk.style().order())
                : StackPaper.topToBottom(problem.operands(), desk.style().order());
    }

    private List<Numeral> turned(Problem problem) {
        List<Numeral> turned = new ArrayList<>(onPaper(problem));
        Collections.reverse(turned);
        return turned;
    }

    private Check reverseOrder(Problem sum, Answer answer) {
        Addition check = new Addition(turned(sum));
        desk.writeIn(desk.style().keepingOrder());
        String actual = work(check).value();
        return result(CheckKind.REVERSE_ORDER, check.text() + " = " + actual, answer.value(), actual);
    }

    /** Takes one addend from the sum and adds the others; a slipped sum may be too small for that. */
    private Check subtractOne(CheckKind kind, Addition sum, Answer answer) {
        int count = sum.addends().size();
        int which = kind == CheckKind.SUBTRACT_FIRST ? 0 : count - 1;
        List<Numeral> others = new ArrayList<>(sum.addends());
        Numeral taken = others.remove(which);
        if (Numeral.of(answer.value()).compareTo(taken) < 0) {
            return reverseOrder(sum, answer);
        }
        Subtraction check = new Subtraction(Numeral.of(answer.value()), taken);
        String actual = work(check).value();
        String expected = others.size() == 1 ? others.get(0).plain() : work(new Addition(others)).value();
        return result(kind, check.text() + " = " + actual, expected, actual);
    }

    /** Whether both numbers stand at the foot of the sum as they are to be added. */
    private boolean isInPlace(Subtraction subtraction, Answer answer) {
        Block sum = desk.firstBlock();
        return desk.style().checksBeneath() && sum.lines().contains(Line.ANSWER)
                && Beneath.stands(subtraction.subtrahend(), sum, SubtractionPaper.SUBTRAHEND, desk)
                && Beneath.stands(Numeral.of(answer.value()), sum, Line.ANSWER, desk);
    }

    private Check addBack(Subtraction subtraction, Answer answer) {
        Numeral difference = Numeral.of(answer.value());
        Addition check = beneath == null ? new Addition(List.of(difference, subtraction.subtrahend()))
                : new Addition(List.of(subtraction.subtrahend(), difference));
        String actual = beneath == null ? work(check).value()
                : kept(check, beneath.addBoth(check.addends(), said -> CheckWords.addBoth(said, check))).value();
        return result(CheckKind.ADD_BACK, check.text() + " = " + actual, subtraction.minuend().plain(), actual);
    }

    private Check swap(Problem product, Answer answer) {
        List<Numeral> turned = turned(product);
        Multiplication check = new Multiplication(turned.get(0), turned.get(1));
        desk.writeIn(desk.style().keepingOrder());
        String actual = work(check).value();
        return result(CheckKind.SWAP, check.text() + " = " + actual, answer.value(), actual);
    }

    /** Works the problem anew by the next method; where only the remainders differ, it is they that are compared. */
    private Check otherMethod(Problem problem, MethodName method, Answer answer) {
        // Two numbers added two at a time are added in columns.
        List<MethodName> methods = MethodName.of(problem.operation()).stream()
                .filter(each -> each != MethodName.RUNNING || problem.operands().size() > 2).toList();
        MethodName next = methods.get((Math.max(0, methods.indexOf(method)) + 1) % methods.size());
        Answer again = work(problem, next);
        String rest = rest(again);
        boolean sameValue = Numeral.of(answer.value()).compareTo(Numeral.of(again.value())) == 0;
        boolean byRest = sameValue && !rest.equals(rest(answer));
        String statement = problem.text() + " = " + again.value() + (rest.equals("0") ? "" : " r " + rest);
        return result(CheckKind.OTHER_METHOD, statement, byRest ? rest(answer) : answer.value(),
                byRest ? rest : again.value());
    }

    private static String rest(Answer answer) {
        return answer.remainder() == null ? "0" : answer.remainder();
    }

    /** Divides by the second number, or by the first where the second is 0. */
    private Check divideBack(Multiplication product, Answer answer) {
        boolean bySecond = !product.multiplier().isZero();
        Numeral divisor = bySecond ? product.multiplier() : product.multiplicand();
        Numeral expected = bySecond ? product.multiplicand() : product.multiplier();
        Division check = new Division(Numeral.of(answer.value()), divisor);
        Answer actual = work(check);
        boolean exact = "0".equals(actual.remainder());
        String statement = check.text() + " = " + actual.value() + (exact ? "" : " r " + actual.remainder());
        return new Check(CheckKind.DIVIDE_BACK.id(), statement, expected.plain(), actual.value(),
                exact && actual.value().equals(expected.plain()), workings);
    }

    /** Multiplies the quotient back as a whole number and sets its point afterwards: a hand may have written one. */
    private Check multiplyBack(Division division, Answer answer) {
        Numeral quotient = Numeral.of(answer.value());
        String rest = rest(answer);
        String product = work(new Multiplication(Numeral.of(quotient.digits()), division.divisor())).value();
        String actual = quotient.isWhole() ? plusRest(product, rest, 0).plain()
                : Numeral.ofDigits(product, quotient.decimals()).plain();
        return result(CheckKind.MULTIPLY_BACK,
                quotient.plain() + " × " + division.divisor().plain() + plus(rest) + " = " + actual,
                division.dividend().plain(), actual);
    }

    /** Squares the root as a whole number, adds what is left over, and sets the point afterwards. */
    private Check squareBack(SquareRoot root, Answer answer) {
        Numeral value = Numeral.of(answer.value());
        int decimals = Math.max(2 * value.decimals(), root.radicand().decimals());
        Numeral whole = Numeral.of(value.digits());
        String square = work(new Multiplication(whole, whole)).value() + "0".repeat(decimals - 2 * value.decimals());
        Numeral leftOver = leftOver(root, value, decimals);
        Numeral rest = Numeral.ofDigits(leftOver.digits(), decimals);
        Numeral actual = plusRest(square, leftOver.digits(), decimals);
        boolean agrees = actual.compareTo(root.radicand()) == 0;
        return result(CheckKind.SQUARE_BACK, value.plain() + " × " + value.plain()
                + plus(leftOver.isZero() ? "0" : rest.plain()) + " = " + (agrees ? root.radicand() : actual).plain(),
                root.radicand().plain(), (agrees ? root.radicand() : actual).plain());
    }

    /** What the square of the root leaves of the radicand, as a whole number; nothing where it is too large already. */
    private static Numeral leftOver(SquareRoot root, Numeral value, int decimals) {
        return Numeral.of(root.radicand().value().subtract(value.value().multiply(value.value()))
                .movePointRight(decimals).toBigIntegerExact().max(BigInteger.ZERO));
    }

    /**
     * Adds what is left over to a product: under the product itself where it stands there, without a point; else with their points.
     *
     * @param decimals how many of the digits of both stand behind a point
     */
    private Numeral plusRest(String product, String rest, int decimals) {
        if (rest.matches("0+")) {
            return Numeral.ofDigits(product, decimals);
        }
        Numeral there = Numeral.of(product);
        Numeral more = Numeral.of(rest);
        Block stands = desk.lastBlock();
        // Where totals are jotted those of the product reach down beside it.
        if (desk.style().checksBeneath() && !desk.style().jotsTotals() && stands.lines().contains(Line.ANSWER)
                && Beneath.stands(there, stands, Line.ANSWER, desk)) {
            Answer sum = kept(new Addition(List.of(there, more)),
                    new Beneath(stands, desk).addOneMore(there, more, said -> CheckWords.addRest(said, more)));
            return Numeral.ofDigits(sum.value(), decimals);
        }
        return Numeral.of(work(new Addition(
                List.of(Numeral.ofDigits(product, decimals), Numeral.ofDigits(rest, decimals)))).value());
    }

    private static String plus(String rest) {
        return rest.equals("0") ? "" : " + " + rest;
    }

    private Answer work(Problem problem) {
        return work(problem, MethodName.of(problem.operation()).get(0));
    }

    @SuppressWarnings("unchecked")
    private Answer work(Problem problem, MethodName method) {
        if (!workings.isEmpty()) {
            desk.turnToCheck(Placement.under(desk.firstBlock(), 1));
        }
        Method<Problem> written = (Method<Problem>) Methods.of(method);
        Outcome outcome = written.write(problem, desk);
        workings.add(new Check.Sum(problem.operation(), problem.plainOperands(),
                method.id(), outcome.answer(), outcome.record().get()));
        return outcome.answer();
    }

    /** A sum of the check that was added where its numbers stood. */
    private Answer kept(Addition sum, ColumnSum added) {
        Answer answer = Answer.of(added.sum(), desk.style());
        workings.add(new Check.Sum(sum.operation(), sum.plainOperands(),
                MethodName.COLUMN.id(), answer, new ColumnRecord(added.columns())));
        return answer;
    }

    private Check result(CheckKind kind, String statement, String expected, String actual) {
        boolean holds = Numeral.of(expected).compareTo(Numeral.of(actual)) == 0;
        return new Check(kind.id(), statement, expected, actual, holds, workings);
    }
}
