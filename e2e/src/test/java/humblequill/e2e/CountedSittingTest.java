package humblequill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static humblequill.e2e.Pages.button;
import static humblequill.e2e.Pages.field;
import static humblequill.e2e.Pages.link;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Sittings begun for promises that count something else than drawings. */
class CountedSittingTest extends LaterTest {
  private void promise(String terms) {
    var body =
        "{\"id\":\"%s\",\"terms\":{%s,\"start\":\"2026-03-05\",\"rest\":[],\"policy\":\"SPREAD\",\"rules\":[],\"secondsEach\":300,\"beside\":true}}"
            .formatted(UUID.randomUUID(), terms);
    assertThat(quill.json("POST", "/api/quotas", body).statusCode()).isEqualTo(201);
  }

  @Test
  void a_free_sitting_is_begun_by_hand_and_by_key() {
    var page = pages.open(quill.url() + "/today");
    assertThat(page.getByLabel("Write it down")).isFocused();
    page.keyboard().press("Escape");
    page.keyboard().press("s");
    assertThat(field(page, "What to draw")).isVisible();
    page.keyboard().press("1");
    link(page, "A sitting of your own").click();
    assertThat(field(page, "What to draw")).isVisible();
    page.context().close();
  }

  @Test
  void pages_of_a_book_and_prompts_of_a_list_count_by_being_drawn() {
    promise(
        "\"title\":\"Knots\",\"kind\":\"STANDING\",\"count\":7,\"unit\":\"PAGES\",\"book\":\"Quay book\"");
    promise(
        "\"title\":\"Quay words\",\"kind\":\"PROMPT_LIST\",\"count\":2,\"due\":\"2026-03-06\",\"unit\":\"PROMPTS\"");
    var page = pages.open(quill.url() + "/today");
    link(page, "To the prompts of Quay words").click();
    field(page, "A prompt of your own").fill("a gull on a crate");
    button(page, "Add").click();
    link(page, "Begin a gull on a crate").click();
    button(page, "Begin").click();
    var prompted = Pages.leaveSitting(page);
    quill.at("2026-03-05T10:06:00Z");
    page = pages.open(quill.url() + "/sitting/" + prompted);
    assertThat(page.getByText("Logged: 1 drawing in 5 min, 1 × 5 min.")).isVisible();
    button(page, "Keep it").click();
    assertThat(page.getByText("Prompt: a gull on a crate")).isVisible();

    link(page, "Begin Knots").click();
    assertThat(field(page, "In which book")).hasValue("Quay book");
    field(page, "First page; each drawing fills one").fill("41");
    button(page, "Begin").click();
    var paged = Pages.leaveSitting(page);
    quill.at("2026-03-05T10:20:00Z");
    page = pages.open(quill.url() + "/sitting/" + paged);
    assertThat(page.getByText(Pattern.compile("in Quay book, page 41"))).isVisible();
    button(page, "Keep it").click();
    link(page, "Knots").click();
    assertThat(page.getByText("1 page, 1 done")).isVisible();
    page.context().close();
  }
}
