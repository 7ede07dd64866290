package bemble.server.scan;

import bemble.core.scan.GreyRaster;
import bemble.core.scan.PagePlace;
import bemble.core.scan.ReadField;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;

/** Pictures as files: a question cut out of its page and laid straight, or a whole page. */
final class PagePicture {
    static final double PIXELS_A_MILLIMETRE = 5;
    private static final float QUALITY = 0.6f;

    private PagePicture() {}

    /** A question's squares, laid straight, as a JPEG. */
    static byte[] of(GreyRaster page, PagePlace place, ReadField field) {
        int width = (int) Math.ceil(field.columns() * field.side() * PIXELS_A_MILLIMETRE);
        int height = (int) Math.ceil(field.rows() * field.side() * PIXELS_A_MILLIMETRE);
        GreyRaster cut = GreyRaster.white(width, height);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                PagePlace.Pixel at = place.of(field.x() + x / PIXELS_A_MILLIMETRE, field.y() + y / PIXELS_A_MILLIMETRE);
                cut.set(x, y, (int) page.between(at.x(), at.y()));
            }
        }
        return jpeg(cut, QUALITY);
    }

    /** @param quality from 0 to 1 */
    static byte[] jpeg(GreyRaster raster, float quality) {
        BufferedImage image = new BufferedImage(raster.width(), raster.height(), BufferedImage.TYPE_BYTE_GRAY);
        System.arraycopy(raster.pixels(), 0, ((DataBufferByte) image.getRaster().getDataBuffer()).getData(), 0,
                raster.pixels().length);
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ImageOutputStream stream = ImageIO.createImageOutputStream(bytes)) {
            writer.setOutput(stream);
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality(quality);
            writer.write(null, new IIOImage(image, null, null), how);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }
}
