package humblequill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static humblequill.e2e.BooksTest.starting;
import static humblequill.e2e.Pages.button;
import static humblequill.e2e.Pages.field;
import static humblequill.e2e.Pages.link;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.List;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The bench, with the demo's learner. */
class BenchTest {
  private static Quill quill;
  private static Pages pages;

  @BeforeAll
  static void start() {
    quill = HostedQuill.demo();
    pages = Pages.shared();
  }

  @AfterAll
  static void stop() {
    quill.close();
  }

  private static Page bench() {
    return pages.open(quill.url() + "/bench");
  }

  private static Page pair(String kind) {
    var page = pages.open(quill.url() + "/bench/new?cabinet=" + kind + "&seed=5");
    var pictures =
        page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Pictures of yours"));
    pictures.getByRole(AriaRole.BUTTON).first().click();
    button(page, "Hold it beside").click();
    assertThat(page.getByText("yours: 0 set")).isVisible();
    return page;
  }

  @Test
  void landmarks_are_set_by_mouse_and_the_others_are_proposed() {
    var page = pair("STANDING");
    double[][] places = {{.5, .15}, {.5, .35}, {.25, .37}, {.75, .38}};
    for (var at : places) {
      var set = page.getByRole(AriaRole.BUTTON, starting("Set ")).first();
      var box = set.boundingBox();
      page.mouse().click(box.x + at[0] * box.width, box.y + at[1] * box.height);
      assertThat(page.getByText(Pattern.compile("^yours: [1-9]"))).isVisible();
    }
    assertThat(page.getByText(Pattern.compile("proposed in pencil"))).isVisible();
    var ring = page.getByRole(AriaRole.BUTTON, starting("left hip, proposed")).first();
    ring.press("Enter");
    assertThat(page.getByRole(AriaRole.BUTTON, starting("left hip, proposed"))).hasCount(0);
    button(page, "Undo the last step").click();
    assertThat(page.getByRole(AriaRole.BUTTON, starting("left hip, proposed"))).hasCount(1);
    // Landmarks lie where they lie, so that some rings overlap; the list of sizes is no help there.
    org.assertj.core.api.Assertions.assertThat(
            DemoTest.axe(page).stream().filter(found -> !found.startsWith("target-size")))
        .isEmpty();
    page.context().close();
  }

  @Test
  void by_keyboard_alone_a_landmark_comes_to_the_middle_and_is_moved() {
    var page = pair("HULL");
    page.getByRole(AriaRole.BUTTON, starting("Set stern rail left")).press("Enter");
    var ring = page.getByRole(AriaRole.BUTTON, starting("stern rail left, 50 %"));
    assertThat(ring).isFocused();
    page.keyboard().press("Shift+ArrowRight");
    assertThat(page.getByRole(AriaRole.BUTTON, starting("stern rail left, 52 %"))).isVisible();
    page.keyboard().press("Delete");
    assertThat(page.getByText("yours: 0 set")).isVisible();
    page.context().close();
  }

  @Test
  void three_sentences_come_first_and_one_that_was_meant_so_goes() {
    var page = bench();
    link(page, "Figure in action, try 6 of 6").click();
    assertThat(page.getByText("6 tries")).isVisible();
    var meant = page.getByRole(AriaRole.BUTTON, starting("Meant so"));
    meant.first().click();
    assertThat(page.getByText("1 finding was meant so.")).isVisible();
    button(page, "Judge them again").click();
    assertThat(page.getByText("meant so.")).hasCount(0);
    button(page, "Show the true axes").click();
    assertThat(page.getByText("How the reference truly lies")).isVisible();
    page.context().close();
  }

  @Test
  void the_habit_that_was_an_aim_is_gone_and_another_becomes_one() {
    var page = bench();
    assertThat(page.getByText("Sheer aft tilted too little")).isVisible();
    assertThat(page.getByText(Pattern.compile("Your aim since .*gone"))).isVisible();
    page.getByRole(AriaRole.BUTTON, starting("Aim for the next five: Tilts tamed")).click();
    assertThat(page.getByText("Taken as the aim for the next five.")).isVisible();
    assertThat(page.getByText("5 comparisons more and it can be judged")).isVisible();
    org.assertj.core.api.Assertions.assertThat(DemoTest.axe(page)).isEmpty();
    page.context().close();
  }

  @Test
  void squares_that_leave_nothing_of_the_paper_are_named() {
    var page = pages.open(quill.url() + "/bench/measure");
    assertThat(page.getByText("6 × 9 squares")).isVisible();
    page.getByLabel("Margin, mm").fill("110");
    assertThat(page.getByText("The margins leave nothing of the paper.")).isVisible();
    field(page, "Margin, mm").fill("10");
    assertThat(page.getByText("6 × 9 squares")).isVisible();
    page.context().close();
  }

  private static void press(Page page, double across, double down) {
    var box = page.getByRole(AriaRole.BUTTON, starting("Set ")).first().boundingBox();
    page.mouse().click(box.x + across * box.width, box.y + down * box.height);
  }

  /** A length of 0.8 by a head of 0.1, pressed on a square picture: a fact of division. */
  @Test
  void heads_are_counted_on_the_picture_and_kept_with_the_pair() {
    var page = bench();
    link(page, "Figure in action, try 6 of 6").click();
    link(page, "Measure on the picture").click();
    double[] places = {.1, .2, .9};
    var names = List.of("top of the head", "chin", "soles");
    for (int i = 0; i < places.length; i++) {
      assertThat(page.getByRole(AriaRole.BUTTON, starting("Set " + names.get(i)))).isVisible();
      press(page, .5, places[i]);
    }
    assertThat(page.getByText("8 heads tall")).isVisible();
    button(page, "Keep with the pair").click();
    assertThat(button(page, "Kept with the pair")).isVisible();
    // Rings lie where they were pressed, close to each other where a head is small.
    org.assertj.core.api.Assertions.assertThat(
            DemoTest.axe(page).stream().filter(found -> !found.startsWith("target-size")))
        .isEmpty();
    link(page, "The pair").click();
    assertThat(page.getByText("8 heads tall").first()).isVisible();
    button(page, "Take off: 8 heads tall").click();
    page.context().close();
  }

  @Test
  void a_pair_is_saved_as_one_picture() throws IOException {
    var page = bench();
    link(page, "Figure in action, try 6 of 6").click();
    page.getByText("On paper, or as a file").click();
    var saved = page.waitForDownload(() -> button(page, "Save as one picture").click());
    org.assertj.core.api.Assertions.assertThat(saved.suggestedFilename())
        .isEqualTo("Figure in action.png");
    var picture = ImageIO.read(saved.path().toFile());
    org.assertj.core.api.Assertions.assertThat(picture.getWidth()).isEqualTo(1680);
    page.context().close();
  }

  @Test
  void a_habit_leads_to_a_sitting_that_practises_it() {
    var page = bench();
    page.getByRole(
            AriaRole.LINK,
            new Page.GetByRoleOptions().setName(Pattern.compile("^Practise it: Sheer aft")))
        .first()
        .click();
    assertThat(field(page, "Show")).hasValue("HULL");
    page.context().close();
  }
}
