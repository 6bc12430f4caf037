package neatcorner.files.picture;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Iterator;
import java.util.Locale;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import neatcorner.files.disk.FileRefused;
import neatcorner.files.disk.WholeFile;

/**
 * What a customer's picture looks like.
 *
 * @param name  made of what it is: sixteen figures of its SHA-256, with {@code .png} or {@code .jpg} after them
 * @param bytes of the file, upright; neither side is longer than {@value #LONGEST} dots
 */
@SuppressWarnings("ArrayRecordComponent")
public record CustomerPicture(String name, byte[] bytes) {
    /** No front view shows more. */
    private static final int LONGEST = 1600;
    /** More than any camera takes, less than would fill the memory. */
    private static final long MOST_DOTS = 400_000_000L;
    private static final long LARGEST_FILE = 256L << 20;

    /**
     * Reads a file as it came from the customer.
     *
     * @throws FileRefused when it is neither a PNG nor a JPEG, or damaged, or out of all measure
     */
    public static CustomerPicture read(Path file) {
        byte[] bytes = WholeFile.readBytes(file, LARGEST_FILE);
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            ImageReader reader = readers.hasNext() ? readers.next() : null;
            String format = reader == null ? "" : reader.getFormatName().toLowerCase(Locale.ROOT);
            if (reader == null || !(format.equals("png") || format.equals("jpeg"))) {
                throw new FileRefused(file, "is no picture that can be read; it must be a PNG or a JPEG");
            }
            return upright(file, reader, in, format.equals("png"), orientation(bytes));
        } catch (IOException | RuntimeException damaged) {
            if (damaged instanceof FileRefused refused) {
                throw refused;
            }
            throw new FileRefused(file, "is a picture that is damaged or cannot be read");
        }
    }

    private static CustomerPicture upright(
            Path file, ImageReader reader, ImageInputStream in, boolean png, int orientation) throws IOException {
        try {
            reader.setInput(in);
            int wide = reader.getWidth(0);
            int high = reader.getHeight(0);
            if ((long) wide * high > MOST_DOTS) {
                throw new FileRefused(
                        file,
                        "is " + wide + " × " + high + " dots; at most " + MOST_DOTS / 1_000_000 + " million are read");
            }
            var sparse = reader.getDefaultReadParam();
            // A huge one is read coarsely at once, at no less than twice what is kept.
            int step = Math.max(1, Math.max(wide, high) / (2 * LONGEST));
            sparse.setSourceSubsampling(step, step, 0, 0);
            BufferedImage read = reader.read(0, sparse);
            boolean seeThrough = png && read.getColorModel().hasAlpha();
            BufferedImage turned = turned(read, orientation, seeThrough);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(turned, png ? "png" : "jpeg", out);
            return named(out.toByteArray(), png);
        } finally {
            reader.dispose();
        }
    }

    /** As the camera was held: the eight ways of the EXIF standard (CIPA DC-008), 1 upright. */
    private static int orientation(byte[] bytes) {
        try {
            Metadata metadata = ImageMetadataReader.readMetadata(new ByteArrayInputStream(bytes));
            ExifIFD0Directory exif = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
            return exif != null && exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? exif.getInt(ExifIFD0Directory.TAG_ORIENTATION)
                    : 1;
        } catch (ImageProcessingException | MetadataException | IOException none) {
            return 1;
        }
    }

    private static BufferedImage turned(BufferedImage read, int orientation, boolean seeThrough) {
        double scale = Math.min(1, (double) LONGEST / Math.max(read.getWidth(), read.getHeight()));
        double wide = read.getWidth() * scale;
        double high = read.getHeight() * scale;
        boolean onSide = orientation >= 5 && orientation <= 8;
        int width = (int) Math.max(1, Math.round(onSide ? high : wide));
        int height = (int) Math.max(1, Math.round(onSide ? wide : high));
        AffineTransform turn =
                switch (orientation) {
                    case 2 -> new AffineTransform(-1, 0, 0, 1, wide, 0);
                    case 3 -> new AffineTransform(-1, 0, 0, -1, wide, high);
                    case 4 -> new AffineTransform(1, 0, 0, -1, 0, high);
                    case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
                    case 6 -> new AffineTransform(0, 1, -1, 0, high, 0);
                    case 7 -> new AffineTransform(0, -1, -1, 0, high, wide);
                    case 8 -> new AffineTransform(0, -1, 1, 0, 0, wide);
                    default -> new AffineTransform();
                };
        turn.scale(scale, scale);
        BufferedImage turned = new BufferedImage(
                width, height, seeThrough ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = turned.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        pen.drawImage(read, turn, null);
        pen.dispose();
        return turned;
    }

    /** One that a shop wrote among its open files, as it is. */
    public static CustomerPicture kept(Path file) {
        byte[] bytes = WholeFile.readBytes(file, LARGEST_FILE);
        return new CustomerPicture(file.getFileName().toString(), bytes);
    }

    private static CustomerPicture named(byte[] bytes, boolean png) {
        try {
            String digest = HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes), 0, 8);
            return new CustomerPicture(digest + (png ? ".png" : ".jpg"), bytes);
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
