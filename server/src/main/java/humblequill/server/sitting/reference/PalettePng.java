package humblequill.server.sitting.reference;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;
import java.util.zip.Deflater;

/**
 * Writes a picture of at most 256 colours as PNG.
 *
 * <p>The platform's own writer asks for every dot one by one and takes several times as long for
 * this one simple case. Source: W3C, Portable Network Graphics (PNG) Specification, third edition,
 * §5 (chunks), §11.2 (IHDR, PLTE, IDAT, IEND).
 */
final class PalettePng {
  private static final byte[] SIGNATURE = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'};
  private static final int HEADER = 13;
  private static final byte DEPTH = 8;
  private static final byte INDEXED = 3;
  private static final int LEVEL = 3;
  private static final int BUFFER = 1 << 16;

  private PalettePng() {}

  /**
   * The file.
   *
   * @param dots the colour's number of each dot, row after row from the top left
   * @param width of a row; divides the number of dots
   * @param palette the colours as red, green and blue, at most 256
   */
  static byte[] of(byte[] dots, int width, int[] palette) {
    int height = dots.length / width;
    var header = ByteBuffer.allocate(HEADER).putInt(width).putInt(height).put(DEPTH).put(INDEXED);
    var colours = ByteBuffer.allocate(3 * palette.length);
    for (int colour : palette) {
      colours.put((byte) (colour >> 16)).put((byte) (colour >> 8)).put((byte) colour);
    }
    var out = new ByteArrayOutputStream(BUFFER);
    out.writeBytes(SIGNATURE);
    chunk(out, "IHDR", header.array(), HEADER);
    chunk(out, "PLTE", colours.array(), colours.capacity());
    data(out, unfiltered(dots, width, height));
    chunk(out, "IEND", new byte[0], 0);
    return out.toByteArray();
  }

  /** Each row begins with its filter's number, which is 0 for none. */
  private static byte[] unfiltered(byte[] dots, int width, int height) {
    var rows = new byte[dots.length + height];
    for (int y = 0; y < height; y++) {
      System.arraycopy(dots, y * width, rows, y * (width + 1) + 1, width);
    }
    return rows;
  }

  private static void data(ByteArrayOutputStream out, byte[] rows) {
    var deflater = new Deflater(LEVEL);
    try {
      deflater.setInput(rows);
      deflater.finish();
      var buffer = new byte[BUFFER];
      while (!deflater.finished()) {
        chunk(out, "IDAT", buffer, deflater.deflate(buffer));
      }
    } finally {
      deflater.end();
    }
  }

  private static void chunk(ByteArrayOutputStream out, String type, byte[] data, int length) {
    var name = type.getBytes(StandardCharsets.US_ASCII);
    var crc = new CRC32();
    crc.update(name);
    crc.update(data, 0, length);
    number(out, length);
    out.writeBytes(name);
    out.write(data, 0, length);
    number(out, (int) crc.getValue());
  }

  private static void number(ByteArrayOutputStream out, int number) {
    out.writeBytes(ByteBuffer.allocate(Integer.BYTES).putInt(number).array());
  }
}
