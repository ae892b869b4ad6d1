package humblequill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static humblequill.e2e.BooksTest.starting;
import static humblequill.e2e.Pages.button;
import static humblequill.e2e.Pages.link;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;

/** A skeleton learned in spring is asked for at the start of a sitting two months later. */
class SeasonOfRecallTest extends LaterTest {
  private void on(String day, String path, Consumer<Page> does) {
    quill.at(day + "T10:00:00Z");
    var page = pages.open(quill.url() + path);
    does.accept(page);
    page.context().close();
  }

  private static void drawn(Page page, int of) {
    button(page, "Uncover").click();
    button(page, "All of them").click();
    button(page, "Keep it").click();
    assertThat(page.getByText("%d of %d were there.".formatted(of, of))).isVisible();
  }

  @Test
  void what_was_learned_in_spring_is_met_again_when_it_is_about_to_fade() {
    on(
        "2026-03-01",
        "/recall",
        page -> {
          button(page, "Ask me for it: Skeleton from the front").click();
          assertThat(page.getByText("next on 2 March 2026")).isVisible();
        });
    on("2026-03-02", "/recall/plates/skeleton-front", page -> drawn(page, 21));
    on(
        "2026-05-05",
        "/sitting?title=figures&topic=figures",
        page -> {
          link(page, "Skeleton from the front").click();
          drawn(page, 21);
          // 64 days are between; the first longer span is 80 days.
          assertThat(page.getByText("It is asked for again on 24 July 2026.")).isVisible();
          button(page, "Log it as a drawing from memory").click();
          assertThat(page.getByText("Logged as a drawing from memory")).isVisible();
          link(page, "Back to the sitting").click();
          assertThat(page.getByLabel("What to draw")).hasValue("figures");
          assertThat(page.getByRole(AriaRole.LINK, starting("Skeleton"))).hasCount(0);
        });
  }
}
