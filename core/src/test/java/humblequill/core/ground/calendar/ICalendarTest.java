package humblequill.core.ground.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.VEvent;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;

/** RFC 5545, and a reference library that reads what was written. */
class ICalendarTest {
  private static final Instant STAMP = Instant.parse("2026-03-05T10:00:00Z");

  private static String write(ICalendar.Event... events) {
    return ICalendar.write("Plan", List.of(events), STAMP);
  }

  private static VEvent read(String text) throws Exception {
    var calendar = new CalendarBuilder().build(new StringReader(text));
    calendar.validate();
    return (VEvent) calendar.getComponents(Component.VEVENT).get(0);
  }

  /** RFC 5545 section 3.6.1: 28 June to 8 July 2007 inclusive ends on the 9th, exclusively. */
  @Test
  void the_last_day_is_written_as_the_day_after() throws Exception {
    var text =
        write(
            new ICalendar.Days(
                "u@x", "Fair", "", LocalDate.of(2007, 6, 28), LocalDate.of(2007, 7, 8)));
    assertThat(text)
        .contains("DTSTART;VALUE=DATE:20070628\r\n")
        .contains("DTEND;VALUE=DATE:20070709\r\n");
    assertThat(read(text).getUid().orElseThrow().getValue()).isEqualTo("u@x");
  }

  /** RFC 5545 section 3.3.11; the expected line was written by another library. */
  @Test
  void text_is_escaped() {
    assertThat(ICalendar.escaped("A, b; c\\d\nnext: \"q\""))
        .isEqualTo("A\\, b\\; c\\\\d\\nnext: \"q\"");
  }

  /** RFC 5545 section 3.1: CONTROL is all but the tab, and no part of TSAFE-CHAR. */
  @Test
  void control_characters_are_no_text() {
    assertThat(ICalendar.escaped("a\u0000b\u0007\tc\u007fd")).isEqualTo("ab\tcd");
  }

  @Test
  void a_timed_event_is_written_in_universal_time() throws Exception {
    var text =
        write(
            new ICalendar.Timed(
                "t", "Group", "", STAMP.plusSeconds(3600), STAMP.plusSeconds(10_800)));
    assertThat(text).contains("DTSTART:20260305T110000Z\r\n", "DTEND:20260305T130000Z\r\n");
    assertThat(read(text).getSummary().getValue()).isEqualTo("Group");
  }

  /** RFC 5545 section 3.1: CRLF, 75 octets without it; nothing is lost on unfolding. */
  @Property(tries = 300)
  void lines_are_folded_and_read_back(@ForAll @StringLength(max = 200) String any)
      throws Exception {
    var summary = "ü" + any.replaceAll("[\\p{Cntrl}\\p{Cs}\\p{Cn}\\p{Co}]", "é") + "…€";
    var text = write(new ICalendar.Days("u", summary, summary, LocalDate.EPOCH, LocalDate.EPOCH));
    for (var line : text.split("\r\n")) {
      assertThat(line.getBytes(StandardCharsets.UTF_8).length).isLessThanOrEqualTo(75);
      assertThat(line).doesNotContain("\n", "\r");
    }
    assertThat(text).endsWith("END:VCALENDAR\r\n");
    assertThat(read(text).getSummary().getValue()).isEqualTo(summary);
  }
}
