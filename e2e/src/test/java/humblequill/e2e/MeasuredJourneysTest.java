package humblequill.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.options.ColorScheme;
import org.junit.jupiter.api.Test;

/** Each step that the benchmarks measure can be taken; how long it takes is their affair. */
class MeasuredJourneysTest {
  @Test
  void each_step_that_is_measured_can_be_taken() {
    try (var quill = HostedQuill.demo();
        var context = Pages.shared().context(1280, 800, ColorScheme.LIGHT)) {
      MeasuredJourneys.bringIn(quill, 20, 40);
      assertThat(MeasuredJourneys.today(quill)).contains("\"streak\"");
      assertThat(MeasuredJourneys.line(quill, 3)).contains("beacon");
      assertThat(MeasuredJourneys.figure(quill, 2)).isEqualTo(200);
      MeasuredJourneys.openToday(quill, context);
      MeasuredJourneys.preview(MeasuredJourneys.longerWeek(quill, Pages.shared()), 16);
    }
  }
}
