package humblequill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static humblequill.e2e.BooksTest.starting;
import static humblequill.e2e.Pages.button;
import static humblequill.e2e.Pages.link;

import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What was learned is asked for again, with the demo's learner. */
class RecallTest {
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
  void today_leads_to_a_plate_that_is_drawn_and_uncovered() {
    var page = pages.open(quill.url() + "/today");
    link(page, "Parts of a small boat").click();
    assertThat(page.getByText("Draw it from memory")).isVisible();
    button(page, "Uncover").click();
    page.getByLabel("keel").check();
    button(page, "Keep it").click();
    assertThat(page.getByText("1 of 15 was there.")).isVisible();
    button(page, "Log it as a drawing from memory").click();
    assertThat(page.getByText("Logged as a drawing from memory")).isVisible();
    page.navigate(quill.url() + "/today");
    assertThat(link(page, "How to lay in a hull")).isVisible();
    assertThat(link(page, "Parts of a small boat")).hasCount(0);
    page.context().close();
  }

  @Test
  void an_order_is_put_right_by_keys() {
    var page = pages.open(quill.url() + "/recall/orders/build-a-head");
    var left =
        page.getByRole(AriaRole.LIST, starting("Steps that are left")).getByRole(AriaRole.BUTTON);
    assertThat(left).hasCount(8);
    while (left.count() > 0) {
      int before = left.count();
      left.first().press("Enter");
      assertThat(left).hasCount(before - 1);
    }
    button(page, "That is the order").click();
    assertThat(page.getByText("of 8 in order.")).isVisible();
    page.context().close();
  }

  @Test
  void a_picture_of_the_cabinet_becomes_a_plate_by_keys_alone() {
    var page = pages.open(quill.url() + "/recall/own/plates/new?kind=HULL&seed=3");
    page.getByLabel("What it shows").fill("Hull of the cabinet");
    page.getByLabel("Belongs to the topic").fill("hulls");
    var pins = page.getByRole(AriaRole.BUTTON, starting("Remove "));
    int known = pins.count();
    org.assertj.core.api.Assertions.assertThat(known).isGreaterThan(3);
    page.getByLabel("Name of the next pin").fill("waterline");
    var place = page.getByRole(AriaRole.BUTTON, starting("Set waterline"));
    place.press("Enter");
    assertThat(pins).hasCount(known + 1);
    page.keyboard().press("ArrowDown");
    button(page, "Keep the plate").press("Enter");
    assertThat(page.getByText("Draw it from memory")).isVisible();
    assertThat(page.locator("h1")).containsText("Hull of the cabinet");
    link(page, "Change it").click();
    button(page, "Take it out").click();
    assertThat(page.getByText("Hull of the cabinet was taken out.")).isVisible();
    button(page, "Undo").click();
    assertThat(page.getByRole(AriaRole.LINK, starting("Hull of the cabinet"))).isVisible();
    page.context().close();
  }

  @Test
  void a_plate_comes_in_as_its_files_and_is_refused_in_words() {
    var page = pages.open(quill.url() + "/recall");
    var files = page.getByLabel("Files of a plate");
    var svg =
        file(
            "post.svg",
            "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 9 9'><script>x()</script>"
                + "<path d='M1 1L8 8' stroke='black'/></svg>");
    files.setInputFiles(
        new FilePayload[] {
          file(
              "post.yaml",
              "format: 1\ntitle: Mooring post\npins: [{id: a, name: cap, x: 2, y: 0}]"),
          svg
        });
    assertThat(page.getByText("lies outside the picture")).isVisible();
    files.setInputFiles(
        new FilePayload[] {
          file(
              "post.yaml",
              "format: 1\ntitle: Mooring post\nratio: 1\npins: [{id: a, name: cap, x: 0.5, y: 0}]"),
          svg
        });
    assertThat(page.getByText("Brought in: Mooring post. Left out of its drawing: script."))
        .isVisible();
    page.getByRole(AriaRole.LINK, starting("Mooring post")).click();
    button(page, "Uncover").click();
    page.getByLabel("cap").check();
    button(page, "Keep it").click();
    assertThat(page.getByText("1 of 1 was there.")).isVisible();
    page.context().close();
  }

  private static FilePayload file(String name, String text) {
    return new FilePayload(name, "text/plain", text.getBytes(StandardCharsets.UTF_8));
  }

  @Test
  void an_order_of_ones_own_is_shown_where_its_topic_begins_and_leads_back_there() {
    var page = pages.open(quill.url() + "/recall/own/orders/new");
    page.getByLabel("What it is for").fill("How to lay in a rope");
    page.getByLabel("Belongs to the topic").fill("ropes");
    page.getByLabel("Steps in their order").fill("coil\ncoil");
    button(page, "Keep the order").click();
    assertThat(page.getByText("stands twice")).isVisible();
    page.getByLabel("Steps in their order").fill("line of the whole\ncoil");
    button(page, "Keep the order").click();
    assertThat(page.locator("h1")).containsText("How to lay in a rope");
    page.navigate(quill.url() + "/sitting?title=ropes&topic=ropes");
    page.getByText("How to lay in a rope").click();
    assertThat(page.getByText("line of the whole")).isVisible();
    page.getByLabel("The one thing to look for").fill("where it hangs");
    page.getByText("To warm up, still there?").locator("..").getByRole(AriaRole.LINK).click();
    link(page, "Back to the sitting").click();
    assertThat(page.getByLabel("The one thing to look for")).hasValue("where it hangs");
    page.context().close();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "/recall",
        "/recall/plates/skeleton-front",
        "/recall/plates/hand?way=PLACE",
        "/recall/plates/skull-side?way=NAME",
        "/recall/orders/lay-in-a-hull",
        "/recall/own/plates/new",
        "/recall/own/orders/new",
        "/sitting?title=hulls&topic=hulls"
      })
  void its_pages_are_reachable_for_everyone(String path) {
    var page = pages.open(quill.url() + path);
    assertThat(page.locator("h1").first()).isVisible();
    DemoTest.isForEveryone(page);
    page.context().close();
  }
}
