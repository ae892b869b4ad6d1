package humblequill.server.course;

import humblequill.server.data.DataFolder;
import humblequill.server.edge.Refusal;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/**
 * The courses that can be placed: those that ship, and files of the learner's own in the folder
 * {@code courses}.
 */
@Component
class CourseLibrary {
  private static final long LARGEST_FILE = 4L * 1024 * 1024;

  private final CourseFormat format;
  private final DataFolder folder;
  private @Nullable List<Shelved> shipped;

  CourseLibrary(CourseFormat format, DataFolder folder) {
    this.format = format;
    this.folder = folder;
  }

  /**
   * A course on the shelf.
   *
   * @param file its own file; null for one that ships
   */
  record Shelved(CourseFormat.Parsed parsed, @Nullable Path file) {
    String id() {
      return parsed.course().id();
    }
  }

  /** Courses that can be placed, and files that cannot, each with the place and the reason. */
  record Shelf(List<Shelved> courses, List<Courses.BrokenFile> broken) {}

  synchronized Shelf shelf() {
    var courses = new ArrayList<>(shipped());
    var broken = new ArrayList<Courses.BrokenFile>();
    for (var file : ownFiles()) {
      var name = file.getFileName().toString();
      try {
        var parsed = format.parse(text(file));
        if (courses.stream().anyMatch(c -> c.id().equals(parsed.course().id()))) {
          throw new CourseFormat.Broken(
              "id", "there is another course with the id \"" + parsed.course().id() + "\"");
        }
        courses.add(new Shelved(parsed, file));
      } catch (CourseFormat.Broken e) {
        broken.add(new Courses.BrokenFile(name, e.path(), String.valueOf(e.getMessage())));
      } catch (IOException e) {
        broken.add(new Courses.BrokenFile(name, "", "the file cannot be read"));
      }
    }
    return new Shelf(courses, broken);
  }

  /** Shipped courses do not change while the application runs. */
  private List<Shelved> shipped() {
    if (shipped == null) {
      try {
        var read = new ArrayList<Shelved>();
        for (var resource :
            new PathMatchingResourcePatternResolver().getResources("classpath:/courses/*.yaml")) {
          var text = resource.getContentAsString(StandardCharsets.UTF_8);
          read.add(new Shelved(format.parse(text), null));
        }
        shipped = List.copyOf(read);
      } catch (IOException | CourseFormat.Broken e) {
        throw new IllegalStateException("A shipped course cannot be read", e);
      }
    }
    return shipped;
  }

  Optional<CourseFormat.Parsed> find(String id) {
    return shelved(id).map(Shelved::parsed);
  }

  private Optional<Shelved> shelved(String id) {
    return shelf().courses().stream().filter(c -> c.id().equals(id)).findFirst();
  }

  private List<Path> ownFiles() {
    if (!Files.isDirectory(folder.courses())) {
      return List.of();
    }
    try (var own = Files.list(folder.courses())) {
      return own.filter(p -> p.toString().matches("(?i).*\\.(ya?ml|json)")).sorted().toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static String text(Path file) throws IOException, CourseFormat.Broken {
    if (Files.size(file) > LARGEST_FILE) {
      throw new CourseFormat.Broken("", "the file is larger than 4 MB");
    }
    return Files.readString(file, StandardCharsets.UTF_8);
  }

  /**
   * Keeps a course as a file of the learner's own, in place of the one with its id.
   *
   * @param mayReplace whether one of the learner's own with the same id gives way
   */
  synchronized void save(JsonNode document, String id, boolean mayReplace) {
    var there = shelved(id);
    if (there.isPresent() && (there.get().file() == null || !mayReplace)) {
      throw Refusal.conflict(
          "id-taken", "There is a course with the id \"" + id + "\" already. Choose another id.");
    }
    try {
      Files.createDirectories(folder.courses());
      var old = there.map(Shelved::file).orElse(null);
      boolean json =
          old != null && old.toString().toLowerCase(java.util.Locale.ROOT).endsWith("json");
      var target = old == null ? folder.courses().resolve(id + ".yaml") : old;
      var unfinished = folder.courses().resolve(id + ".unfinished");
      try (var out =
          FileChannel.open(
              unfinished,
              StandardOpenOption.CREATE,
              StandardOpenOption.TRUNCATE_EXISTING,
              StandardOpenOption.WRITE)) {
        var text = json ? document.toPrettyString() : CourseFormat.yaml(document);
        out.write(java.nio.ByteBuffer.wrap(text.getBytes(StandardCharsets.UTF_8)));
        out.force(true);
      }
      Files.move(
          unfinished, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Removes a course of the learner's own; courses that ship stay. */
  synchronized void delete(String id) {
    var there = shelved(id).orElseThrow(() -> Refusal.notFound("course", id));
    var file = there.file();
    if (file == null) {
      throw Refusal.conflict("ships", "\"" + id + "\" ships with Humble Quill and stays.");
    }
    try {
      Files.deleteIfExists(file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
