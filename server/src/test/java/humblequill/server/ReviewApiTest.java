package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.server.book.picture.Pictures;
import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Looking back, over HTTP. */
@ExtendWith(RunningQuill.class)
class ReviewApiTest {
  private static void log(Api api, LocalDate day, Object... more) {
    var fields = new HashMap<>(EntryApiTest.fields(more));
    fields.put("day", day.toString());
    var body = Map.of("id", UUID.randomUUID(), "fields", fields);
    assertThat(api.post("/api/entries", body).status()).isEqualTo(201);
  }

  private static LocalDate today(Api api) {
    return LocalDate.parse(api.get("/api/today").json().path("day").asString());
  }

  private static LocalDate running(Api api) {
    log(api, today(api), "note", "harbour", "minutes", 20, "drawings", 2);
    return LocalDate.parse(
        api.get("/api/reviews").json().path("weeks").get(0).path("from").asString());
  }

  private static Api.Answer keep(
      Api api, LocalDate week, Long version, String words, String state) {
    var body = new HashMap<String, Object>();
    body.put("version", version);
    body.put("words", words);
    body.put("expects", "Steps will be quick.");
    body.put("state", state);
    return api.put("/api/reviews/" + week, body);
  }

  @Test
  void a_week_is_closed_opened_again_and_expected_of_the_next(Api api) {
    var week = running(api).minusDays(21);
    log(api, week, "note", "quay", "minutes", 40, "mark", 4);
    var words = "<b>Steps</b> *fall* apart.\nPhotos do not help.";
    var closed = keep(api, week, null, words, "CLOSED");
    assertThat(closed.status()).as(closed.body()).isEqualTo(200);
    assertThat(closed.json().path("words").asString()).as("as text").isEqualTo(words);
    assertThat(closed.json().path("facts").path("minutes").asInt()).isEqualTo(40);
    for (var sought : List.of("photos%20do%20not", "steps%20will%20be")) {
      var letters = api.get("/api/search?text=" + sought).json().path("letters");
      assertThat(letters.findValuesAsString("from")).contains(week.toString());
    }
    var next = api.get("/api/reviews/" + week.plusDays(7)).json();
    assertThat(next.path("expected").asString()).isEqualTo("Steps will be quick.");
    var stale = keep(api, week, null, "from another tab", "CLOSED");
    assertThat(stale.status()).isEqualTo(409);
    assertThat(stale.json().path("current").path("words").asString())
        .as("what is kept")
        .isEqualTo(words);
    long version = closed.json().path("version").asLong();
    assertThat(keep(api, week, version, words, "OPEN").status()).isEqualTo(200);
    assertThat(keep(api, week, version, words, "SKIPPED").status()).as("stale").isEqualTo(409);
    assertThat(keep(api, week, version + 1, "x".repeat(20_001), "OPEN").status()).isEqualTo(400);
  }

  @Test
  void days_that_begin_no_week_or_lie_elsewhere_are_named(Api api) {
    var week = running(api);
    assertThat(api.get("/api/reviews/" + week.plusDays(1)).body()).contains("first day of a week");
    assertThat(api.get("/api/reviews/" + week.plusDays(7)).body()).contains("not begun");
    assertThat(api.get("/api/reviews/1999-01-04").status()).isEqualTo(400);
    assertThat(api.get("/api/reviews/soon").status()).isEqualTo(400);
    for (var far : List.of("-999999999-01-01", "+999999999-12-31")) {
      assertThat(api.get("/api/reviews/" + far).body()).contains(far).contains("\"status\":400");
      assertThat(api.get("/api/days/" + far).status()).isEqualTo(400);
    }
    assertThat(api.get("/api/look-back/years/0").status()).isEqualTo(400);
    assertThat(api.get("/api/look-back/years/2019").json().path("minutes").asInt()).isZero();
  }

  private static List<String> offers(JsonNode review) {
    return review.path("offers").valueStream().map(o -> o.path("key").asString()).toList();
  }

