package humblequill.server.day.entry;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Only what was written to is read again, unless that is most of it. */
class RowsByDayTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

  private record Row(LocalDate day, String text) {}

  private final List<Row> table = new ArrayList<>();
  private final List<LocalDate> asked = new ArrayList<>();
  private int readWhole;
  private final RowsByDay<Row> rows = new RowsByDay<>(this::all, this::on, Row::day);

  private List<Row> all() {
    readWhole++;
    return List.copyOf(table);
  }

  private List<Row> on(LocalDate day) {
    asked.add(day);
    return table.stream().filter(row -> row.day().equals(day)).toList();
  }

  @Test
  void a_day_that_was_written_to_is_read_again_and_the_others_stay_the_same_lists() {
    table.add(new Row(MONDAY, "gulls"));
    table.add(new Row(MONDAY.plusDays(1), "hulls"));
    var before = rows.read();
    table.add(new Row(MONDAY, "masts"));
    var after = rows.again(before, Set.of(MONDAY));
    assertThat(after.get(MONDAY)).extracting(Row::text).containsExactly("gulls", "masts");
    assertThat(after.get(MONDAY.plusDays(1))).isSameAs(before.get(MONDAY.plusDays(1)));
    assertThat(before.get(MONDAY)).as("what was held is as it was").hasSize(1);
    assertThat(asked).containsExactly(MONDAY);
    assertThat(readWhole).isEqualTo(1);
  }

  @Test
  void a_day_that_nothing_stands_on_any_more_is_gone_and_a_new_one_is_there() {
    table.add(new Row(MONDAY, "gulls"));
    var before = rows.read();
    table.set(0, new Row(MONDAY.plusDays(4), "gulls"));
    var after = rows.again(before, Set.of(MONDAY, MONDAY.plusDays(4)));
    assertThat(after.keySet()).containsExactly(MONDAY.plusDays(4));
  }

  @Test
  void after_a_large_import_all_is_read_at_once() {
    var days = new HashSet<Object>();
    for (int i = 0; i < 500; i++) {
      table.add(new Row(MONDAY.minusDays(i), "gulls"));
      days.add(MONDAY.minusDays(i));
    }
    assertThat(rows.again(rows.read(), days)).hasSize(500);
    assertThat(asked).isEmpty();
    assertThat(readWhole).isEqualTo(2);
  }
}
