package humblequill.e2e;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.LocalDate;
import java.util.List;

/**
 * What the benchmarks measure in the running application, one step at a time: they take a step many
 * times, and a test takes each once, so that none goes stale.
 */
final class MeasuredJourneys {
  private MeasuredJourneys() {}

  /** Brings in entries, spread evenly over days of the past. */
  static void bringIn(Quill quill, int entries, int days) {
    var csv = new StringBuilder("day,topic,drawings,minutes\r\n");
    var last = LocalDate.parse("2025-10-31");
    for (int i = 0; i < entries; i++) {
      csv.append(last.minusDays((long) i * days / entries))
          .append(",beacon ")
          .append(i % 40)
          .append(',')
          .append(1 + i % 9)
          .append(',')
          .append(5 + i % 50)
          .append("\r\n");
    }
    var imported = quill.send("POST", "/api/import?apply=true", "text/csv", csv.toString());
    if (!imported.body().contains("\"applied\":true")) {
      throw new IllegalStateException(imported.body().substring(0, 200));
    }
  }

  /** Today's answer. */
  static String today(Quill quill) {
    return quill.get("/api/today").body();
  }

  /** Reads a line with a slip; another one each time, since browsers keep answers. */
  static String line(Quill quill, int number) {
    var line = "{\"line\":\"" + number + " beacon 7, 35 min, brsuh pen, p 12, from life, 4/5\"}";
    return quill.send("POST", "/api/log-line", "application/json", line).body();
  }

  /** A figure as PNG. */
  static int figure(Quill quill, int seed) {
    var kind = List.of("STANDING", "SITTING", "LYING", "ACTION").get(seed % 4);
    return quill.get("/api/cabinet/picture.png?kind=" + kind + "&seed=" + seed).statusCode();
  }

  /** From navigation to the cursor in the log line. */
  static Page openToday(Quill quill, BrowserContext context) {
    var page = context.newPage();
    page.navigate(quill.url() + "/today");
    page.locator("#log-line:focus").waitFor();
    return page;
  }

  /** The form that makes the present week of the demo longer. */
  static Page longerWeek(Quill quill, Pages pages) {
    var page = pages.open(quill.url() + "/course");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("It needs longer")).click();
    page.getByText("Make the week longer or shorter").click();
    page.getByText("7 days later").waitFor();
    return page;
  }

  /** From the typed length to the new end of the course, the typing pause of the form included. */
  static void preview(Page page, int days) {
    Pages.field(page, "Length in days").fill(Integer.toString(days));
    page.getByText((days - 7) + " days later").waitFor();
  }
}
