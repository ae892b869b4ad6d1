package humblequill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static humblequill.e2e.BooksTest.named;
import static humblequill.e2e.BooksTest.starting;
import static humblequill.e2e.Pages.button;
import static humblequill.e2e.Pages.field;
import static humblequill.e2e.Pages.link;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/**
 * Pictures straightened and parted, arriving by a folder, and laid beside each other in a piece.
 */
class PiecesTest {
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

  /** The small picture in the row of all that wait. */
  private static Page.GetByRoleOptions waiting(String name) {
    return new Page.GetByRoleOptions()
        .setName(Pattern.compile("^Picture \\d+, " + name.replace(".", "\\.") + "$"));
  }

  /** A page that lies at an angle on a table. */
  private static FilePayload photographed(String name) throws IOException {
    var image = new BufferedImage(600, 800, BufferedImage.TYPE_INT_RGB);
    var pen = image.createGraphics();
    pen.setColor(new Color(110, 90, 70));
    pen.fillRect(0, 0, 600, 800);
    pen.setColor(new Color(244, 240, 228));
    pen.fillPolygon(new int[] {60, 540, 570, 30}, new int[] {70, 90, 740, 720}, 4);
    pen.dispose();
    var out = new ByteArrayOutputStream();
    ImageIO.write(image, "png", out);
    return new FilePayload(name, "image/png", out.toByteArray());
  }

  @Test
  void a_page_at_an_angle_is_seen_straight_by_the_keys_alone() throws IOException {
    var page = pages.open(quill.url() + "/books");
    button(page, "Put pictures in").click();
    page.getByLabel("Choose pictures")
        .and(page.locator("input"))
        .setInputFiles(photographed("lying.png"));
    assertThat(page.getByText("1 picture taken in.")).isVisible();
    page.navigate(quill.url() + "/tray");
    page.getByRole(AriaRole.BUTTON, waiting("lying.png")).click();
    link(page, "Straighten").press("Enter");
    assertThat(page.getByText("A guess: each side is seen as an edge")).isVisible();
    org.assertj.core.api.Assertions.assertThat(DemoTest.axe(page)).isEmpty();
    var corner = page.getByRole(AriaRole.BUTTON, starting("Upper left corner, 10"));
    corner.press("Shift+ArrowRight");
    assertThat(page.getByRole(AriaRole.BUTTON, starting("Upper left corner, 11"))).isFocused();
    page.getByLabel("Two pages, parted where they meet").press("Space");
    assertThat(page.getByRole(AriaRole.IMG, named("Right page"))).isVisible();
    button(page, "Part the two pages").press("Enter");
    assertThat(page.getByText("Two pictures now: the left page here")).isVisible();
    assertThat(page.getByRole(AriaRole.BUTTON, waiting("lying.png"))).hasCount(2);
    button(page, "Undo").press("Enter");
    assertThat(page.getByRole(AriaRole.BUTTON, waiting("lying.png"))).hasCount(1);
    page.context().close();
  }

  @Test
  void pictures_arrive_by_a_folder_and_are_only_read_there() throws IOException {
    var inbox = Quill.folder();
    var page = pages.open(quill.url() + "/tray");
    button(page, "Choose an inbox folder").click();
    field(page, "Folder on this machine, or empty for none").fill("/nowhere/phone");
    button(page, "Keep it").click();
    assertThat(page.getByText("\"/nowhere/phone\" is no folder on this machine.")).isVisible();
    var file = inbox.resolve("from the phone.jpg");
    Files.write(file, BooksTest.picture("p", 133).buffer);
    Files.setLastModifiedTime(file, FileTime.from(Instant.now().minusSeconds(60)));
    field(page, "Folder on this machine, or empty for none").fill(inbox.toString());
    page.getByLabel("Also the pictures that lie in it already").check();
    button(page, "Keep it").click();
    assertThat(page.getByText("1 picture taken in from " + inbox)).isVisible();
    assertThat(page.getByRole(AriaRole.BUTTON, waiting("from the phone.jpg"))).isVisible();
    org.assertj.core.api.Assertions.assertThat(file).exists();
    page.context().close();
  }

  @Test
  void a_piece_goes_from_stage_to_stage() throws IOException {
    var page = pages.open(quill.url() + "/books");
    link(page, "Staged pieces").click();
    button(page, "New piece").click();
    field(page, "Title").fill("Boat in evening light");
    field(page, "Stages from").selectOption("Light and shade by masses");
    button(page, "Begin it").click();
    assertThat(page.getByText("stage 1 of 4: Outline of the whole")).isVisible();
    field(page, "Minutes").fill("25");
    button(page, "Log it today").click();
    assertThat(page.getByText("1 day, 25 min").first()).isVisible();
    button(page, "Add pictures: one, or several to choose from").first().click();
    page.getByLabel("Choose pictures of this stage")
        .and(page.locator("input"))
        .setInputFiles(
            new FilePayload[] {BooksTest.picture("a.jpg", 71), BooksTest.picture("b.jpg", 72)});
    assertThat(page.getByText("2 pictures taken in.")).isVisible();
    button(page, "Lay them here").click();
    button(page, "Choose").last().click();
    field(page, "Why this one").fill("it leans");
    button(page, "Keep").click();
    field(page, "Your answer, or empty").fill("measured twice");
    button(page, "Yes, go on").click();
    assertThat(page.getByText("stage 2 of 4: Two masses: light and dark")).isVisible();
    org.assertj.core.api.Assertions.assertThat(DemoTest.axe(page)).isEmpty();
    page.keyboard().press("1");
    assertThat(link(page, "Boat in evening light")).isVisible();
    assertThat(page.getByText("Is the border of the shadow a clear line?")).isVisible();
    page.context().close();
  }
}
