package humblequill.server.course;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.server.ground.data.DataFolder;
import humblequill.server.ground.data.Disk;
import humblequill.server.ground.message.Words;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;

/**
 * Files in the learner's folder of courses that are no courses, each of which costs only itself.
 */
@Timeout(value = 2, unit = TimeUnit.MINUTES)
class CourseFilesTest {
  private static final String GOOD =
      """
      format: 2
      id: quay
      title: Quay
      summary: Posts.
      weeks:
        - title: Posts
          exercises:
            - id: posts
              title: Posts
              kind: study
              minutes: 20
      """;

  @TempDir private Path path;
  private DataFolder folder;

  @BeforeEach
  void make() throws IOException {
    folder = new DataFolder(path);
    Files.createDirectories(folder.courses());
    put("good.yaml", GOOD);
  }

  private void put(String name, String text) throws IOException {
    Files.writeString(folder.courses().resolve(name), text);
  }

  private String found() {
    var all = new CourseLibrary(new CourseFormat(), folder, new Disk(folder)).all();
    assertThat(all.courses()).anyMatch(c -> c.id().equals("quay"));
    return all.broken().stream()
        .map(b -> b.file() + ": " + Words.say(b.reason()))
        .collect(java.util.stream.Collectors.joining("\n"));
  }

  @Test
  void what_is_no_ordinary_file_is_named() throws Exception {
    Files.createSymbolicLink(folder.courses().resolve("zero.yaml"), Path.of("/dev/zero"));
    Files.createDirectory(folder.courses().resolve("folder.yaml"));
    var pipe = folder.courses().resolve("pipe.yaml").toString();
    assertThat(new ProcessBuilder("mkfifo", pipe).start().waitFor()).isZero();
    assertThat(found())
        .contains("zero.yaml: it is no ordinary file")
        .contains("folder.yaml: it is no ordinary file")
        .contains("pipe.yaml: it is no ordinary file");
  }

  @Test
  void what_is_no_text_or_too_much_of_it_is_named() throws IOException {
    Files.write(
        folder.courses().resolve("bytes.yaml"), new byte[] {(byte) 0xff, (byte) 0xfe, 0, 1});
    put("large.yaml", "a: " + "x".repeat(5_000_000));
    put("deep.yaml", "a: " + "[".repeat(100_000));
    put("anchors.yaml", "a: &a [x]\n" + "b: [" + "*a,".repeat(500_000) + "*a]");
    put("numbers.yaml", GOOD.replace("quay", "many").replace("20", "9".repeat(400)));
    put("word.yaml", "a: \"" + "x".repeat(4_000_000) + "\"");
    put("weeks.json", "{\"weeks\":[" + "1,".repeat(1_900_000) + "1]}");
    assertThat(found())
        .contains("bytes.yaml: the file is not UTF-8 text")
        .contains("large.yaml: the file is larger than 4 MB")
        .contains("deep.yaml: not readable")
        .contains("numbers.yaml")
        .contains("anchors.yaml")
        .contains("word.yaml")
        .contains("weeks.json");
  }

  @Test
  void a_file_of_the_largest_size_is_read() throws IOException {
    var filling = "x".repeat(4 * 1024 * 1024 - GOOD.getBytes(StandardCharsets.UTF_8).length - 100);
    put("full.yaml", GOOD.replace("id: quay", "id: full") + "# " + filling);
    assertThat(found()).isEmpty();
  }
}
