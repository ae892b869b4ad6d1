package humblequill.core.day.entry;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Names that an entry says, and as they are called now. */
class EntryNamesTest {
  private static Entry entry() {
    var draft = new EntryDraft(LocalDate.of(2026, 3, 5));
    draft.topic = Optional.of("boats");
    draft.source = Optional.of("life");
    draft.medium = Optional.of("biro");
    draft.resource = Optional.of("knots");
    draft.book = Optional.of("quay book");
    draft.drawings = Optional.of(3);
    return draft.entry();
  }

  @Test
  void every_name_is_told_by_its_kind() {
    assertThat(entry().names())
        .isEqualTo(
            Map.of(
                NameKind.TOPIC, "boats",
                NameKind.SOURCE, "life",
                NameKind.MEDIUM, "biro",
                NameKind.RESOURCE, "knots",
                NameKind.BOOK, "quay book"));
  }

  @Test
  void spellings_become_the_present_names_and_what_is_no_name_stays() {
    var own = new ArrayList<Name>();
    own.add(named(NameKind.TOPIC, "Boats and dinghies", "boats"));
    own.add(named(NameKind.MEDIUM, "ballpoint", "biro"));
    own.add(named(NameKind.SOURCE, "from life", "life"));
    own.add(named(NameKind.RESOURCE, "Knots in plain view", "knots"));
    own.add(named(NameKind.BOOK, "Quay book 1", "quay book"));
    var called = entry().called(Names.of(own, List.of()));
    assertThat(called.topic()).contains("Boats and dinghies");
    assertThat(called.medium()).contains("ballpoint");
    assertThat(called.source()).contains("from life");
    assertThat(called.resource()).contains("Knots in plain view");
    assertThat(called.book()).contains("Quay book 1");
    assertThat(called.drawings()).contains(3);
    assertThat(entry().called(Names.of(List.of(), List.of()))).isEqualTo(entry());
  }

  private static Name named(NameKind kind, String text, String spelling) {
    return new Name(
        Name.given(kind, text), kind, text, List.of(spelling), Set.of(), Optional.empty());
  }
}
