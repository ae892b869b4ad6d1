package humblequill.server.demo;

import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;

/** Writes into a made-up picture what a camera would. */
public final class CameraExif {
  private CameraExif() {}

  /**
   * The same JPEG with an orientation and a time, as EXIF 2.3 lays them out: a first directory with
   * the orientation and the way to a second one, which holds the time.
   */
  public static byte[] into(byte[] jpeg, int turn, String time) throws IOException {
    var text = (time + "\0").getBytes(StandardCharsets.US_ASCII);
    var exif = new ByteArrayOutputStream();
    var out = new DataOutputStream(exif);
    out.writeBytes("Exif\0\0MM");
    out.writeShort(42);
    out.writeInt(8);
    out.writeShort(2);
    entry(out, 0x0112, 3, 1, turn << 16);
    entry(out, 0x8769, 4, 1, 38);
    out.writeInt(0);
    out.writeShort(1);
    entry(out, 0x9003, 2, text.length, 56);
    out.writeInt(0);
    out.write(text);
    var whole = new ByteArrayOutputStream();
    var file = new DataOutputStream(whole);
    file.write(jpeg, 0, 2);
    file.writeShort(0xffe1);
    file.writeShort(exif.size() + 2);
    exif.writeTo(file);
    file.write(jpeg, 2, jpeg.length - 2);
    return whole.toByteArray();
  }

  private static void entry(DataOutputStream out, int tag, int type, int count, int value)
      throws IOException {
    out.writeShort(tag);
    out.writeShort(type);
    out.writeInt(count);
    out.writeInt(value);
  }
}
