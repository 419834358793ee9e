package upshot.exchange.clip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.File;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.jcodec.api.FrameGrab;
import org.jcodec.common.DemuxerTrackMeta;
import org.jcodec.common.io.NIOUtils;
import org.jcodec.common.model.ColorSpace;
import org.jcodec.common.model.Picture;
import org.jcodec.scale.ColorUtil;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import upshot.core.SamplePlan;
import upshot.core.frame.DrawnFrame;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;

class StandInClipTest {

    private static Plan plan() {
        SamplePlan sample = new SamplePlan();
        sample.shot(sample.action(), 30);
        return sample.build();
    }

    private static BufferedImage image(Picture decoded) {
        Picture rgb = Picture.create(decoded.getWidth(), decoded.getHeight(), ColorSpace.RGB);
        ColorUtil.getTransform(decoded.getColor(), ColorSpace.RGB).transform(decoded, rgb);
        BufferedImage image = new BufferedImage(rgb.getWidth(), rgb.getHeight(), BufferedImage.TYPE_INT_RGB);
        byte[] data = rgb.getPlaneData(0);
        for (int i = 0; i < rgb.getWidth() * rgb.getHeight(); i++) {
            int value = (data[3 * i] + 128) << 16 | (data[3 * i + 1] + 128) << 8 | (data[3 * i + 2] + 128);
            image.setRGB(i % rgb.getWidth(), i / rgb.getWidth(), value);
        }
        return image;
    }

    @Test
    void every_picture_says_which_shot_take_and_frame_it_is_after_it_was_compressed(@TempDir Path folder)
            throws Exception {
        Plan plan = plan();
        Shot shot = plan.shots().get(0);
        File file = folder.resolve("A001C001.mp4").toFile();

        StandInClip.write(
                file.toPath(),
                StandInClip.picture(Optional.of(DrawnFrame.of(plan, shot))),
                new Told("Y12", 3, 250),
                FrameRate.parse("23.976"),
                30);

        try (var channel = NIOUtils.readableChannel(file)) {
            FrameGrab grab = FrameGrab.createFrameGrab(channel);
            DemuxerTrackMeta track = grab.getVideoTrack().getMeta();
            assertThat(track.getTotalFrames()).isEqualTo(30);
            assertThat(track.getTotalDuration()).isBetween(30 * 1001 / 24000.0 - 1e-3, 30 * 1001 / 24000.0 + 1e-3);
            for (int frame = 0; frame < 30; frame++) {
                assertThat(StandInClip.read(image(grab.getNativeFrame()))).contains(new Told("Y12", 3, 250 + frame));
            }
        }
    }

    @Test
    void the_drawn_frame_stands_above_the_blocks() {
        Plan plan = plan();
        BufferedImage with =
                StandInClip.picture(Optional.of(DrawnFrame.of(plan, plan.shots().get(0))));
        BufferedImage without = StandInClip.picture(Optional.empty());

        assertThat(colours(with)).hasSizeGreaterThan(3);
        assertThat(colours(without)).hasSize(1);
        assertThat(StandInClip.read(without)).isEmpty();
    }

    private static Set<Integer> colours(BufferedImage image) {
        Set<Integer> colours = new HashSet<>();
        for (int x = 0; x < image.getWidth(); x += 4) {
            for (int y = 0; y < 75; y += 4) {
                colours.add(image.getRGB(x, y));
            }
        }
        return colours;
    }

    @Test
    void damaged_blocks_say_nothing_rather_than_something_wrong() {
        Random random = new Random(4);
        boolean[] white = new boolean[Told.Blocks.ROWS * Told.Blocks.COLUMNS];
        new Told("K2", 1, 70_000).draw((column, row, one) -> white[row * Told.Blocks.COLUMNS + column] = one);
        assertThat(Told.read(block -> white[block])).contains(new Told("K2", 1, 70_000));
        for (int tries = 0; tries < 200; tries++) {
            int damaged = random.nextInt(white.length);
            assertThat(Told.read(block -> white[block] ^ block == damaged))
                    .as("block %d", damaged)
                    .isEmpty();
        }
    }

    @Test
    void what_does_not_fit_into_the_blocks_is_refused() {
        assertThat(new Told("", 255, (1 << 24) - 1).take()).isEqualTo(255);
        assertThatThrownBy(() -> new Told("ABCDE", 1, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Told("É1", 1, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Told("A", 0, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Told("A", 256, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Told("A", 1, 1 << 24)).isInstanceOf(IllegalArgumentException.class);
    }
}