  @Test
  void what_is_said_again_is_offered_as_an_aim_and_taken_once(Api api) {
    var week = running(api);
    for (int i = 0; i < 2; i++) {
      log(api, today(api), "note", "masts " + i, "wentWrong", "Masts lean in.");
    }
    var key = "AIM Masts lean in";
    assertThat(offers(api.get("/api/reviews/" + week).json())).contains(key);
    var take = Map.of("id", UUID.randomUUID(), "key", key);
    for (int again = 0; again < 2; again++) {
      var taken = api.post("/api/reviews/" + week + "/taken", take);
      assertThat(taken.status()).as(taken.body()).isEqualTo(200);
      assertThat(taken.json().path("taken")).hasSize(1);
      assertThat(offers(taken.json())).doesNotContain(key);
    }
    assertThat(api.get("/api/reviews/today").json().path("aim").asString())
        .isEqualTo("Masts lean in");
    var gone = Map.of("id", UUID.randomUUID(), "key", "STRETCH nothing");
    assertThat(api.post("/api/reviews/" + week + "/taken", gone).status()).isEqualTo(409);
  }

  @Test
  void remarks_that_mean_the_same_are_counted_as_one_until_they_are_parted(Api api) {
    var week = LocalDate.of(2021, 5, 3);
    log(api, week, "minutes", 10, "wentWrong", "Bow too blunt. Stern lost");
    log(api, week.plusDays(1), "minutes", 10, "wentWrong", "bows not sharp");
    var path = "/api/reviews/" + week;
    assertThat(api.get(path).json().path("remarks")).as("each was said once").isEmpty();
    assertThat(api.get(path + "/remarks").json().path("remarks").toString())
        .isEqualTo("[\"bows not sharp\",\"Stern lost\",\"Bow too blunt\"]");
    var same = Map.of("one", "Bow too blunt", "other", "Bow not sharp", "same", true);
    for (int again = 0; again < 2; again++) {
      var told = api.put(path + "/remarks", same);
      assertThat(told.status()).as(told.body()).isEqualTo(200);
      assertThat(told.json().path("same")).as("told twice it is kept once").hasSize(1);
    }
    var remark = api.get(path).json().path("remarks").path(0);
    assertThat(remark.path("words").asString()).isEqualTo("bows not sharp");
    assertThat(remark.path("times").asInt()).isEqualTo(2);
    assertThat(keep(api, week, 0L, "Sharper.", "CLOSED").status()).isEqualTo(200);
    assertThat(api.get(path + "/remarks").json().path("same"))
        .as("closing the week keeps it")
        .hasSize(1);
    var parted = Map.of("one", "bow not sharp", "other", "Bow too blunt", "same", false);
    assertThat(api.put(path + "/remarks", parted).json().path("same")).isEmpty();
    assertThat(api.get(path).json().path("remarks")).isEmpty();
    assertThat(api.get(path).json().path("words").asString()).isEqualTo("Sharper.");
    var never = Map.of("one", "Stern lost", "other", "Bow too blunt", "same", false);
    assertThat(api.put(path + "/remarks", never).status())
        .as("these never were the same, and are not")
        .isEqualTo(200);
    var words = Map.of("one", "Stern lost", "other", "stern lost", "same", false);
    assertThat(api.put(path + "/remarks", words).body()).contains("were not said to mean the same");
    var blank = Map.of("one", " ", "other", "Bow too blunt", "same", true);
    assertThat(api.put(path + "/remarks", blank).status()).isEqualTo(400);
  }

  @Test
  void the_day_for_looking_back_decides_what_is_due(Api api) {
    var week = running(api);
    log(api, week.minusDays(7), "note", "before", "minutes", 5);
    var first = Map.of("day", week.getDayOfWeek().toString());
    assertThat(api.put("/api/reviews/day", first).status()).isEqualTo(204);
    assertThat(api.get("/api/reviews/today").json().path("due").asString())
        .as("its first day is here")
        .isEqualTo(week.toString());
    var kept = api.get("/api/reviews/" + week).json();
    var version = kept.path("version").isNull() ? null : kept.path("version").asLong();
    assertThat(keep(api, week, version, "", "SKIPPED").status()).isEqualTo(200);
    assertThat(api.get("/api/reviews/today").json().path("due").isNull())
        .as("passed over")
        .isTrue();
  }

