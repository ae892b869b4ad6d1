package humblequill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static humblequill.e2e.BooksTest.starting;
import static humblequill.e2e.Pages.button;
import static humblequill.e2e.Pages.link;

import com.microsoft.playwright.options.AriaRole;
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
    quill = Quill.start(Quill.folder(), "--demo");
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
    assertThat(page.getByText("1 of 15 were there.")).isVisible();
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
      left.first().focus();
      page.keyboard().press("Enter");
      assertThat(left).hasCount(before - 1);
    }
    button(page, "That is the order").click();
    assertThat(page.getByText("of 8 in order.")).isVisible();
    page.context().close();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "/recall",
        "/recall/plates/skeleton-front",
        "/recall/plates/hand?way=PLACE",
        "/recall/plates/skull-side?way=NAME",
        "/recall/orders/lay-in-a-hull"
      })
  void its_pages_are_reachable_for_everyone(String path) {
    var page = pages.open(quill.url() + path);
    assertThat(page.locator("h1").first()).isVisible();
    DemoTest.isForEveryone(page);
    page.context().close();
  }
}
