package humblequill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static humblequill.e2e.Pages.button;
import static humblequill.e2e.Pages.field;
import static humblequill.e2e.Pages.link;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** "90 mooring posts in ten days, half an hour a day?" and what becomes of it. */
class PromiseTest extends LaterTest {
  @Test
  void told_the_truth_begun_all_the_same_timed_missed_stopped_and_taken_again() {
    var page = pages.open(quill.url() + "/quotas/new");
    field(page, "Title").fill("Ninety posts");
    field(page, "How many").fill("90");
    field(page, "To").fill("2026-03-14");
    field(page, "Minutes a day for it").fill("30");
    field(page, "Topic").fill("mooring posts");
    assertThat(page.getByText("Not like this: it takes 183 % of the time.").first()).isVisible();
    assertThat(page.getByText("55 min a day")).isVisible();
    assertThat(page.getByText("40 drawings instead of 90")).isVisible();
    button(page, "Promise it all the same").click();
    assertThat(page.getByText("rests on the plan alone")).hasCount(2);

    link(page, "Begin").click();
    assertThat(page.getByText("9 drawings, 45 min")).isVisible();
    button(page, "Begin").click();
    assertThat(page.getByText("1 of 9")).isVisible();
    page.reload();
    assertThat(page.getByText("1 of 9")).isVisible();
    page.keyboard().press(" ");
    assertThat(page.getByText("Paused")).isVisible();
    page.keyboard().press(" ");
    assertThat(button(page, "Pause")).isVisible();
    var begun = Pages.leaveSitting(page);

    quill.at("2026-03-05T10:52:00Z");
    page = pages.open(quill.url() + "/sitting/" + begun);
    assertThat(page.getByText(Pattern.compile("Logged: 9 drawings in 45 min, 9 × 5 min")))
        .isVisible();
    field(page, "Next time").fill("the foot of the post first");
    page.getByLabel("4", new Page.GetByLabelOptions().setExact(true)).check();
    button(page, "Keep it").click();
    assertThat(page.getByText("9 done")).isVisible();
    assertThat(page.getByText("Next time: the foot of the post first")).isVisible();
    page.context().close();

    quill.at("2026-03-08T10:00:00Z");
    page = pages.open(quill.url() + "/quotas");
    assertThat(page.getByText("What would change it, each alone:")).isVisible();
    assertThat(page.getByText(Pattern.compile("^12 drawings on each of 7 days left"))).isVisible();
    assertThat(page.getByText(Pattern.compile("2 days without"))).isVisible();
    button(page, "End it").click();
    button(page, "End it today").click();
    assertThat(page.getByText("9 of 90 drawings on 1 day, 45 min")).isVisible();
    field(page, "One sentence: what was learned").fill("Five minutes each is the truth.");
    button(page, "Keep it").click();
    assertThat(button(page, "Keep it")).isDisabled();
    button(page, "Take it again").click();
    assertThat(page.getByText("90 drawings by 17 Mar").first()).isVisible();
    assertThat(page.getByText(Pattern.compile("It rests on 3 of your own days")).first())
        .isVisible();
    button(page, "End it").click();
    button(page, "End it today").click();
    assertThat(
            page.getByRole(
                AriaRole.COLUMNHEADER, new Page.GetByRoleOptions().setName("the time before")))
        .isVisible();
    page.context().close();
  }

  @Test
  void a_sitting_by_keyboard_alone_on_a_narrow_page() {
    var context = pages.context(390, 844, ColorScheme.DARK);
    var page = context.newPage();
    page.navigate(quill.url() + "/quotas");
    page.getByRole(AriaRole.HEADING).first().waitFor();
    page.keyboard().press("l");
    assertThat(page.getByLabel("Write it down")).isFocused();
    page.keyboard().press("Escape");
    page.keyboard().press("s");
    field(page, "What to draw").waitFor();
    field(page, "What to draw").focus();
    page.keyboard().type("gesture");
    page.keyboard().press("Enter");
    assertThat(page.getByText("1 of 21")).isVisible();
    var reference =
        page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("The reference"));
    var first = reference.getAttribute("src");
    page.keyboard().press("ArrowRight");
    assertThat(reference).not().hasAttribute("src", first);
    assertThat(page.getByText("1 of 21")).isVisible();
    assertThat((Boolean) page.evaluate("() => document.documentElement.scrollWidth <= 390"))
        .isTrue();
    button(page, "Finish").press("Enter");
    assertThat(page.getByText("Nothing was drawn long enough to count")).isVisible();
    context.close();
  }
}
