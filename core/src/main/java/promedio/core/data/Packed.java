package promedio.core.data;

import java.util.Arrays;

/** Whole numbers that lie as narrow as the widest of them allows. Immutable. */
final class Packed {
    private final byte[] bytes;
    private final short[] shorts;
    private final int[] ints;
    private final long[] longs;

    private Packed(byte[] bytes, short[] shorts, int[] ints, long[] longs) {
        this.bytes = bytes;
        this.shorts = shorts;
        this.ints = ints;
        this.longs = longs;
    }

    /** The first few of some numbers. */
    static Packed of(long[] numbers, int size) {
        long least = 0;
        long most = 0;
        for (int i = 0; i < size; i++) {
            least = Math.min(least, numbers[i]);
            most = Math.max(most, numbers[i]);
        }
        if (least >= Byte.MIN_VALUE && most <= Byte.MAX_VALUE) {
            byte[] narrow = new byte[size];
            for (int i = 0; i < size; i++) {
                narrow[i] = (byte) numbers[i];
            }
            return new Packed(narrow, null, null, null);
        }
        if (least >= Short.MIN_VALUE && most <= Short.MAX_VALUE) {
            short[] narrow = new short[size];
            for (int i = 0; i < size; i++) {
                narrow[i] = (short) numbers[i];
            }
            return new Packed(null, narrow, null, null);
        }
        if (least >= Integer.MIN_VALUE && most <= Integer.MAX_VALUE) {
            int[] narrow = new int[size];
            for (int i = 0; i < size; i++) {
                narrow[i] = (int) numbers[i];
            }
            return new Packed(null, null, narrow, null);
        }
        return new Packed(null, null, null, Arrays.copyOf(numbers, size));
    }

    long at(int index) {
        if (bytes != null) {
            return bytes[index];
        }
        if (shorts != null) {
            return shorts[index];
        }
        return ints != null ? ints[index] : longs[index];
    }
}
