package promedio.desktop.entries;

import java.util.stream.IntStream;
import javafx.collections.ObservableListBase;

/** The numbers 0, 1, 2 … of the rows of a list, without an object for each; it grows and shrinks at its end. */
final class RowNumbers extends ObservableListBase<Integer> {
    private int size;

    void resize(int newSize) {
        int before = size;
        if (newSize == before) {
            return;
        }
        beginChange();
        size = newSize;
        if (newSize > before) {
            nextAdd(before, newSize);
        } else {
            nextRemove(newSize, IntStream.range(newSize, before).boxed().toList());
        }
        endChange();
    }

    @Override
    public Integer get(int index) {
        return index;
    }

    @Override
    public int size() {
        return size;
    }
}
