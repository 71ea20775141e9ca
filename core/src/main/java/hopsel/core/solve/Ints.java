package hopsel.core.solve;

import java.util.Arrays;

/** A growing row of numbers, without boxes. */
final class Ints {

    private int[] values = new int[8];
    private int size;

    void add(int value) {
        if (size == values.length) {
            values = Arrays.copyOf(values, size * 2);
        }
        values[size++] = value;
    }

    int get(int index) {
        return values[index];
    }

    void set(int index, int value) {
        values[index] = value;
    }

    int size() {
        return size;
    }

    boolean isEmpty() {
        return size == 0;
    }

    int last() {
        return values[size - 1];
    }

    void shrink(int to) {
        size = to;
    }

    int[] toArray() {
        return Arrays.copyOf(values, size);
    }
}
