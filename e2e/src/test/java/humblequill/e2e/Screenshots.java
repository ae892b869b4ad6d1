package humblequill.e2e;

import static humblequill.e2e.Pages.field;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;
import java.util.function.Consumer;

/** Makes the pictures in docs/screenshots, from the demo on one fixed day. */
public final class Screenshots {
  private static final Path FOLDER = Quill.root().resolve("docs/screenshots");
  private static final Consumer<Page> AS_IT_IS = page -> {};

  private Screenshots() {}

  /** Makes all of them. */
  public static void main(String[] args) {
    try (var pages = new Pages();
        var demo = HostedQuill.demo()) {
      var camera = new Camera(pages);
      var url = demo.url();
      camera.take("today", url + "/today", Screenshots::typeALine);
      camera.night("today-night", url + "/today");
      camera.narrow("today-narrow", url + "/today");
      camera.take("course", url + "/course", AS_IT_IS);
      camera.take("quotas", url + "/quotas", AS_IT_IS);
      camera.take("books", url + "/books", Screenshots::withPictures);
      camera.take("page", url + "/books", Screenshots::openFavourite);
      camera.take("cabinet", url + "/cabinet?kind=ACTION", AS_IT_IS);
      camera.take("week", url + "/today", Screenshots::openLetter);
      camera.take("months", url + "/look-back/months", AS_IT_IS);
      camera.take("year", url + "/look-back/year", AS_IT_IS);
      camera.take("topics", url + "/topics", AS_IT_IS);
      camera.take("topic", url + "/topics", Screenshots::openTopic);
      camera.take("habits", url + "/bench", Screenshots::withPictures);
      camera.take("bench", url + "/bench", Screenshots::openPair);
      camera.take("shelf", url + "/shelf", AS_IT_IS);
      camera.take("recall", url + "/recall/plates/skull-side", Screenshots::uncover);
      camera.take("what-for", url + "/look-back/what-for", Screenshots::withPictures);
      camera.take("sitting", url + "/sitting?cabinet=STANDING&seed=12", Screenshots::begin);
    }
  }

  private static void typeALine(Page page) {
    page.waitForResponse(
        answer -> answer.url().contains("/api/log-line"),
        () ->
            page.getByLabel("Write it down")
                .fill("4 shed corners, 12 min, brush pen, harbour book p 37, 3/5"));
    page.waitForLoadState(LoadState.NETWORKIDLE);
  }

  private static void openTopic(Page page) {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("hulls")).click();
    page.getByText("Minutes a week").waitFor();
    page.waitForLoadState(LoadState.NETWORKIDLE);
  }

  private static void uncover(Page page) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Uncover")).click();
    page.getByLabel("mandible").check();
    page.waitForLoadState(LoadState.NETWORKIDLE);
  }

  /** The demo's pictures are drawn after its start. */
  private static void withPictures(Page page) {
    page.getByRole(AriaRole.IMG).or(page.locator("main img")).first().waitFor();
    page.waitForLoadState(LoadState.NETWORKIDLE);
  }

  private static void openFavourite(Page page) {
    withPictures(page);
    page.getByRole(
            AriaRole.LINK,
            new Page.GetByRoleOptions().setName(java.util.regex.Pattern.compile("a favourite")))
        .first()
        .click();
    page.getByText("Drawn here").first().waitFor();
    withPictures(page);
  }

  private static void openLetter(Page page) {
    page.getByRole(
            AriaRole.LINK,
            new Page.GetByRoleOptions().setName("The week waits to be looked back on"))
        .click();
    page.getByText("What follows").waitFor();
    page.waitForLoadState(LoadState.NETWORKIDLE);
  }

  private static void openPair(Page page) {
    withPictures(page);
    page.getByRole(
            AriaRole.LINK, new Page.GetByRoleOptions().setName("Figure in action, try 6 of 6"))
        .click();
    page.getByText("6 tries").waitFor();
    withPictures(page);
  }

  private static void begin(Page page) {
    field(page, "What to draw").fill("gesture");
    field(page, "The one thing to look for").fill("the weight on one foot");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Begin")).click();
    page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("The reference")).waitFor();
    page.waitForLoadState(LoadState.NETWORKIDLE);
  }

  private record Camera(Pages pages) {
    void take(String name, String url, Consumer<Page> before) {
      shoot(name, url, 1280, 800, ColorScheme.LIGHT, before);
    }

    void night(String name, String url) {
      shoot(name, url, 1280, 800, ColorScheme.DARK, AS_IT_IS);
    }

    void narrow(String name, String url) {
      shoot(name, url, 390, 844, ColorScheme.LIGHT, AS_IT_IS);
    }

    private void shoot(
        String name, String url, int width, int height, ColorScheme scheme, Consumer<Page> before) {
      var context = pages.context(width, height, scheme);
      var page = context.newPage();
      page.navigate(url);
      page.getByRole(AriaRole.HEADING).first().waitFor();
      page.waitForLoadState(LoadState.NETWORKIDLE);
      before.accept(page);
      page.evaluate("() => document.fonts.ready");
      page.evaluate("() => Promise.all(document.getAnimations().map((a) => a.finished))");
      page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
      context.close();
    }
  }
}