  /** Years that nothing else of these tests draws in. */
  @Test
  void a_year_tells_which_books_were_filled_and_what_their_paper_came_to(Api api) {
    BookApiTest.book(
        api, "Thin book", "leaves", 20, "price", 8, "currency", "EUR", "closed", "2018-05-02");
    BookApiTest.book(api, "Night book", "keptPrivate", true, "closed", "2018-11-30");
    log(
        api,
        LocalDate.of(2018, 3, 1),
        "book",
        "Thin book",
        "pageFrom",
        1,
        "pageTo",
        16,
        "minutes",
        60);
    log(api, LocalDate.of(2018, 7, 1), "book", "Night book", "pageFrom", 1, "minutes", 5);
    var year = api.get("/api/look-back/years/2018").json();
    assertThat(year.path("filled").path("quarters").toString()).isEqualTo("[0,1,0,1]");
    var paper = year.path("filled").path("papers");
    assertThat(paper).hasSize(1);
    assertThat(paper.get(0).path("perPage").decimalValue()).isEqualByComparingTo("0.50");
    assertThat(paper.get(0).path("perHour").decimalValue()).isEqualByComparingTo("8");
    var kept =
        year.path("marks")
            .valueStream()
            .collect(
                Collectors.toMap(
                    m -> m.path("name").asString(), m -> m.path("keptPrivate").asBoolean()));
    assertThat(kept).containsEntry("Thin book", false).containsEntry("Night book", true);
  }

  @Test
  void pictures_are_ranked_by_choices_and_one_that_is_gone_is_left_out(Api api) throws IOException {
    var pictures = new ArrayList<UUID>();
    for (int i = 0; i < 3; i++) {
      var id = UUID.randomUUID();
      api.putBytes("/api/pictures/" + id + "?name=p.jpg", Pictures.jpeg(3000 + i));
      pictures.add(id);
    }
    var path = "/api/rankings/" + UUID.randomUUID();
    var made = api.put(path, Map.of("title", "Boats", "pictures", pictures)).json();
    assertThat(made.path("ranked")).hasSize(3);
    var one = made.path("next").path("one").asString();
    var other = made.path("next").path("other").asString();
    var choice = Map.of("version", made.path("version").asLong(), "winner", one, "loser", other);
    var chosen = api.post(path + "/choices", choice);
    assertThat(chosen.json().path("ranked").get(0).path("picture").asString()).isEqualTo(one);
    assertThat(api.post(path + "/choices", choice).status()).as("another tab").isEqualTo(409);
    var same = new HashMap<String, Object>(choice);
    same.put("loser", one);
    assertThat(api.post(path + "/choices", same).status()).isEqualTo(400);

    var words = new HashMap<String, Object>();
    words.put("version", chosen.json().path("version").asLong());
    words.put("picture", one);
    words.put("liked", "the sheer");
    words.put("disliked", "");
    var said = api.put(path + "/words", words);
    assertThat(said.json().path("ranked").get(0).path("liked").asString()).isEqualTo("the sheer");
    assertThat(said.json().path("choices").asInt()).as("choices stay").isEqualTo(1);
    assertThat(api.put(path + "/words", words).status()).as("another tab").isEqualTo(409);

    assertThat(api.delete("/api/pictures/" + other).status()).isLessThan(300);
    var left = api.get(path).json();
    assertThat(left.path("ranked")).hasSize(2);
    assertThat(left.path("choices").asInt()).isZero();
    var back = path + "/choices/last?version=" + left.path("version").asLong();
    assertThat(api.delete(back).status()).isEqualTo(200);
    var few = Map.of("title", "One", "pictures", List.of(UUID.fromString(one)));
    assertThat(api.put("/api/rankings/" + UUID.randomUUID(), few).body())
        .contains("Two pictures are needed");
  }
}
