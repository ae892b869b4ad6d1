package humblequill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static humblequill.e2e.Pages.field;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The first day of a learner, as a person would live it. */
class FirstDayTest {
  @Test
  void from_the_first_start_to_the_same_data_in_another_folder() {
    var folder = Quill.folder();
    var pages = Pages.shared();
    List<String> requests = new ArrayList<>();
    try (var quill = HostedQuill.start(folder)) {
      var page = pages.open(quill.url());
      page.context().onRequest(request -> requests.add(request.url()));
      chooseCourse(page);
      logByLine(page);
      logByForm(page);
      mendOne(page);
      backDateOne(page);
      changeSunday(page);
      removeAndUndo(page);
      page.navigate(quill.url() + "/today");
      assertThat(page.getByText("Unaided harbour view").first()).isVisible();
      assertThat(requests).isNotEmpty().allMatch(url -> url.startsWith(quill.url() + "/"));
      page.context().close();
    }
    try (var again = HostedQuill.startOnCopy(folder)) {
      var page = pages.open(again.url() + "/today");
      assertThat(entries(page)).hasCount(2);
      assertThat(page.getByText("5 drawings")).isVisible();
      page.navigate(again.url() + "/search?q=yesterdaynote");
      assertThat(page.getByText("· 5 · pen · life")).isVisible();
      page.context().close();
    }
  }

  private static com.microsoft.playwright.Locator entries(Page page) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Change "));
  }

  private static com.microsoft.playwright.Locator button(Page page, String name) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
  }

  private static void chooseCourse(Page page) {
    page.getByLabel("One sentence").fill("boats in ink");
    page.getByLabel("One sentence").press("Enter");
    assertThat(page.getByLabel("Monday, minutes")).isFocused();
    page.getByLabel("Harbour Year").check();
    button(page, "Give every day").click();
    assertThat(page.getByText("Every week fits your minutes")).isVisible();
    button(page, "Begin Harbour Year today").click();
    assertThat(
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("To draw today")))
        .isVisible();
    assertThat(page.getByText("week 1 of 24")).isVisible();
  }

  private static void logByLine(Page page) {
    var line = page.getByLabel("Write it down");
    assertThat(line).isFocused();
    line.fill("1 unaided harbour view, 20 min, pen, 4/5");
    assertThat(page.getByText("exercise Unaided harbour view")).isVisible();
    line.press("Enter");
    assertThat(entries(page)).hasCount(1);
    assertThat(line).hasValue("");
    assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("1 of 2")))
        .isVisible();
    assertThat(page.getByText("1 practised day in a row.")).isVisible();
  }

  private static void logByForm(Page page) {
    button(page, "Fill in the form instead").click();
    field(page, "Drawings").fill("3");
    field(page, "Minutes").fill("2000");
    page.getByLabel("Topic, where no exercise fits").fill("rooks");
    button(page, "Log it").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("2000");
    assertThat(field(page, "Drawings")).hasValue("3");
    field(page, "Minutes").fill("20");
    button(page, "Log it").click();
    assertThat(entries(page)).hasCount(2);
  }

  private static void mendOne(Page page) {
    button(page, "Change rooks").click();
    field(page, "Drawings").fill("4");
    button(page, "Save the change").click();
    assertThat(page.getByText("5 drawings")).isVisible();
  }

  private static void backDateOne(Page page) {
    var line = page.getByLabel("Write it down");
    line.fill("yesterday, 5 masts, 6 min, pen, note yesterdaynote");
    assertThat(page.getByText("note yesterdaynote")).isVisible();
    line.press("Enter");
    assertThat(page.getByText("2 practised days in a row.")).isVisible();
    assertThat(entries(page)).hasCount(2);
  }

  private static void changeSunday(Page page) {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Course")).click();
    assertThat(page.getByText("of 45").first()).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Settings")).click();
    page.getByLabel("Sunday, minutes").fill("lots");
    button(page, "Save the settings").click();
    assertThat(page.getByText("A whole number from 0 to 960, not “lots”.")).isVisible();
    page.getByLabel("Sunday, minutes").fill("135");
    button(page, "Save the settings").click();
    assertThat(page.getByText("Settings saved.")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Course")).click();
    assertThat(page.getByText("of 100").first()).isVisible();
  }

  private static void removeAndUndo(Page page) {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Today")).click();
    button(page, "Change rooks").click();
    button(page, "Remove").click();
    assertThat(entries(page)).hasCount(1);
    button(page, "Undo").click();
    assertThat(entries(page)).hasCount(2);
  }
}
