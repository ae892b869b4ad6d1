package humblequill.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/** One headless Chromium. */
final class Pages implements AutoCloseable {
  private static final ThreadLocal<Pages> SHARED = ThreadLocal.withInitial(Pages::new);

  private final Playwright playwright;
  private final Browser browser;

  Pages() {
    // A busy machine is slow, not wrong.
    PlaywrightAssertions.setDefaultAssertionTimeout(180_000);
    playwright = Playwright.create(new Playwright.CreateOptions().setEnv(environment()));
    browser =
        playwright
            .chromium()
            .launch(
                new BrowserType.LaunchOptions()
                    .setExecutablePath(chromium())
                    .setArgs(
                        List.of(
                            "--no-sandbox",
                            "--disable-gpu",
                            "--disable-quic",
                            "--no-first-run",
                            "--disable-background-networking",
                            "--disable-component-update",
                            "--disable-sync")));
  }

  /**
   * The one of this thread, for all classes of tests that run on it: only its own thread may drive
   * a browser. It ends with the process that drives it.
   */
  static Pages shared() {
    return SHARED.get();
  }

  /** The driver from the front end's node_modules, laid out as the Java library expects it. */
  private static Map<String, String> environment() {
    try {
      var driver = Quill.folder();
      Files.createSymbolicLink(
          driver.resolve("package"),
          Quill.root().resolve("web/node_modules/playwright-core").toAbsolutePath().normalize());
      System.setProperty("playwright.cli.dir", driver.toString());
      return Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1", "PLAYWRIGHT_NODEJS_PATH", node());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static String node() throws IOException {
    for (var folder : System.getenv("PATH").split(":")) {
      var candidate = Path.of(folder, "node");
      if (Files.isExecutable(candidate)) {
        return candidate.toRealPath().toString();
      }
    }
    throw new IOException("node is not on the path");
  }

  /** The one without a window, which takes half the time; otherwise the usual one. */
  private static Path chromium() {
    var light = Path.of("/usr/bin/chromium-headless-shell");
    return Files.isExecutable(light) ? light : Path.of("/usr/bin/chromium");
  }

  BrowserContext context(int width, int height, ColorScheme scheme) {
    var context =
        browser.newContext(
            new Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setColorScheme(scheme)
                .setLocale("en-GB")
                .setTimezoneId("UTC"));
    context.setDefaultTimeout(180_000);
    return context;
  }

  Page open(String url) {
    var page = context(1280, 800, ColorScheme.LIGHT).newPage();
    page.navigate(url);
    return page;
  }

  /** A field by its whole label: tallies tell their counts in the same words. */
  static Locator field(Page page, String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  /** A button by its whole name. */
  static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  /** A link by its whole name. */
  static Locator link(Page page, String name) {
    return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  /** The id of the sitting that a page shows; the page is left. */
  static String leaveSitting(Page page) {
    PlaywrightAssertions.assertThat(button(page, "Pause")).isVisible();
    var id = page.url().substring(page.url().lastIndexOf('/') + 1);
    page.context().close();
    return id;
  }

  @Override
  public void close() {
    browser.close();
    playwright.close();
  }
}
