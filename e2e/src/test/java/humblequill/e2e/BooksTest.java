package humblequill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static humblequill.e2e.Pages.button;
import static humblequill.e2e.Pages.field;
import static humblequill.e2e.Pages.link;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** A pile of pictures, a book half remembered: each picture on its page, each page found again. */
class BooksTest {
  private static Quill quill;
  private static Pages pages;

  @BeforeAll
  static void start() {
    quill = HostedQuill.start(Quill.folder());
    pages = Pages.shared();
    quill.seventyMinutesADay();
  }

  @AfterAll
  static void stop() {
    quill.close();
  }

  static FilePayload picture(String name, int shade) throws IOException {
    var image = new BufferedImage(300, 420, BufferedImage.TYPE_INT_RGB);
    var pen = image.createGraphics();
    pen.setColor(new Color(240, 236, 220));
    pen.fillRect(0, 0, 300, 420);
    pen.setColor(new Color(shade, 40, 50));
    pen.drawOval(60, 90, 180, 240);
    pen.dispose();
    var out = new ByteArrayOutputStream();
    ImageIO.write(image, "jpeg", out);
    return new FilePayload(name, "image/jpeg", out.toByteArray());
  }

  @Test
  void a_book_its_pages_and_pictures_from_the_first_press_on() throws IOException {
    var page = pages.open(quill.url() + "/books");
    page.keyboard().press("4");
    assertThat(page.getByText("No book yet.")).isVisible();
    button(page, "New book").click();
    field(page, "Name").fill("Quay book");
    field(page, "Format").fill("9 x 12");
    button(page, "Open it").click();
    assertThat(page.getByText("\"9 x 12\" is no format")).isVisible();
    field(page, "Format").fill("A5");
    field(page, "Leaves, or empty").fill("20");
    button(page, "Open it").click();
    assertThat(page.getByRole(AriaRole.HEADING, named("Quay book"))).isVisible();
    assertThat(page.getByText("0 of 40 drawn on")).isVisible();

    button(page, "Put pictures in").click();
    page.getByLabel("Choose pictures")
        .and(page.locator("input"))
        .setInputFiles(
            new FilePayload[] {
              picture("one.jpg", 20),
              picture("two.jpg", 90),
              new FilePayload("list.jpg", "image/jpeg", "boats".getBytes(StandardCharsets.UTF_8))
            });
    assertThat(page.getByText("2 pictures taken in.")).isVisible();
    assertThat(page.getByText("\"list.jpg\" is no JPEG, PNG or WebP picture.")).isVisible();

    link(page, "Look").click();
    assertThat(page.getByText("Picture 1 of 2")).isVisible();
    field(page, "Page").fill("41");
    page.getByRole(AriaRole.BUTTON, starting("Put it there")).click();
    assertThat(page.getByText(Pattern.compile("There is no page 41 in Quay book"))).isVisible();
    field(page, "Page").fill("7");
    field(page, "Page").press("Enter");
    assertThat(page.getByText("On p 7 of Quay book.")).isVisible();
    assertThat(page.getByText("Picture 1 of 1")).isVisible();
    field(page, "Page").fill("7");
    field(page, "Page").press("Enter");
    assertThat(page.getByText("On p 7 of Quay book, beside its own picture.")).isVisible();
    assertThat(page.getByText("No picture waits.")).isVisible();

    link(page, "To the books").click();
    page.getByRole(AriaRole.LINK, starting("Page 7")).click();
    assertThat(page.getByRole(AriaRole.HEADING, named("Page 7"))).isVisible();
    assertThat(
            page.getByRole(
                AriaRole.IMG, new Page.GetByRoleOptions().setName("Page 7 of Quay book")))
        .hasCount(2);
    page.getByLabel("A favourite: fold its corner").check();
    assertThat(page.getByText("drawn on · a favourite")).isVisible();
    field(page, "This page is").selectOption("torn out");
    field(page, "Where it is now").fill("on the wall");
    button(page, "Keep it").click();
    assertThat(page.getByText("torn out · on the wall · a favourite")).isVisible();
    button(page, "It grew out of another page").click();
    field(page, "Page").fill("7");
    page.getByRole(AriaRole.BUTTON, named("Keep it")).last().click();
    assertThat(page.getByText("A drawing cannot grow into itself")).isVisible();
    field(page, "Page").fill("3");
    page.getByRole(AriaRole.BUTTON, named("Keep it")).last().click();
    assertThat(page.getByText("Grew out of p 3 of Quay book")).isVisible();

    link(page, "Quay book").click();
    button(page, "Put page numbers right").click();
    field(page, "From page").fill("7");
    assertThat(page.getByText("1 page gets another number, 0 entries follow:")).isVisible();
    button(page, "Move them").click();
    assertThat(page.getByRole(AriaRole.LINK, starting("Page 8: torn out"))).isVisible();
    button(page, "Undo").click();
    assertThat(page.getByRole(AriaRole.LINK, starting("Page 7: torn out"))).isVisible();
    link(page, "As one sheet, PDF").click();
    var download = page.waitForDownload(() -> button(page, "Make the PDF of 1 page").click());
    org.assertj.core.api.Assertions.assertThat(download.suggestedFilename())
        .isEqualTo("Quay book.pdf");
    page.context().close();
  }

  static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name).setExact(true);
  }

  static Page.GetByRoleOptions starting(String name) {
    return new Page.GetByRoleOptions().setName(Pattern.compile("^" + name));
  }

  @Test
  void pages_are_walked_by_the_arrow_keys_on_a_narrow_page_at_night() {
    var context = pages.context(390, 844, ColorScheme.DARK);
    var page = context.newPage();
    page.navigate(quill.url() + "/books");
    button(page, "New book").click();
    field(page, "Name").fill("Walked book");
    field(page, "Leaves, or empty").fill("6");
    button(page, "Open it").click();
    Locator first = page.getByRole(AriaRole.LINK, starting("Page 1:"));
    // What is not shown yet takes no keyboard, and a sheet that closes takes it along.
    assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
    assertThat(first).isVisible();
    first.press("ArrowRight");
    page.keyboard().press("ArrowRight");
    page.keyboard().press("Enter");
    assertThat(page.getByRole(AriaRole.HEADING, named("Page 3"))).isVisible();
    context.close();
  }
}
