package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How many entries there are in all, and which of them a list shows; counted by hand. */
@ExtendWith(RunningQuill.class)
class EntryListTest {
  /** Pages of a book, from the oldest entry to the newest, so that they tell which is which. */
  private static final List<String> DAYS =
      List.of("2026-02-28", "2026-03-01", "2026-03-01", "2026-03-03", "2026-03-04", "2026-03-04");

  /** More entries than a search shows, fewer than the pages it looks through. */
  private static final int MANY = 40;

  @BeforeAll
  static void draw(Api api) {
    for (int i = 0; i < DAYS.size(); i++) {
      log(api, "day", DAYS.get(i), "topic", i == 3 ? "oars" : "hulls", "pageFrom", i + 1);
    }
  }

  private static void log(Api api, Object... more) {
    var fields = EntryApiTest.fields(more);
    fields.put("book", "Quay book");
    fields.put("drawings", 1);
    var body = Map.of("id", UUID.randomUUID(), "fields", fields);
    assertThat(api.post("/api/entries", body).status()).isEqualTo(201);
  }

  @ParameterizedTest
  @CsvSource({
    "'', 6, 6 5 4 3 2 1",
    "most=2, 6, 6 5",
    "most=2&skip=1, 6, 5 4",
    "most=2&skip=5, 6, 1",
    "most=2&skip=6, 6, ''",
    "most=1&from=2026-03-01, 5, 6",
    "most=1&to=2026-03-01, 3, 3",
    "most=2&skip=1&to=2026-03-01, 3, 2 1",
    "most=1&from=2026-03-01&to=2026-03-03, 3, 4",
    "from=2026-03-02&to=2026-03-02, 0, ''",
    "from=2026-03-04&to=2026-03-01, 0, ''",
    "most=2&topic=hulls, 5, 6 5",
    "most=2&skip=3&topic=hulls, 5, 2 1",
    "text=oar, 1, 4",
    "most=3&text=hull&to=2026-03-03, 3, 3 2 1",
    "most=2&text=boats, 5, 6 5",
    "most=2&text=Boat, 5, 6 5",
    "text=anchor, 0, ''",
  })
  void a_list_tells_how_many_there_are_whatever_part_it_shows(
      String asked, int total, String pages, Api api) {
    var list = api.get("/api/entries?" + asked).json();
    assertThat(list.path("total").asInt()).isEqualTo(total);
    var shown =
        list.path("entries").valueStream().map(e -> e.path("fields").path("pageFrom").asString());
    assertThat(String.join(" ", shown.toList())).isEqualTo(pages);
  }

  @Test
  void a_search_shows_thirty_entries_and_finds_the_pages_of_all(Api api) {
    IntStream.rangeClosed(1, MANY)
        .forEach(i -> log(api, "day", "2026-02-10", "topic", "bollards", "pageFrom", 100 + i));
    var found = api.get("/api/search?text=bollard").json();
    assertThat(found.path("entries").path("total").asInt()).isEqualTo(MANY);
    assertThat(found.path("entries").path("entries").size()).isEqualTo(30);
    assertThat(found.path("pages").path("total").asInt()).isEqualTo(MANY);
    assertThat(found.path("pages").path("pages").valueStream().map(p -> p.path("number").asInt()))
        .containsExactlyElementsOf(
            IntStream.rangeClosed(1, MANY).map(i -> 100 + i).boxed().toList());
  }
}
