package humblequill.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
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

  /** Texts on the page and in labels that hold a word and no bracket. */
  private static final String BARE =
      """
      () => {
        const bare = new Set()
        const look = (text, where) => {
          if (text && /\\p{L}{2}/u.test(text) && !/[\\[\\]]/.test(text)) bare.add(where + ': ' + text.trim().slice(0, 90))
        }
        const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
        while (walk.nextNode()) {
          const node = walk.currentNode
          if (!node.parentElement.closest('script, style, svg, [data-own]')) look(node.textContent, 'text')
        }
        for (const e of document.querySelectorAll('[aria-label], [title], [placeholder], [alt]')) {
          for (const name of ['aria-label', 'title', 'placeholder', 'alt']) look(e.getAttribute(name), name)
        }
        return [...bare]
      }
      """;

  @Test
  void look() {
    var found = new TreeSet<String>();
    try (var quill = HostedQuill.demo()) {
      for (int width : new int[] {1280, 390}) {
        BrowserContext context = Pages.shared().context(width, 844, ColorScheme.LIGHT);
        context.addInitScript("localStorage.setItem('language', 'xx')");
        Page page = context.newPage();
        for (var address : ADDRESSES) {
          page.navigate(quill.url() + address);
          page.getByRole(AriaRole.HEADING).first().waitFor();
          page.waitForLoadState(LoadState.NETWORKIDLE);
          @SuppressWarnings("unchecked")
          var bare = (List<String>) page.evaluate(BARE);
          bare.forEach(text -> found.add(address + " " + text));
          if (width == 390) {
            var wide = (Integer) page.evaluate("document.documentElement.scrollWidth");
            if (wide > 390) {
              found.add(address + " is " + wide + " wide");
            }
          }
        }
        context.close();
      }
    }
    found.forEach(System.out::println);
    assertThat(new ArrayList<>(found)).isEmpty();
  }
}
