package humblequill.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static humblequill.e2e.BooksTest.starting;
import static humblequill.e2e.Pages.button;
import static humblequill.e2e.Pages.field;
import static humblequill.e2e.Pages.link;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Small days and what all this is for, with the demo's learner. */
class WhatForTest {
  private static Quill quill;
  private static Pages pages;

  @BeforeAll
  static void start() {
    quill = HostedQuill.demo();
    pages = Pages.shared();
  }

  @AfterAll
  static void stop() {
    quill.close();
  }

  @Test
  void the_smallest_page_begins_in_two_presses_of_a_key() {
    var page = pages.open(quill.url() + "/today");
    link(page, "Little energy").press("Enter");
    assertThat(page.getByText("nothing is asked afterwards")).isVisible();
    button(page, "Begin").press("Enter");
    assertThat(page.getByRole(AriaRole.TIMER)).isVisible();
    page.navigate(quill.url() + "/easy?way=short");
    field(page, "Minutes there are").fill("5");
    assertThat(page.getByRole(AriaRole.LINK, starting("Begin ")).first()).isVisible();
    page.context().close();
  }

  @Test
  void an_idea_is_noted_let_go_and_taken_up_again() {
    var page = pages.open(quill.url() + "/look-back/what-for");
    field(page, "An idea for later").fill("Gulls from behind");
    page.keyboard().press("Enter");
    assertThat(link(page, "Gulls from behind")).isVisible();
    button(page, "Let it go: Gulls from behind").click();
    assertThat(link(page, "Gulls from behind")).hasCount(0);
    button(page, "Undo").click();
    assertThat(link(page, "Gulls from behind")).isVisible();
    page.context().close();
  }

  @Test
  void what_is_over_is_asked_again_beside_what_was_drawn() {
    var page = pages.open(quill.url() + "/look-back/what-for");
    page.getByLabel("It is over. What became of it?").fill("They hold still, and I do too.");
    button(page, "Keep it").click();
    assertThat(page.getByText("They hold still, and I do too.")).isVisible();
    DemoTest.isForEveryone(page);
    page.context().close();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "/easy?way=little",
        "/easy?way=bored",
        "/easy?way=short",
        "/look-back/sittings",
        "/look-back/what-for",
        "/look-back/before",
        "/course/year-ahead"
      })
  void the_new_pages_are_reachable_for_everyone(String path) {
    var page = pages.open(quill.url() + path);
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)).first())
        .isVisible();
    DemoTest.isForEveryone(page);
    page.context().close();
  }

  @Test
  void courses_are_laid_into_a_year() {
    var page = pages.open(quill.url() + "/course/year-ahead");
    page.getByLabel("Begin with").selectOption("harbour-year");
    assertThat(page.getByText("that your days offer")).isVisible();
    page.getByLabel("Then").selectOption("harbour-year");
    page.getByLabel("beside the one before").check();
    assertThat(page.getByText("Side by side they take")).isVisible();
    page.context().close();
  }
}
