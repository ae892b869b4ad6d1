package humblequill.server.sitting.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import humblequill.server.book.picture.PictureReader;
import java.awt.Dimension;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.FileTime;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Files that pretend to be pictures, and pictures that something else was put in the place of. */
class PictureFilesTest {
  @TempDir private Path folder;

  private PictureEntity looked(Path file) throws IOException {
    var entity = new PictureEntity();
    entity.path = file.toString();
    entity.bytes = Files.size(file);
    entity.changedAt = Files.getLastModifiedTime(file).toMillis();
    var size = PictureReader.read(file);
    entity.width = size.width;
    entity.height = size.height;
    return entity;
  }

  private Path picture(String name) throws IOException {
    var file = folder.toRealPath().resolve(name);
    ImageIO.write(new BufferedImage(30, 20, BufferedImage.TYPE_INT_RGB), "png", file.toFile());
    return file;
  }

  private void refused(Path file, PictureEntity looked) {
    assertThatThrownBy(() -> OpenPicture.open(file, folder.toRealPath(), looked))
        .isInstanceOf(IOException.class);
  }

  @Test
  void the_file_that_was_looked_at_is_handed_out_byte_by_byte() throws IOException {
    var file = picture("quay.png");
    var open = OpenPicture.open(file, folder.toRealPath(), looked(file));
    try (var in = open.in()) {
      assertThat(in.readAllBytes()).isEqualTo(Files.readAllBytes(file));
    }
    assertThat(open.type()).hasToString("image/png");
  }

  /** Of the same size and age, which only its first bytes give away. */
  @Test
  void another_file_in_its_place_is_not_handed_out() throws IOException {
    var file = picture("quay.png");
    var looked = looked(file);
    Files.write(file, "x".repeat((int) looked.bytes).getBytes(StandardCharsets.UTF_8));
    Files.setLastModifiedTime(file, FileTime.fromMillis(looked.changedAt));
    refused(file, looked);
  }

  @Test
  void a_link_in_its_place_or_above_it_is_not_followed() throws IOException {
    var file = picture("quay.png");
    var looked = looked(file);
    var elsewhere = folder.toRealPath().resolveSibling("elsewhere-" + folder.getFileName());
    Files.createDirectories(elsewhere);
    var copy = elsewhere.resolve("quay.png");
    Files.copy(file, copy, StandardCopyOption.COPY_ATTRIBUTES);
    Files.delete(file);
    Files.createSymbolicLink(file, copy);
    refused(file, looked);
    Files.delete(file);
    var below = folder.toRealPath().resolve("below");
    Files.createSymbolicLink(below, elsewhere);
    var through = below.resolve("quay.png");
    var known = looked(through);
    refused(through, known);
  }

  /** A PNG of that size whose dots are all zero, written as its standard says (W3C, PNG, §5). */
  private Path blank(String name, int side, boolean data) throws IOException {
    var out = new ByteArrayOutputStream();
    out.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'});
    var header = new ByteArrayOutputStream();
    var numbers = new DataOutputStream(header);
    numbers.writeInt(side);
    numbers.writeInt(side);
    numbers.write(new byte[] {8, 0, 0, 0, 0});
    chunk(out, "IHDR", header.toByteArray());
    var packed = new ByteArrayOutputStream();
    try (var deflater = new DeflaterOutputStream(packed)) {
      for (int row = 0; data && row < side; row++) {
        deflater.write(new byte[side + 1]);
      }
    }
    chunk(out, "IDAT", packed.toByteArray());
    chunk(out, "IEND", new byte[0]);
    return Files.write(folder.resolve(name), out.toByteArray());
  }

  private static void chunk(ByteArrayOutputStream out, String kind, byte[] data)
      throws IOException {
    var numbers = new DataOutputStream(out);
    numbers.writeInt(data.length);
    var whole = new ByteArrayOutputStream();
    whole.write(kind.getBytes(StandardCharsets.US_ASCII));
    whole.write(data);
    numbers.write(whole.toByteArray());
    var crc = new CRC32();
    crc.update(whole.toByteArray());
    numbers.writeInt((int) crc.getValue());
  }

  @Test
  void what_would_unpack_to_far_more_than_it_is_is_refused_by_its_first_bytes() throws IOException {
    assertThat(PictureReader.read(blank("small.png", 500, true)))
        .isEqualTo(new Dimension(500, 500));
    assertThatThrownBy(() -> PictureReader.read(blank("huge.png", 100_000, false)))
        .hasMessage("book.tooManyDots millions=150");
    assertThatThrownBy(() -> PictureReader.read(blank("nothing.png", 8000, true)))
        .hasMessage("book.largePictureOfNothing");
  }
}
