package humblequill.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * Every address in the language made up for tests: each sentence of a catalogue stands in brackets
 * there, with accents, and is two fifths longer. A text without brackets comes from no catalogue,
 * unless it is the learner's own.
 */
class MadeUpLanguageTest {
  private static final List<String> ADDRESSES =
      List.of(
          "/today",
          "/course",
          "/quotas",
          "/quotas/new",
          "/sitting?cabinet=ACTION",
          "/cabinet",
          "/settings",
          "/course/library",
          "/topics",
          "/bench",
          "/bench/new",
          "/bench/measure",
          "/look-back/weeks",
          "/look-back/months",
          "/look-back/year",
          "/look-back/before",
          "/look-back/favourites",
          "/look-back/what-for",
          "/look-back/sittings",
          "/shelf",
          "/recall",
          "/search?q=sheer",
          "/books",
          "/tray",
          "/day/2026-03-04");

  /** Labels that hold a word and no bracket. */
  private static final String BARE =
      """
      () => [...document.querySelectorAll('[aria-label], [title], [placeholder]')]
        .flatMap((e) => ['aria-label', 'title', 'placeholder'].map((name) => e.getAttribute(name)))
        .filter((text) => text && /\\p{L}{2}/u.test(text) && !/[\\[\\]]/.test(text))
      """;

  /** How a day is typed. */
  private static final String DAY = "dd/mm/yyyy";

  @Test
  void every_label_comes_from_a_catalogue_and_no_page_is_wider_than_a_phone() {
    try (var quill = HostedQuill.demo();
        var context = Pages.shared().context(390, 844, ColorScheme.LIGHT)) {
      context.addInitScript("localStorage.setItem('language', 'xx')");
      var own = quill.get("/api/courses").body() + quill.get("/api/tray").body();
      var page = context.newPage();
      for (var address : ADDRESSES) {
        page.navigate(quill.url() + address);
        page.getByRole(AriaRole.HEADING).first().waitFor();
        page.waitForLoadState(LoadState.NETWORKIDLE);
        assertThat(page.locator("body").textContent())
            .as("what stands at " + address)
            .contains("[")
            .doesNotContain("[Thís págé bróké");
        @SuppressWarnings("unchecked")
        var bare = (List<String>) page.evaluate(BARE);
        assertThat(bare)
            .as("labels of " + address)
            .allMatch(label -> label.equals(DAY) || own.contains(label));
        assertThat((Integer) page.evaluate("document.documentElement.scrollWidth"))
            .as("the width of " + address)
            .isLessThanOrEqualTo(390);
      }
    }
  }
}
