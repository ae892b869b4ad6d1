package humblequill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static humblequill.e2e.Pages.field;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ForcedColors;
import com.microsoft.playwright.options.LoadState;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The main pages with the demo's data. */
class DemoTest {
  private static final Map<String, Page> WINDOWS = new HashMap<>();

  private static Quill quill;
  private static Pages pages;

  @BeforeAll
  static void start() {
    quill = HostedQuill.demo();
    pages = Pages.shared();
  }

  @AfterAll
  static void stop() {
    WINDOWS.values().forEach(page -> page.context().close());
    quill.close();
  }

  @ParameterizedTest
  @CsvSource({
    "/today, 1280, LIGHT",
    "/today, 1280, DARK",
    "/today, 390, LIGHT",
    "/course, 1280, LIGHT",
    "/course, 1280, DARK",
    "/course, 390, DARK",
    "/quotas, 390, DARK",
    "/quotas/new, 1280, DARK",
    "/sitting?cabinet=ACTION, 1280, LIGHT",
    "/cabinet, 390, DARK",
    "/settings, 1280, LIGHT",
    "/settings, 1280, DARK",
    "/course/library, 1280, LIGHT",
    "/course/library, 390, DARK",
    "/topics, 1280, LIGHT",
    "/topics, 390, DARK",
    "/topics/edit, 1280, DARK",
    "/bench, 1280, LIGHT",
    "/bench/new, 390, DARK",
    "/bench/measure, 1280, DARK",
    "/look-back/weeks, 1280, LIGHT",
    "/look-back/months, 390, DARK",
    "/look-back/year, 1280, DARK",
    "/look-back/before, 390, DARK",
    "/look-back/favourites, 390, LIGHT",
    "/shelf, 1280, LIGHT",
    "/shelf, 390, DARK",
    "/course/edit/new?from=one-subject-one-week&as=mine, 1280, LIGHT",
    "/course/merge, 1280, LIGHT",
    "/search?q=sheer, 1280, LIGHT",
    "/search?q=sheer, 1280, DARK",
    "/books, 1280, LIGHT",
    "/books, 390, DARK",
    "/tray, 1280, LIGHT",
    "/tray, 390, DARK",
    "/day/2026-03-04, 1280, LIGHT",
    "/day/2026-03-04, 390, DARK"
  })
  void the_accessibility_scan_finds_nothing(String path, int width, ColorScheme scheme) {
    // One page for each size and colour, so that scripts and fonts are read once.
    var page =
        WINDOWS.computeIfAbsent(
            width + " " + scheme, k -> pages.context(width, 844, scheme).newPage());
    page.navigate(quill.url() + path);
    page.getByRole(AriaRole.HEADING).first().waitFor();
    if (path.equals("/today")) {
      page.getByLabel("Write it down").fill("4 shed corners, 12 min, 7/5");
      page.getByText("Leave it out").waitFor();
    }
    assertThat(scheme == ColorScheme.DARK ? contrast(page) : axe(page)).isEmpty();
    assertThat(standingOut(page)).isEmpty();
  }

  /**
   * By the browser's own record of what moved without being asked to: 0 is nothing, 0.1 is what is
   * commonly held to disturb (Web Vitals, Cumulative Layout Shift).
   */
  @Test
  void nothing_moves_away_while_a_page_comes() {
    var context = pages.context(1280, 800, ColorScheme.LIGHT);
    // A page that waits for one of its parts shows the others after a second; on a busy machine
    // that is too soon to tell whether it waits.
    context.addInitScript(
        """
        const set = window.setTimeout
        window.setTimeout = (run, after, ...more) => set(run, after === 1000 ? 600000 : after, ...more)
        window.moved = 0
        new PerformanceObserver((list) => list.getEntries().forEach((e) => (window.moved += e.value)))
          .observe({ type: 'layout-shift', buffered: true })
        """);
    var page = context.newPage();
    for (var path :
        List.of(
            "/today",
            "/sitting?free=true",
            "/bench",
            "/settings",
            "/easy",
            "/look-back/before",
            aPageWithAPicture())) {
      page.navigate(quill.url() + path);
      page.getByRole(AriaRole.HEADING).first().waitFor();
      page.waitForLoadState(LoadState.NETWORKIDLE);
      assertThat(((Number) page.evaluate("window.moved")).doubleValue()).as(path).isLessThan(0.002);
    }
    context.close();
  }

