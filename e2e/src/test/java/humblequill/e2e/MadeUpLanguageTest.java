package humblequill.e2e;

import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import java.util.List;
import java.util.Set;
import org.assertj.core.api.SoftAssertions;
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

  /** Keeps what the server answers, which is where the learner's own words come from. */
  private static final String LISTENING =
      """
      localStorage.setItem('language', 'xx')
      window.answered = ''
      const asked = window.fetch
      window.fetch = async (...what) => {
        const answer = await asked(...what)
        answer.clone().text().then((text) => { window.answered += text.toLowerCase() })
        return answer
      }
      """;

  /**
   * Texts and labels that hold a word and stand neither in brackets nor in what the server
   * answered. Parts between dots, commas and colons are looked for one by one; days and months are
   * written by the browser, and what is cut short ends with three dots.
   */
  private static final String BARE =
      """
      (own) => {
        const words = (own + window.answered).toLowerCase()
        const written = /^(?:[\\d\\s.,:()–—−+±°\\-/%×⅓½]|\\b(?:mon|tues|wednes|thurs|fri|satur|sun)day\\b|\\b(?:mon|tue|wed|thu|fri|sat|sun)\\b|january|february|march|april|may|june|july|august|september|october|november|december|\\b(?:jan|feb|mar|apr|jun|jul|aug|sept|sep|oct|nov|dec)\\b|\\b(?:am|pm|eur|p)\\b)+$/i
        const known = (part) => {
          const text = part.trim().replace(/…$/, '').replace(/^[·(]+|[):…]+$/g, '').trim().toLowerCase()
          return !/\\p{L}{2}/u.test(text) || written.test(text) || words.includes(JSON.stringify(text).slice(1, -1))
        }
        const texts = ['aria-label', 'title', 'placeholder'].flatMap((name) =>
          [...document.querySelectorAll(`[${name}]`)].map((e) => e.getAttribute(name)))
        const nodes = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
        while (nodes.nextNode()) {
          if (!nodes.currentNode.parentElement.closest('script, style, textarea, code')) {
            texts.push(nodes.currentNode.data.trim())
          }
        }
        return [...new Set(texts)].filter((text) =>
          text && !/[\\[\\]]/.test(text) && !known(text) && !text.split(/ · |, |: |; | \\/ /).every(known))
      }
      """;

  /**
   * How a day is typed, a key of the keyboard, and words of the line in which entries are written.
   */
  private static final Set<String> WRITTEN_SO = Set.of("dd/mm/yyyy", "Enter");

  @Test
  void every_text_comes_from_a_catalogue_and_no_page_is_wider_than_its_window() {
    var seen = new SoftAssertions();
    try (var quill = HostedQuill.demo()) {
      look(quill, 390, seen);
      look(quill, 1280, seen);
    }
    seen.assertAll();
  }

  private static void look(Quill quill, int width, SoftAssertions seen) {
    try (var context = Pages.shared().context(width, 844, ColorScheme.LIGHT)) {
      context.addInitScript(LISTENING);
      var own = quill.get("/api/courses").body() + quill.get("/api/tray").body();
      var page = context.newPage();
      for (var address : ADDRESSES) {
        page.navigate(quill.url() + address);
        page.getByRole(AriaRole.HEADING).first().waitFor();
        page.waitForLoadState(LoadState.NETWORKIDLE);
        seen.assertThat(page.locator("body").textContent())
            .as("what stands at " + address)
            .contains("[")
            .doesNotContain("[Thís págé bróké");
        @SuppressWarnings("unchecked")
        var bare = (List<String>) page.evaluate(BARE, own);
        seen.assertThat(bare)
            .as("texts of " + address + " at " + width)
            .filteredOn(text -> !WRITTEN_SO.contains(text))
            .isEmpty();
        seen.assertThat((Integer) page.evaluate("document.documentElement.scrollWidth"))
            .as("the width of " + address)
            .isLessThanOrEqualTo(width);
      }
    }
  }
}
