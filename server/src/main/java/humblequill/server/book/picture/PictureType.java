package humblequill.server.book.picture;

import humblequill.core.ground.message.Message;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.Set;

/** What kind of picture a file is, by its first bytes and whatever its name says. */
enum PictureType {
  JPEG("image/jpeg", "jpg"),
  PNG("image/png", "png"),
  WEBP("image/webp", "webp");

  /** How many first bytes tell it. */
  static final int TOLD_BY = 16;

  private static final Set<String> NOT_SUPPORTED =
      Set.of("heic", "heix", "hevc", "heim", "heis", "mif1", "msf1", "avif", "avis");

  private final String mime;
  private final String ending;

  PictureType(String mime, String ending) {
    this.mime = mime;
    this.ending = ending;
  }

  String mime() {
    return mime;
  }

  String ending() {
    return ending;
  }

  /**
   * The kind of a file.
   *
   * @param first its first bytes
   * @throws PictureReader.NoPicture if it is none of these, with what to do
   */
  static PictureType of(byte[] first) throws PictureReader.NoPicture {
    if (first.length == 0) {
      throw new PictureReader.NoPicture(Message.of("book.fileEmpty"));
    }
    return known(first).orElseThrow(() -> new PictureReader.NoPicture(reason(first)));
  }

  private static Optional<PictureType> known(byte[] b) {
    if (b.length >= 3 && (b[0] & 0xff) == 0xff && (b[1] & 0xff) == 0xd8 && (b[2] & 0xff) == 0xff) {
      return Optional.of(JPEG);
    } else if (b.length >= 8 && (b[0] & 0xff) == 0x89 && text(b, 1, 3).equals("PNG")) {
      return Optional.of(PNG);
    } else if (text(b, 0, 4).equals("RIFF") && text(b, 8, 4).equals("WEBP")) {
      return Optional.of(WEBP);
    }
    return Optional.empty();
  }

  private static Message reason(byte[] b) {
    if (text(b, 4, 4).equals("ftyp") && NOT_SUPPORTED.contains(text(b, 8, 4))) {
      return Message.of("book.notSupported");
    }
    return Message.of("book.unknownType");
  }

  private static String text(byte[] b, int from, int length) {
    return b.length < from + length ? "" : new String(b, from, length, StandardCharsets.ISO_8859_1);
  }
}