  private static String aPageWithAPicture() {
    var books = quill.get("/api/books").body();
    var first = Pattern.compile("\\[\\{\"id\":\"([^\"]+)").matcher(books);
    assertThat(first.find()).isTrue();
    var page = "/books/" + first.group(1) + "/3";
    assertThat(quill.get("/api" + page.replace("/3", "/pages/3")).body())
        .contains("\"originalName\"");
    return page;
  }

  @Test
  void an_address_at_which_nothing_lies_has_a_page_that_leads_on() {
    var page = pages.open(quill.url() + "/course/nowhere");
    assertThat(
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("No such page")))
        .isVisible();
    assertThat(axe(page)).isEmpty();
    page.getByRole(AriaRole.MAIN).getByText("Today").click();
    assertThat(
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("To draw today")))
        .isVisible();
    assertThat(page.locator("p[aria-live=polite].sr-only")).hasText("To draw today");
    page.context().close();
  }

  @Test
  void the_form_and_the_key_list_pass_the_scan_too() {
    var page = pages.open(quill.url() + "/today");
    page.getByText("Fill in the form instead").click();
    field(page, "Drawings").waitFor();
    assertThat(axe(page)).isEmpty();
    page.keyboard().press("Escape");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keys")).click();
    page.getByText("This list").waitFor();
    assertThat(axe(page)).isEmpty();
    page.context().close();
  }

  /** What axe-core finds, as "rule: place". */
  static List<String> axe(Page page) {
    return scan(page, "['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']");
  }

  /** Nothing is found by axe-core, and on a phone nothing stands out to the side. */
  static void isForEveryone(Page page) {
    assertThat(axe(page)).isEmpty();
    page.setViewportSize(390, 844);
    try {
      // What is measured lays itself out anew; whatever still stands out after that is found.
      page.waitForCondition(
          () -> standingOut(page).isEmpty(), new Page.WaitForConditionOptions().setTimeout(60_000));
    } catch (TimeoutError e) {
      assertThat(standingOut(page)).isEmpty();
    }
  }

  @SuppressWarnings("unchecked")
  private static List<String> standingOut(Page page) {
    return (List<String>)
        page.evaluate(
            """
            () => document.documentElement.scrollWidth <= innerWidth ? [] :
              [...document.querySelectorAll('body *')]
                .filter((e) => e.getBoundingClientRect().right > innerWidth)
                .map((e) => e.tagName + ' ' + e.className)
            """);
  }

  /** Night differs from day in nothing but its colours. */
  private static List<String> contrast(Page page) {
    return scan(page, "{ type: 'rule', values: ['color-contrast'] }");
  }

  @SuppressWarnings("unchecked")
  private static List<String> scan(Page page, String rules) {
    // A sheet that is still fading in has the contrast of neither state.
    page.evaluate("() => Promise.all(document.getAnimations().map((a) => a.finished))");
    page.evaluate(script());
    return (List<String>)
        page.evaluate(
            "async () => (await axe.run(document, { resultTypes: ['violations'], runOnly: "
                + rules
                + " }))"
                + ".violations.flatMap((v) => v.nodes.map((n) => v.id + ': ' + n.target.join(' ') + ' ' + n.failureSummary))");
  }

  private static String script() {
    try {
      return java.nio.file.Files.readString(
          Quill.root().resolve("web/node_modules/axe-core/axe.min.js"));
    } catch (java.io.IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
  }

  @Test
  void the_log_line_is_written_asked_about_and_saved_by_keyboard_alone() {
    var page = pages.open(quill.url() + "/course");
    page.getByRole(AriaRole.HEADING).first().waitFor();
    page.keyboard().press("l");
    assertThat(page.getByLabel("Write it down")).isFocused();
    page.keyboard().type("2 cranes, 5 min, 10 min");
    page.keyboard().press("Enter");
    var answer =
        page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName("5 min").setExact(true));
    assertThat(answer).isFocused();
    page.keyboard().press("Enter");
    assertThat(page.getByLabel("Write it down")).isFocused();
    assertThat(page.getByLabel("Write it down")).hasValue("2 cranes, 5 min");
    page.keyboard().press("Enter");
    assertThat(page.getByText("Logged: Cranes as three boxes and a line.")).isVisible();
    page.keyboard().press("Escape");
    page.context().close();
  }

  @Test
  void keys_lead_to_pages_search_and_help() {
    var page = pages.open(quill.url() + "/settings");
    page.getByRole(AriaRole.HEADING).first().waitFor();
    page.keyboard().press("2");
    assertThat(page).hasURL(quill.url() + "/course");
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Week 17"))
        .press("ArrowRight");
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Week 18")))
        .isVisible();
    page.keyboard().press("?");
    assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
    page.keyboard().press("Escape");
    assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
    page.keyboard().press("/");
    page.keyboard().type("tyre");
    page.keyboard().press("Enter");
    assertThat(page.getByText("Fender tyres against the wall").first()).isVisible();
    page.context().close();
  }

  @Test
  void a_stale_change_shows_both_versions() {
    var id = UUID.randomUUID();
    var fields =
        "{\"day\":\"2026-03-05\",\"topic\":\"beacon\",\"drawings\":%d,\"wentWrong\":\"\",\"nextTime\":\"\",\"note\":\"\"}";
    quill.json(
        "POST", "/api/entries", "{\"id\":\"" + id + "\",\"fields\":" + fields.formatted(1) + "}");
    var page = pages.open(quill.url() + "/today");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Change beacon")).click();
    field(page, "Drawings").fill("2");
    quill.json(
        "PUT", "/api/entries/" + id, "{\"version\":0,\"fields\":" + fields.formatted(3) + "}");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save the change")).click();
    assertThat(page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName("Drawings 2 3")))
        .isVisible();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep mine")).click();
    assertThat(page.getByText("Changed.")).isVisible();
    assertThat(quill.get("/api/entries/" + id).body()).contains("\"drawings\":2");
    page.context().close();
  }

  @Test
  void the_demo_is_the_same_for_the_same_date() {
    try (var other = HostedQuill.start(Quill.folder(), "--demo", "--quill.demo.pictures=0")) {
      var first = other.get("/api/entries?to=2026-03-04&size=500").body();
      assertThat(first).isEqualTo(quill.get("/api/entries?to=2026-03-04&size=500").body());
      assertThat(first).contains("\"total\":3");
    }
  }

  /** The browser says so when the last network of the machine goes; the program is still there. */
  @Test
  void a_machine_without_a_network_writes_as_ever() {
    var page = pages.open(quill.url() + "/today");
    page.getByLabel("Write it down").waitFor();
    page.evaluate("() => window.dispatchEvent(new Event('offline'))");
    page.getByLabel("Write it down").fill("7 hulls, 4 min");
    page.getByText("minutes 4").waitFor();
    page.keyboard().press("Enter");
    assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Change hulls")))
        .isVisible();
    page.context().close();
  }

  @Test
  void a_broken_connection_keeps_the_line() {
    var page = pages.context(1280, 800, ColorScheme.LIGHT).newPage();
    // Before the page comes: one that is open already may still send a request past it.
    page.route("**/api/entries", route -> route.abort());
    page.navigate(quill.url() + "/today");
    page.getByLabel("Write it down").fill("3 gulls, 4 min");
    page.getByText("minutes 4").waitFor();
    page.keyboard().press("Enter");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("Not saved");
    assertThat(page.getByLabel("Write it down")).hasValue("3 gulls, 4 min");
    page.reload();
    assertThat(page.getByLabel("Write it down")).hasValue("3 gulls, 4 min");
    page.context().close();
  }

  /** Letters as large as the browser is told to make them (WCAG 2.2, 1.4.4), also on a phone. */
  @ParameterizedTest
  @CsvSource({"/today", "/settings", "/look-back/months"})
  void large_letters_keep_within_a_narrow_page(String path) {
    var context = pages.context(390, 844, ColorScheme.LIGHT);
    var page = context.newPage();
    var sizes = new JsonObject();
    sizes.addProperty("standard", 24);
    var asked = new JsonObject();
    asked.add("fontSizes", sizes);
    context.newCDPSession(page).send("Page.setFontSizes", asked);
    page.navigate(quill.url() + path);
    page.getByRole(AriaRole.HEADING).first().waitFor();
    assertThat(page.evaluate("() => getComputedStyle(document.body).fontSize")).isEqualTo("24px");
    assertThat(standingOut(page)).isEmpty();
    var lastTab = Pages.link(page, "Settings").boundingBox();
    assertThat(lastTab.x + lastTab.width).isLessThanOrEqualTo(390);
    context.close();
  }

  @Test
  void a_word_longer_than_a_phone_is_wide_stays_on_it() {
    var id = UUID.randomUUID();
    var word = "Grossraumdampferanlegestelle".repeat(6);
    var fields =
        "{\"day\":\"2026-03-05\",\"topic\":\"%s\",\"drawings\":1,\"wentWrong\":\"%s\",\"nextTime\":\"\",\"note\":\"\"}";
    quill.json(
        "POST",
        "/api/entries",
        "{\"id\":\"" + id + "\",\"fields\":" + fields.formatted(word, word) + "}");
    var context = pages.context(390, 844, ColorScheme.LIGHT);
    var page = context.newPage();
    page.navigate(quill.url() + "/today");
    assertThat(page.getByText(word).first()).isVisible();
    assertThat(standingOut(page)).isEmpty();
    context.close();
    assertThat(quill.json("DELETE", "/api/entries/" + id + "?version=0", "").statusCode())
        .isEqualTo(204);
  }

  /** Where the machine sets the colours (high contrast), what is drawn is in its ink as well. */
  @Test
  void the_pen_line_has_the_ink_of_a_machine_that_sets_the_colours() {
    var context = pages.context(1280, 800, ColorScheme.DARK);
    var page = context.newPage();
    page.emulateMedia(new Page.EmulateMediaOptions().setForcedColors(ForcedColors.ACTIVE));
    page.navigate(quill.url() + "/today");
    page.getByRole(AriaRole.HEADING).first().waitFor();
    assertThat(page.locator(".fill-ink").first()).isVisible();
    assertThat(
            page.evaluate(
                """
                () => getComputedStyle(document.querySelector('.fill-ink')).fill ===
                  getComputedStyle(document.body).color
                """))
        .isEqualTo(true);
    context.close();
  }

  @Test
  void pages_are_there_without_motion_and_on_paper() {
    var context = pages.context(1280, 800, ColorScheme.LIGHT);
    var page = context.newPage();
    page.emulateMedia(
        new Page.EmulateMediaOptions()
            .setReducedMotion(com.microsoft.playwright.options.ReducedMotion.REDUCE));
    page.navigate(quill.url() + "/today");
    page.getByText("Fill in the form instead").click();
    field(page, "Drawings").waitFor();
    assertThat(page.evaluate("() => document.getAnimations().length")).isEqualTo(0);
    page.keyboard().press("Escape");
    page.emulateMedia(
        new Page.EmulateMediaOptions().setMedia(com.microsoft.playwright.options.Media.PRINT));
    assertThat(
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("To draw today")))
        .isVisible();
    assertThat(page.getByLabel("Write it down")).isHidden();
    assertThat(Map.of("nav", page.locator("nav").isVisible())).containsEntry("nav", false);
    context.close();
  }
}
