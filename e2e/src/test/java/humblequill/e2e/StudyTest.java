package humblequill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static humblequill.e2e.BooksTest.starting;
import static humblequill.e2e.Pages.button;
import static humblequill.e2e.Pages.field;
import static humblequill.e2e.Pages.link;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** What is studied and from what, with the demo's learner. */
class StudyTest {
  private static Quill quill;
  private static Pages pages;

  @BeforeAll
  static void start() {
    quill = HostedQuill.demo();
    pages = Pages.shared();
  }

  @AfterAll
  static void stop() {
    quill.close();
  }

  @Test
  void a_rusty_topic_that_is_needed_soon_becomes_a_warm_up_and_goes_again() {
    var page = pages.open(quill.url() + "/today");
    var offer = page.getByRole(AriaRole.BUTTON, starting("Warm up, ")).first();
    offer.press("Enter");
    assertThat(page.getByText("is a warm-up of today.")).isVisible();
    assertThat(page.getByText("within setting up")).isVisible();
    page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Take out")))
        .click();
    assertThat(page.getByText("within setting up")).hasCount(0);
    page.context().close();
  }

  @Test
  void a_topic_that_feels_weak_gets_more_of_it_with_its_effect_first() {
    var page = pages.open(quill.url() + "/topics");
    link(page, "rope and nets").press("Enter");
    assertThat(page.getByText("Minutes a week")).isVisible();
    page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Minutes a week"))
        .press("ArrowRight");
    assertThat(page.getByText(Pattern.compile("^Week of .*drawings?$")).first()).isVisible();
    button(page, "This feels weak").click();
    field(page, "Drawings more").fill("8");
    assertThat(page.getByText("The course ends on")).isVisible();
    button(page, "Change the plan").click();
    assertThat(page.getByText("0 of 8 more drawings are made.")).isVisible();
    org.assertj.core.api.Assertions.assertThat(DemoTest.axe(page)).isEmpty();
    page.context().close();
  }

  @Test
  void pages_read_in_a_line_stand_on_the_shelf() {
    var page = pages.open(quill.url() + "/shelf");
    link(page, "Ropes, plainly drawn").click();
    assertThat(page.getByText(Pattern.compile("next is page"))).isVisible();
    page.navigate(quill.url() + "/today");
    page.getByLabel("Write it down")
        .fill("rope and nets, pp 90-95 of ropes, plainly drawn, 20 min, copied");
    assertThat(page.getByText("pages 90-95")).isVisible();
    page.keyboard().press("Enter");
    assertThat(page.getByText("Logged")).isVisible();
    page.navigate(quill.url() + "/shelf");
    link(page, "Ropes, plainly drawn").click();
    assertThat(page.getByText(Pattern.compile("next is page 96"))).isVisible();
    page.context().close();
  }

  @Test
  void a_circle_in_only_after_is_named_and_what_was_typed_stays() {
    var page = pages.open(quill.url() + "/shelf");
    link(page, "Boats from keel to rail").click();
    button(page, "Tell more of it").click();
    page.getByText("Only after", new Page.GetByTextOptions().setExact(true)).click();
    page.getByLabel("Shadows over water").check();
    button(page, "Keep it").click();
    assertThat(page.getByText("would run in a circle").first()).isVisible();
    assertThat(page.getByLabel("Shadows over water")).isChecked();
    page.context().close();
  }

  @Test
  void a_course_in_plain_lines_is_kept() {
    var page = pages.open(quill.url() + "/course/edit/new");
    field(page, "Title").fill("Pots and posts");
    page.getByLabel(Pattern.compile("^A week"))
        .fill("Week 1: Poses\n- 200 gestures, 90 s each, photo\n- hands\nWeek 2: Later\n");
    assertThat(page.getByText("Week 2 has no exercise yet.")).isVisible();
    assertThat(page.getByText("proposed how much")).isVisible();
    button(page, "Save the course").click();
    assertThat(button(page, "Follow Pots and posts")).isVisible();
    page.context().close();
  }
}
