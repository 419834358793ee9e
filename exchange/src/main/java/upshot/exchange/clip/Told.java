package upshot.exchange.clip;

import java.util.Optional;
import java.util.function.IntPredicate;
import upshot.exchange.clip.Told.Blocks.Draw;

/**
 * What a picture of a stand-in's clip says of itself, in big black and white blocks that outlive any compression.
 *
 * @param code of the shot, up to four letters and figures of ASCII; empty for what was not planned
 * @param take 1 to 255
 * @param frame which picture of the clip, from 0, up to 16 777 215
 */
public record Told(String code, int take, int frame) {

    static final int LONGEST_CODE = 4;

    private static final int BYTE = 8;
    private static final int BYTE_MASK = 0xff;
    private static final int MOST_FRAME = (1 << 24) - 1;
    /** A picture without blocks does not read as one that says nothing. */
    private static final int MARK = 0xa5;

    public Told {
        if (code.length() > LONGEST_CODE || !code.chars().allMatch(one -> one > 0 && one <= 0x7f)) {
            throw new IllegalArgumentException("A code of at most four letters and figures, not " + code);
        }
        if (take < 1 || take > BYTE_MASK || frame < 0 || frame > MOST_FRAME) {
            throw new IllegalArgumentException("Take %d, frame %d".formatted(take, frame));
        }
    }

    /** Three rows of 32 blocks along the foot of a picture: the code; mark, take and check; the frame and the check again. */
    public static final class Blocks {

        /** Of a side, in pixels. */
        public static final int SIDE = 5;

        public static final int ROWS = 3;
        public static final int COLUMNS = 32;

        private Blocks() {}

        /** Paints a block. */
        interface Draw {
            void block(int column, int row, boolean white);
        }
    }

    private int[] bytes() {
        int[] bytes = new int[Blocks.ROWS * LONGEST_CODE];
        for (int i = 0; i < code.length(); i++) {
            bytes[i] = code.charAt(i);
        }
        bytes[4] = MARK;
        bytes[5] = take;
        bytes[8] = frame >> 16;
        bytes[9] = frame >> 8 & BYTE_MASK;
        bytes[10] = frame & BYTE_MASK;
        bytes[7] = check(bytes);
        bytes[11] = bytes[7];
        return bytes;
    }

    private static int check(int[] bytes) {
        int sum = 0;
        for (int i = 0; i < bytes.length; i++) {
            sum = i == 7 || i == 11 ? sum : (sum * 31 + bytes[i] + 1) & BYTE_MASK;
        }
        return sum;
    }

    void draw(Draw draw) {
        int[] bytes = bytes();
        for (int row = 0; row < Blocks.ROWS; row++) {
            for (int column = 0; column < Blocks.COLUMNS; column++) {
                int bit = bytes[row * LONGEST_CODE + column / BYTE] >> BYTE - 1 - column % BYTE & 1;
                draw.block(column, row, bit == 1);
            }
        }
    }

    /**
     * Reads the blocks of a picture.
     *
     * @param white of a block, by row × {@link Blocks#COLUMNS} + column
     * @return empty where they are none, or were damaged
     */
    static Optional<Told> read(IntPredicate white) {
        int[] bytes = new int[Blocks.ROWS * LONGEST_CODE];
        for (int bit = 0; bit < Blocks.ROWS * Blocks.COLUMNS; bit++) {
            bytes[bit / BYTE] = bytes[bit / BYTE] << 1 | (white.test(bit) ? 1 : 0);
        }
        if (bytes[4] != MARK || bytes[7] != check(bytes) || bytes[11] != bytes[7] || bytes[5] == 0) {
            return Optional.empty();
        }
        StringBuilder code = new StringBuilder();
        for (int i = 0; i < LONGEST_CODE && bytes[i] > 0 && bytes[i] <= 0x7f; i++) {
            code.append((char) bytes[i]);
        }
        return Optional.of(new Told(code.toString(), bytes[5], bytes[8] << 16 | bytes[9] << 8 | bytes[10]));
    }
}
