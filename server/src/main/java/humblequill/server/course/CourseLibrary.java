package humblequill.server.course;

import humblequill.server.data.DataFolder;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

/**
 * The courses that can be placed: those that ship, and files the learner put into the folder {@code
 * courses}.
 */
@Component
class CourseLibrary {
  private static final long LARGEST_FILE = 4L * 1024 * 1024;

  private final CourseFormat format;
  private final DataFolder folder;

  CourseLibrary(CourseFormat format, DataFolder folder) {
    this.format = format;
    this.folder = folder;
  }

  /** Courses that can be placed, and files that cannot, each with the place and the reason. */
  record Shelf(List<CourseFormat.Parsed> courses, List<Courses.BrokenFile> broken) {}

  Shelf shelf() {
    var courses = new ArrayList<CourseFormat.Parsed>();
    var broken = new ArrayList<Courses.BrokenFile>();
    for (var file : files()) {
      try {
        var parsed = format.parse(file.read());
        if (courses.stream().anyMatch(c -> c.course().id().equals(parsed.course().id()))) {
          throw new CourseFormat.Broken(
              "id", "there is another course with the id \"" + parsed.course().id() + "\"");
        }
        courses.add(parsed);
      } catch (CourseFormat.Broken e) {
        broken.add(new Courses.BrokenFile(file.name(), e.path(), String.valueOf(e.getMessage())));
      } catch (IOException e) {
        broken.add(new Courses.BrokenFile(file.name(), "", "the file cannot be read"));
      }
    }
    return new Shelf(courses, broken);
  }

  Optional<CourseFormat.Parsed> find(String id) {
    return shelf().courses().stream().filter(c -> c.course().id().equals(id)).findFirst();
  }

  private interface Reading {
    String read() throws IOException, CourseFormat.Broken;
  }

  private record CourseFile(String name, Reading reading) {
    String read() throws IOException, CourseFormat.Broken {
      return reading.read();
    }
  }

  private List<CourseFile> files() {
    var files = new ArrayList<CourseFile>();
    try {
      for (var resource :
          new PathMatchingResourcePatternResolver().getResources("classpath:/courses/*.yaml")) {
        files.add(
            new CourseFile(
                String.valueOf(resource.getFilename()),
                () -> resource.getContentAsString(StandardCharsets.UTF_8)));
      }
      if (Files.isDirectory(folder.courses())) {
        try (var own = Files.list(folder.courses())) {
          own.filter(p -> p.toString().matches("(?i).*\\.(ya?ml|json)"))
              .sorted()
              .forEach(
                  p -> files.add(new CourseFile(p.getFileName().toString(), () -> readOwn(p))));
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return files;
  }

  private static String readOwn(Path file) throws IOException, CourseFormat.Broken {
    if (Files.size(file) > LARGEST_FILE) {
      throw new CourseFormat.Broken("", "the file is larger than 4 MB");
    }
    return Files.readString(file, StandardCharsets.UTF_8);
  }
}
