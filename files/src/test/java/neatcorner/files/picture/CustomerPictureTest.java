package neatcorner.files.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import javax.imageio.ImageIO;
import neatcorner.files.disk.FileRefused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CustomerPictureTest {
    @TempDir
    private Path folder;

    /** Red at the upper left, green at the upper right, blue at the lower left, white at the lower right. */
    private static BufferedImage quarters(int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < width; x++) {
            for (int y = 0; y < height; y++) {
                boolean left = x < width / 2;
                Color colour = y < height / 2 ? left ? Color.RED : Color.GREEN : left ? Color.BLUE : Color.WHITE;
                image.setRGB(x, y, colour.getRGB());
            }
        }
        return image;
    }

    private static byte[] file(BufferedImage image, String format) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    /** An APP1 segment with the one entry that tells the orientation, right after the start of the image. */
    private static byte[] held(byte[] jpeg, int orientation) {
        byte[] exif = {
            (byte) 0xFF, (byte) 0xE1, 0, 34, 'E', 'x', 'i', 'f', 0, 0, 'M', 'M', 0, 42, 0, 0, 0, 8,
            0, 1, 0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, (byte) orientation, 0, 0, 0, 0, 0, 0
        };
        byte[] all = new byte[jpeg.length + exif.length];
        System.arraycopy(jpeg, 0, all, 0, 2);
        System.arraycopy(exif, 0, all, 2, exif.length);
        System.arraycopy(jpeg, 2, all, 2 + exif.length, jpeg.length - 2);
        return all;
    }

    private CustomerPicture read(String name, byte[] bytes) throws IOException {
        return CustomerPicture.read(Files.write(folder.resolve(name), bytes));
    }

    private static BufferedImage image(CustomerPicture picture) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(picture.bytes()));
    }

    private static String colour(BufferedImage image, double x, double y) {
        Color c = new Color(image.getRGB((int) (image.getWidth() * x), (int) (image.getHeight() * y)));
        return c.getRed() > 200 && c.getGreen() > 200 ? "white"
                : c.getRed() > 150 ? "red" : c.getGreen() > 100 ? "green" : "blue";
    }

    /**
     * Orientation by the EXIF standard (CIPA DC-008, tag 274): which side of what is stored is the top and which the
     * left of what was seen, so where the stored upper left (red) and upper right (green) come to lie.
     */
    @ParameterizedTest
    @CsvSource({
        "1, red, green, blue, white",
        "2, green, red, white, blue",
        "3, white, blue, green, red",
        "4, blue, white, red, green",
        "5, red, blue, green, white",
        "6, blue, red, white, green",
        "7, white, green, blue, red",
        "8, green, white, red, blue"
    })
    void aPictureStandsAsTheCameraWasHeld(
            int orientation, String upperLeft, String upperRight, String lowerLeft, String lowerRight)
            throws IOException {
        BufferedImage seen = image(read("held.jpg", held(file(quarters(80, 40), "jpeg"), orientation)));
        assertThat(seen.getWidth() > seen.getHeight()).isEqualTo(orientation < 5);
        assertThat(colour(seen, 0.25, 0.25)).isEqualTo(upperLeft);
        assertThat(colour(seen, 0.75, 0.25)).isEqualTo(upperRight);
        assertThat(colour(seen, 0.25, 0.75)).isEqualTo(lowerLeft);
        assertThat(colour(seen, 0.75, 0.75)).isEqualTo(lowerRight);
    }

    @Test
    void aHugePictureIsKeptNoLargerThanAWindowNeeds() throws IOException {
        CustomerPicture kept = read("huge.png", file(quarters(6000, 1500), "png"));
        assertThat(image(kept).getWidth()).isEqualTo(1600);
        assertThat(image(kept).getHeight()).isEqualTo(400);
        assertThat(kept.name()).matches("[0-9a-f]{16}\\.png");
        assertThat(read("again.png", file(quarters(6000, 1500), "png")).name())
                .as("the same picture has the same name")
                .isEqualTo(kept.name());
    }

    @Test
    void whatIsNoPictureIsRefusedInWords() throws IOException {
        byte[] cut = file(quarters(300, 300), "png");
        for (byte[] bytes : new byte[][] {
            {}, "no picture".getBytes(StandardCharsets.UTF_8), file(quarters(9, 9), "gif"), Arrays.copyOf(cut, 60)
        }) {
            assertThatThrownBy(() -> read("odd.png", bytes))
                    .isInstanceOf(FileRefused.class)
                    .hasMessageContaining("odd.png");
        }
    }
}
