package humblequill.server.course;

import humblequill.core.course.JoinedWeek;
import humblequill.core.ground.calendar.WeekPattern;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

@RestController
@RequestMapping("/api/courses")
class CoursesController {
  private final CourseOffers offers;

  CoursesController(CourseOffers offers) {
    this.offers = offers;
  }

  @GetMapping
  Courses courses(
      @RequestParam(required = false) @Nullable @Size(min = 7, max = 7)
          List<@NotNull @Min(0) @Max(WeekPattern.MAX_MINUTES) Integer> week) {
    return offers.courses(week);
  }

  @GetMapping("/{id}")
  Object document(@PathVariable String id) {
    return offers.document(id);
  }

  @PutMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void save(
      @PathVariable String id,
      @RequestBody JsonNode document,
      @RequestParam(defaultValue = "false") boolean replace) {
    offers.save(id, document, replace);
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable String id) {
    offers.delete(id);
  }

  @PostMapping("/check")
  Courses.Checked check(@RequestBody JsonNode document) {
    return offers.check(document);
  }

  @PostMapping(
      path = "/import",
      consumes = {MediaType.TEXT_PLAIN_VALUE, "application/yaml"})
  Brought bring(@RequestBody String text) {
    return new Brought(offers.bring(text));
  }

  @GetMapping("/{id}/file")
  ResponseEntity<String> file(
      @PathVariable String id,
      @RequestParam(defaultValue = "yaml")
          @Pattern(regexp = "yaml|json", message = "ground.yamlOrJson")
          String as) {
    boolean json = as.equals("json");
    var name = ContentDisposition.attachment().filename(id + "." + as).build().toString();
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, name)
        .contentType(MediaType.parseMediaType(json ? "application/json" : "application/yaml"))
        .body(offers.text(id, json));
  }

  @PostMapping("/merge")
  Courses.Merged merge(@RequestBody @Valid ToMerge merge) {
    return offers.merge(merge);
  }

  /** Id of a course that was brought in. */
  record Brought(String id) {}

  /**
   * Two courses to merge.
   *
   * @param decided ids of conflicts that are decided for the order that was refused
   * @param joins what becomes of weeks about the same topic, by the id of the join; both into one
   *     where nothing is said
   * @param id id of the merged course
   */
  record ToMerge(
      @NotBlank @Size(max = 80) String first,
      @NotBlank @Size(max = 80) String second,
      @NotNull @Size(max = 200) Set<@NotBlank String> decided,
      @NotNull @Size(max = 200) Map<@NotBlank String, JoinedWeek.@NotNull As> joins,
      @NotBlank @Pattern(regexp = "[a-z0-9]+(-[a-z0-9]+)*") @Size(max = 80) String id,
      @NotBlank @Size(max = 120) String title) {}
}
