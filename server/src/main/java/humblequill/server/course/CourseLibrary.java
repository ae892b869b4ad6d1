package humblequill.server.course;

import humblequill.core.ground.message.Message;
import humblequill.server.ground.data.DataFolder;
import humblequill.server.ground.data.Disk;
import humblequill.server.ground.data.SafeFiles;
import humblequill.server.ground.edge.Refusal;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
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
  private static final int LARGEST_FILE = 4 * 1024 * 1024;

  private final CourseFormat format;
  private final DataFolder folder;
  private final Disk disk;
  private @Nullable List<Known> shipped;
  private @Nullable All known;
  private SortedMap<Path, String> stamps = new TreeMap<>();

  CourseLibrary(CourseFormat format, DataFolder folder, Disk disk) {
    this.format = format;
    this.folder = folder;
    this.disk = disk;
  }

  /**
   * A course that can be placed.
   *
   * @param file its own file; null for one that ships
   */
  record Known(CourseFormat.Parsed parsed, @Nullable Path file) {
    String id() {
      return parsed.course().id();
    }
  }

  /** Courses that can be placed, and files that cannot, each with the place and the reason. */
  record All(List<Known> courses, List<Courses.BrokenFile> broken) {}

  /** All courses; files are read again only when one of them changed. */
  synchronized All all() {
    var files = stamps();
    if (known == null || !files.equals(stamps)) {
      known = read(files.keySet());
      stamps = files;
    }
    return known;
  }

  private All read(Collection<Path> files) {
    var courses = new ArrayList<>(shipped());
    var broken = new ArrayList<Courses.BrokenFile>();
    for (var file : files) {
      var name = file.getFileName().toString();
      try {
        var parsed = format.parse(text(file));
        if (courses.stream().anyMatch(c -> c.id().equals(parsed.course().id()))) {
          throw new CourseFormat.Broken(
              "id", Message.of("course.idOfAnother", "id", parsed.course().id()));
        }
        courses.add(new Known(parsed, file));
      } catch (CourseFormat.Broken e) {
        broken.add(new Courses.BrokenFile(name, e.path(), e.place(), e.why()));
      } catch (CharacterCodingException e) {
        broken.add(Courses.BrokenFile.whole(name, Message.of("course.notText")));
      } catch (IOException | RuntimeException e) {
        broken.add(Courses.BrokenFile.whole(name, Message.of("course.fileUnreadable")));
      }
    }
    return new All(courses, broken);
  }

  /** The learner's own files with what changes when they do. */
  private SortedMap<Path, String> stamps() {
    var found = new TreeMap<Path, String>();
    for (var file : ownFiles()) {
      try {
        var of = Files.readAttributes(file, BasicFileAttributes.class);
        found.put(file, of.size() + " " + of.lastModifiedTime() + " " + of.fileKey());
      } catch (IOException e) {
        found.put(file, "unreadable");
      }
    }
    return found;
  }

  /** Shipped courses do not change while the application runs. */
  private List<Known> shipped() {
    if (shipped == null) {
      try {
        var read = new ArrayList<Known>();
        for (var resource :
            new PathMatchingResourcePatternResolver().getResources("classpath:/courses/*.yaml")) {
          var text = resource.getContentAsString(StandardCharsets.UTF_8);
          read.add(new Known(format.parse(text), null));
        }
        shipped = List.copyOf(read);
      } catch (IOException | CourseFormat.Broken e) {
        throw new IllegalStateException("A shipped course cannot be read", e);
      }
    }
    return shipped;
  }

  Optional<CourseFormat.Parsed> find(String id) {
    return byId(id).map(Known::parsed);
  }

  private Optional<Known> byId(String id) {
    return all().courses().stream().filter(c -> c.id().equals(id)).findFirst();
  }

  private List<Path> ownFiles() {
    if (!Files.isDirectory(folder.courses())) {
      return List.of();
    }
    try (var own = Files.list(folder.courses())) {
      return own.filter(p -> p.toString().matches("(?i).*\\.(ya?ml|json)")).sorted().toList();
    } catch (IOException e) {
      return List.of();
    }
  }

  /** What lies there may be no ordinary file, or one without an end. */
  private static String text(Path file) throws IOException, CourseFormat.Broken {
    if (!Files.isRegularFile(file)) {
      throw new CourseFormat.Broken("", Message.of("course.noOrdinaryFile"));
    }
    try (var in = Files.newInputStream(file)) {
      var bytes = in.readNBytes(LARGEST_FILE + 1);
      if (bytes.length > LARGEST_FILE) {
        throw new CourseFormat.Broken("", Message.of("course.fileTooLarge"));
      }
      return StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
    }
  }

  /**
   * Keeps a course as a file of the learner's own, in place of the one with its id.
   *
   * @param mayReplace whether one of the learner's own with the same id gives way
   */
  synchronized void save(JsonNode document, String id, boolean mayReplace) {
    var there = byId(id);
    if (there.isPresent() && (there.get().file() == null || !mayReplace)) {
      throw Refusal.conflict("id-taken", Message.of("course.idTaken", "id", id));
    }
    disk.mustKeep();
    try {
      Files.createDirectories(folder.courses());
      var old = there.map(Known::file).orElse(null);
      boolean json =
          old != null && old.toString().toLowerCase(java.util.Locale.ROOT).endsWith("json");
      var target = old == null ? folder.courses().resolve(id + ".yaml") : old;
      var text = json ? document.toPrettyString() : CourseFormat.yaml(document);
      SafeFiles.replace(target, text.getBytes(StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Removes a course of the learner's own; courses that ship stay. */
  synchronized void delete(String id) {
    var there = byId(id).orElseThrow(() -> Refusal.notFound("course", id));
    var file = there.file();
    if (file == null) {
      throw Refusal.conflict("ships", Message.of("course.shipped", "id", id));
    }
    disk.mustKeep();
    try {
      Files.deleteIfExists(file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
