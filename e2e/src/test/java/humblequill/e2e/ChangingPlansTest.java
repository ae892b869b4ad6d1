package humblequill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static humblequill.e2e.Pages.button;
import static humblequill.e2e.Pages.field;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** A plan that meets life: a learner on Thursday who has drawn nothing since Monday. */
class ChangingPlansTest extends LaterTest {
  ChangingPlansTest() {
    var placed = "{\"courseId\":\"harbour-year\",\"start\":\"2026-03-02\"}";
    assertThat(quill.json("PUT", "/api/course", placed).statusCode()).isEqualTo(200);
  }

  private static Locator tab(Page page, String name) {
    return page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name));
  }

  /** The last day of the course as the page says it. */
  private static Locator ends(Page page, String date) {
    return page.getByText("ends " + date);
  }

  @Test
  void days_missed_a_longer_week_and_a_detour_and_all_of_it_taken_back() {
    var page = pages.open(quill.url() + "/course");
    assertThat(ends(page, "16 August 2026")).isVisible();

    button(page, "Missed work: 3 days").click();
    var slide =
        page.getByRole(
            AriaRole.REGION, new Page.GetByRoleOptions().setName("Slide").setExact(true));
    assertThat(slide.getByText("19 August 2026")).isVisible();
    field(page, "Reason, kept in the history").fill("three days with a cold");
    button(page, "Slide this time").click();
    assertThat(ends(page, "19 August 2026")).isVisible();

    tab(page, "Week 7").click();
    // Pressed at once: it is never the week before that is changed.
    button(page, "It needs longer").click();
    page.getByText("Make the week longer or shorter").click();
    field(page, "Length in days").fill("none");
    assertThat(page.getByText("not “none”")).isVisible();
    field(page, "Length in days").fill("21");
    assertThat(page.getByText("14 days later")).isVisible();
    button(page, "Change the plan").click();
    assertThat(ends(page, "2 September 2026")).isVisible();

    button(page, "Something else comes first").click();
    page.getByText("A detour").click();
    page.getByLabel("From the course").selectOption("Figure from the ground up");
    page.getByText("5 · Turning boxes and cylinders").click();
    assertThat(page.getByText("7 days later")).isVisible();
    field(page, "Reason, kept in the history").fill("ellipses first");
    button(page, "Change the plan").click();
    assertThat(tab(page, "Detour")).isVisible();
    assertThat(ends(page, "9 September 2026")).isVisible();

    button(page, "How the plan came to be").click();
    assertThat(page.getByText("ellipses first")).isVisible();
    assertThat(page.getByText("It stays: a later change builds on it")).isVisible();
    for (var end : new String[] {"2 September 2026", "19 August 2026", "16 August 2026"}) {
      button(page, "Take it back").first().click();
      assertThat(page.getByText(end).first()).isVisible();
    }
    page.keyboard().press("Escape");
    assertThat(ends(page, "16 August 2026")).isVisible();
    page.context().close();
  }

  @Test
  void a_course_is_written_by_keyboard_and_followed_beside_the_first() {
    var page = pages.open(quill.url() + "/course/edit/new");
    field(page, "Title").fill("Mooring posts");
    field(page, "Id, lower-case words joined by hyphens").fill("Mooring Posts");
    page.getByText("The same as a form").click();
    button(page, "Add an exercise").press("Enter");
    field(page, "Exercise").fill("Posts at low water");
    field(page, "Drawings").fill("many");
    assertThat(page.getByText("Not complete yet")).isVisible();
    field(page, "Drawings").fill("40");
    field(page, "Id, lower-case words joined by hyphens").fill("mooring-posts");
    assertThat(page.getByText("% of your room")).isVisible();
    button(page, "Add a week").press("Enter");
    button(page, "Week 2 earlier").press("Enter");
    assertThat(page.getByText("2. Week 1")).isVisible();
    button(page, "Save the course").click();
    button(page, "Follow Mooring posts").click();
    page.getByText("beside the main course").click();
    button(page, "Place it").click();
    assertThat(page.getByText("The room goes 70 % to Harbour Year")).isVisible();
    page.navigate(quill.url() + "/course/library");
    button(page, "Follow Mooring posts").click();
    page.getByText("beside the main course").click();
    button(page, "Only end Mooring posts").click();
    assertThat(page.getByText("You follow it no more.")).isVisible();
    page.context().close();
  }

  @Test
  void a_topic_that_would_need_itself_is_refused_with_the_circle() {
    var page = pages.open(quill.url() + "/course/topics");
    button(page, "boxes ← lines, angles").click();
    field(page, "Needs first, with commas").fill("hulls");
    button(page, "Keep it").click();
    assertThat(page.getByText("hulls → boxes → hulls").or(page.getByText("boxes → hulls → boxes")))
        .isVisible();
    assertThat(field(page, "Needs first, with commas")).hasValue("hulls");
    page.context().close();
  }

  @Test
  void an_appointment_is_kept_and_shown_in_the_week() {
    var page = pages.open(quill.url() + "/settings");
    button(page, "Add an appointment").click();
    field(page, "Title").fill("Quay group");
    field(page, "When").selectOption("every Saturday");
    field(page, "From").fill("2026-03-01");
    field(page, "Minutes").fill("45");
    page.getByLabel("Poses usually given, count x minutes").fill("ten");
    assertThat(page.getByText("“ten” is not a list")).isVisible();
    page.getByLabel("Poses usually given, count x minutes").fill("5 x 8");
    button(page, "Keep it").click();
    assertThat(page.getByText("Quay group").first()).isVisible();
    page.navigate(quill.url() + "/course");
    assertThat(page.getByText("19:00 Quay group")).isVisible();
    page.context().close();
  }

  @Test
  void a_past_day_is_reached_mended_and_paused_by_keyboard() {
    var page = pages.open(quill.url() + "/today");
    page.keyboard().press("Escape");
    page.getByLabel("Search entries and exercises").fill("2 March");
    page.keyboard().press("Enter");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("2 March 2026"))
        .press("Enter");
    assertThat(
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Monday 2 March")))
        .isVisible();
    page.getByLabel("Write it down").fill("3 lanterns, 9 min, pen");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("a new topic"))
        .press("Enter");
    page.keyboard().press("Enter");
    assertThat(page.getByText("Logged for Monday")).isVisible();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Change lanterns")).click();
    field(page, "Drawings").fill("4");
    page.keyboard().press("Escape");
    assertThat(page.getByText("What you filled in is not kept yet.")).isVisible();
    button(page, "Go on filling in").press("Enter");
    button(page, "Save the change").press("Enter");
    assertThat(
            page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Change lanterns · 4")))
        .isVisible();

    page.navigate(quill.url() + "/course");
    button(page, "I was or will be away").press("Enter");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Ill or away"))
        .press("Enter");
    field(page, "To").fill("08/03/2026");
    assertThat(page.getByText("days later")).isVisible();
    button(page, "Pause").press("Enter");
    assertThat(page.getByText("Paused.")).isVisible();
    button(page, "Undo").press("Enter");
    assertThat(page.getByText("Taken back.")).isVisible();
    page.context().close();
  }
}
