package humblequill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static humblequill.e2e.BooksTest.starting;
import static humblequill.e2e.Pages.button;
import static humblequill.e2e.Pages.field;
import static humblequill.e2e.Pages.link;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Looking back, with the demo's learner. */
class LookBackTest {
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

  @Test
  void a_letter_changes_the_plan_and_says_why() {
    var page = pages.open(quill.url() + "/today");
    link(page, "The week waits to be looked back on").click();
    assertThat(page.getByText("Steps will be quick; the crane will not.")).isVisible();
    page.getByLabel("What I think of it").fill("The other way round.\nThe quay helps.");
    var take = page.getByRole(AriaRole.BUTTON, starting("Take it: "));
    var before = take.count();
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^Take it: .* as a warm-up")))
        .first()
        .click();
    assertThat(take).hasCount(before - 1);
    assertThat(page.getByLabel("What I think of it"))
        .hasValue("The other way round.\nThe quay helps.");
    var next = button(page, "Take it: Evening group at the net loft next from the shelf");
    assertThat(next).isEnabled();
    next.press("Enter");
    assertThat(page.getByText("It comes next on the shelf.")).isVisible();
    assertThat(take).hasCount(before - 2);
    page.getByLabel("Next week I expect").fill("Gulls will not hold still.");
    button(page, "Close the week").click();
    assertThat(button(page, "Open it again")).isVisible();
    assertThat(page.getByText("The other way round.")).isVisible();
    page.getByText("Two remarks that mean the same").click();
    assertThat(button(page, "Count them as one")).isVisible();
    org.assertj.core.api.Assertions.assertThat(DemoTest.axe(page)).isEmpty();
    link(page, "The week after").click();
    assertThat(page.getByText("What became of last week’s changes")).isVisible();
    assertThat(page.getByText("Gulls will not hold still.")).isVisible();
    page.navigate(quill.url() + "/today");
    assertThat(page.getByText("looked back on")).hasCount(0);
    page.context().close();
  }

  @Test
  void weeks_are_put_together_as_one_document() {
    var page = pages.open(quill.url() + "/look-back/weeks");
    button(page, "Put them together").click();
    assertThat(page.getByRole(AriaRole.ARTICLE)).hasCount(4);
    var saved = page.waitForDownload(() -> button(page, "As Markdown").click());
    org.assertj.core.api.Assertions.assertThat(saved.suggestedFilename()).endsWith(".md");
    page.context().close();
  }

  @Test
  void a_month_is_looked_back_on_and_found_again() {
    var page = pages.open(quill.url() + "/look-back/months");
    link(page, "February 2026").press("Enter");
    var words = page.getByLabel("What I think of it");
    words.fill("Fog on all mornings.");
    assertThat(page.getByText("Week by week")).isVisible();
    org.assertj.core.api.Assertions.assertThat(DemoTest.axe(page)).isEmpty();
    button(page, "Keep it").press("Enter");
    assertThat(page.getByText("Kept.")).isVisible();
    page.navigate(quill.url() + "/search?q=fog%20on%20all");
    page.getByRole(AriaRole.LINK, starting("Fog on all mornings.")).press("Enter");
    assertThat(words).hasValue("Fog on all mornings.");
    page.context().close();
  }

  @Test
  void what_is_counted_beside_the_drawings_is_written_in_the_line_and_trended() {
    var page = pages.open(quill.url() + "/today");
    page.getByLabel("Write it down").fill("3 harbour cats, 20 min, restated lines: 6");
    assertThat(page.getByText("restated lines 6").first()).isVisible();
    page.getByLabel("Write it down").press("Enter");
    assertThat(page.getByText("· restated lines 6")).isVisible();
    page.navigate(quill.url() + "/look-back/months");
    assertThat(page.getByText("Restated lines a drawing").first()).isVisible();
    assertThat(page.getByText(Pattern.compile("^Down by .* a week"))).not().hasCount(0);
    assertThat(page.getByText("mooring posts, new on")).isVisible();
    page.context().close();
  }

  @Test
  void a_phase_is_given_a_name() {
    var page = pages.open(quill.url() + "/look-back/months");
    button(page, "Give it a name").first().click();
    field(page, "What you call it").fill("Before the quay");
    button(page, "Keep").click();
    assertThat(page.getByText("Before the quay:")).isVisible();
    page.context().close();
  }

  @ParameterizedTest
  @ValueSource(strings = {"A4", "Letter"})
  void a_year_is_printed_on_one_sheet(String format) {
    var page = pages.open(quill.url() + "/look-back/year");
    assertThat(page.getByText("Runs, under all three schools")).isVisible();
    var pdf =
        new String(page.pdf(new Page.PdfOptions().setFormat(format)), StandardCharsets.ISO_8859_1);
    org.assertj.core.api.Assertions.assertThat(
            Pattern.compile("/Type\\s*/Page\\b(?!s)").matcher(pdf).results().count())
        .isEqualTo(1);
    page.context().close();
  }

  @Test
  void favourites_are_chosen_by_arrow_keys() {
    var page = pages.open(quill.url() + "/look-back/favourites");
    button(page, "Begin with Folded corners").click();
    assertThat(page.getByText("0 choices so far")).isVisible();
    page.keyboard().press("ArrowLeft");
    assertThat(page.getByText("1 choice so far")).isVisible();
    page.keyboard().press("ArrowRight");
    assertThat(page.getByText("2 choices so far")).isVisible();
    button(page, "Take the last one back").click();
    assertThat(page.getByText("1 choice so far")).isVisible();
    org.assertj.core.api.Assertions.assertThat(DemoTest.axe(page)).isEmpty();
    page.context().close();
  }
}
