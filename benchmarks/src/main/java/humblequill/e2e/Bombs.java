package humblequill.e2e;

import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import java.util.zip.CRC32;

/** Small files that say they are enormous pictures. */
final class Bombs {
  private Bombs() {}

  static void run(FaultyRun run) throws IOException {
    for (var bomb : bombs().entrySet()) {
      var times = new ArrayList<Double>();
      int status = 0;
      for (int i = 0; i < 20; i++) {
        long begin = System.nanoTime();
        status = run.sendBytes("/api/pictures/" + UUID.randomUUID() + "?name=b", bomb.getValue());
        times.add((System.nanoTime() - begin) / 1e6);
      }
      System.out.printf(
          "picture that says it is enormous, %-4s answered %d, median %.1f ms, longest %.0f ms%n",
          bomb.getKey(), status, Faults.median(times), times.stream().reduce(0.0, Math::max));
    }
  }

  private static Map<String, byte[]> bombs() throws IOException {
    var bombs = new LinkedHashMap<String, byte[]>();
    bombs.put("PNG", png(100_000));
    bombs.put("JPEG", jpeg(65_500));
    bombs.put("WebP", webp(16_383));
    return bombs;
  }

  private static byte[] png(int edge) throws IOException {
    var bytes = new ByteArrayOutputStream();
    var out = new DataOutputStream(bytes);
    out.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10});
    var header = new ByteArrayOutputStream();
    var data = new DataOutputStream(header);
    data.writeInt(edge);
    data.writeInt(edge);
    data.write(new byte[] {8, 2, 0, 0, 0});
    chunk(out, "IHDR", header.toByteArray());
    chunk(out, "IDAT", new byte[] {0x78, (byte) 0x9c, 0x63, 0, 0, 0, 1, 0, 1});
    chunk(out, "IEND", new byte[0]);
    return bytes.toByteArray();
  }

  private static void chunk(DataOutputStream out, String name, byte[] data) throws IOException {
    var type = name.getBytes(StandardCharsets.US_ASCII);
    var crc = new CRC32();
    crc.update(type);
    crc.update(data);
    out.writeInt(data.length);
    out.write(type);
    out.write(data);
    out.writeInt((int) crc.getValue());
  }

  private static byte[] jpeg(int edge) throws IOException {
    var bytes = new ByteArrayOutputStream();
    var out = new DataOutputStream(bytes);
    out.writeShort(0xffd8);
    out.writeShort(0xffc0);
    out.writeShort(17);
    out.writeByte(8);
    out.writeShort(edge);
    out.writeShort(edge);
    out.write(new byte[] {3, 1, 0x11, 0, 2, 0x11, 0, 3, 0x11, 0});
    out.writeShort(0xffd9);
    return bytes.toByteArray();
  }

  private static byte[] webp(int edge) throws IOException {
    var bytes = new ByteArrayOutputStream();
    bytes.write("RIFF".getBytes(StandardCharsets.US_ASCII));
    bytes.write(new byte[] {22, 0, 0, 0});
    bytes.write("WEBPVP8X".getBytes(StandardCharsets.US_ASCII));
    bytes.write(new byte[] {10, 0, 0, 0, 0, 0, 0, 0});
    for (int i = 0; i < 2; i++) {
      bytes.write(
          new byte[] {(byte) (edge - 1), (byte) ((edge - 1) >> 8), (byte) ((edge - 1) >> 16)});
    }
    return bytes.toByteArray();
  }
}
