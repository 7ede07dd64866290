package bemble.core.style.option;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;

/** In which order the digits of a column are added. */
public enum ColumnOrder implements Option {
    AS_WRITTEN("from top to bottom") {
        @Override
        public List<Integer> of(List<Integer> digits) {
            return digits;
        }
    },
    LARGER_FIRST("the larger digit first") {
        @Override
        public List<Integer> of(List<Integer> digits) {
            return digits.stream().sorted(Comparator.reverseOrder()).toList();
        }
    },
    TEN_FIRST("two that make ten first") {
        @Override
        public List<Integer> of(List<Integer> digits) {
            for (int one = 0; one < digits.size(); one++) {
                for (int other = one + 1; other < digits.size(); other++) {
                    if (digits.get(one) + digits.get(other) == 10) {
                        List<Integer> rest = new ArrayList<>(digits);
                        rest.remove(other);
                        rest.remove(one);
                        List<Integer> ordered = new ArrayList<>(List.of(digits.get(one), digits.get(other)));
                        ordered.addAll(of(rest));
                        return ordered;
                    }
                }
            }
            return digits;
        }
    },
    BOTTOM_UP("from bottom to top") {
        @Override
        public List<Integer> of(List<Integer> digits) {
            List<Integer> turned = new ArrayList<>(digits);
            Collections.reverse(turned);
            return turned;
        }
    };

    private final String label;

    ColumnOrder(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }

    /** The digits of a column, given from top to bottom, as they are added. */
    public abstract List<Integer> of(List<Integer> digits);
}
