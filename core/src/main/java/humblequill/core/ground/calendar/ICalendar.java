package humblequill.core.ground.calendar;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;

/**
 * Writes events as iCalendar text (RFC 5545): lines end in CRLF and are folded at 75 octets (3.1),
 * text is escaped (3.3.11), all-day events carry DATE values with an end that no longer belongs to
 * them (3.6.1).
 */
public final class ICalendar {
  private static final int MAX_OCTETS = 75;
  private static final DateTimeFormatter DATE = DateTimeFormatter.BASIC_ISO_DATE;
  private static final DateTimeFormatter MOMENT =
      DateTimeFormatter.ofPattern("yyyyMMdd'T'HHmmss'Z'").withZone(ZoneOffset.UTC);

  private ICalendar() {}

  /** An event of the calendar. */
  public sealed interface Event {
    /** Stays the same from one writing to the next, so that reading again updates. */
    String uid();

    /** Its title. */
    String summary();

    /** All else, may be empty. */
    String description();

    /** The lines that tell when it is. */
    List<String> time();
  }

  /**
   * An event of whole days.
   *
   * @param first its first day
   * @param last its last day, which belongs to it
   */
  public record Days(
      String uid, String summary, String description, LocalDate first, LocalDate last)
      implements Event {
    public Days {
      if (last.isBefore(first)) {
        throw new IllegalArgumentException(summary + " ends before it begins");
      }
    }

    @Override
    public List<String> time() {
      return List.of(
          "DTSTART;VALUE=DATE:" + DATE.format(first),
          "DTEND;VALUE=DATE:" + DATE.format(last.plusDays(1)),
          "TRANSP:TRANSPARENT");
    }
  }

  /** An event between two moments. */
  public record Timed(String uid, String summary, String description, Instant begins, Instant ends)
      implements Event {
    public Timed {
      if (!ends.isAfter(begins)) {
        throw new IllegalArgumentException(summary + " ends before it begins");
      }
    }

    @Override
    public List<String> time() {
      return List.of("DTSTART:" + MOMENT.format(begins), "DTEND:" + MOMENT.format(ends));
    }
  }

  /**
   * Writes a calendar.
   *
   * @param name its name, as programs show it
   * @param stamp when it was made
   */
  public static String write(String name, List<? extends Event> events, Instant stamp) {
    var out = new StringBuilder();
    line(out, "BEGIN:VCALENDAR");
    line(out, "VERSION:2.0");
    line(out, "PRODID:-//Humble Quill//Plan//EN");
    line(out, "CALSCALE:GREGORIAN");
    line(out, "NAME:" + escaped(name));
    line(out, "REFRESH-INTERVAL;VALUE=DURATION:PT1H");
    for (var event : events) {
      line(out, "BEGIN:VEVENT");
      line(out, "UID:" + escaped(event.uid()));
      line(out, "DTSTAMP:" + MOMENT.format(stamp));
      event.time().forEach(when -> line(out, when));
      line(out, "SUMMARY:" + escaped(event.summary()));
      if (!event.description().isEmpty()) {
        line(out, "DESCRIPTION:" + escaped(event.description()));
      }
      line(out, "END:VEVENT");
    }
    line(out, "END:VCALENDAR");
    return out.toString();
  }

  static String escaped(String text) {
    return text.replace("\\", "\\\\")
        .replace(";", "\\;")
        .replace(",", "\\,")
        .replace("\r\n", "\n")
        .replace('\r', '\n')
        .replace("\n", "\\n")
        .replaceAll("[\\p{Cntrl}&&[^\t]]", "");
  }

  /** Folds between characters, so that each line is readable UTF-8 by itself. */
  private static void line(StringBuilder out, String content) {
    int octets = 0;
    for (int i = 0; i < content.length(); ) {
      int point = content.codePointAt(i);
      var character = Character.toString(point);
      int size = character.getBytes(StandardCharsets.UTF_8).length;
      if (octets + size > MAX_OCTETS) {
        out.append("\r\n ");
        octets = 1;
      }
      out.append(character);
      octets += size;
      i += Character.charCount(point);
    }
    out.append("\r\n");
  }
}
