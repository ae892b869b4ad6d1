package humblequill.server.lookback;

import humblequill.server.ground.settings.SettingsService;
import humblequill.server.lookback.Reviews.State;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Weeks looked back on. */
@RestController
@RequestMapping("/api/reviews")
class ReviewController {
  private static final int LONGEST = 20_000;
  private static final int LONGEST_REMARK = 2000;

  private final Reviews reviews;
  private final ReviewViews views;
  private final SaidRemarks said;
  private final SettingsService settings;

  ReviewController(Reviews reviews, ReviewViews views, SaidRemarks said, SettingsService settings) {
    this.said = said;
    this.reviews = reviews;
    this.views = views;
    this.settings = settings;
  }

  @GetMapping
  ReviewViews.ReviewList list() {
    return views.list();
  }

  @GetMapping("/{from}")
  ReviewView read(@PathVariable LocalDate from) {
    return views.read(from);
  }

  /** Keeps words and state of a week. */
  @PutMapping("/{from}")
  ReviewView keep(@PathVariable LocalDate from, @RequestBody @Valid ChangedReview changed) {
    reviews.keep(from, changed.version(), changed.words(), changed.expects(), changed.state());
    return views.read(from);
  }

  /** Takes an offered change. */
  @PostMapping("/{from}/taken")
  ReviewView take(@PathVariable LocalDate from, @RequestBody @Valid TakenOffer taken) {
    reviews.take(from, taken.id(), taken.key());
    return views.read(from);
  }

  /** Puts an offered change aside, or offers it again. */
  @PutMapping("/{from}/aside")
  ReviewView putAside(@PathVariable LocalDate from, @RequestBody @Valid AsideOffer offer) {
    reviews.putAside(from, offer.key(), offer.aside());
    return views.read(from);
  }

  /** Remarks that can be said to mean the same. */
  @GetMapping("/{from}/remarks")
  SaidRemarks.RemarksView remarks(@PathVariable LocalDate from) {
    reviews.check(settings.learner(), from);
    return said.read(from);
  }

  /** Tells whether two remarks mean the same. */
  @PutMapping("/{from}/remarks")
  SaidRemarks.RemarksView tell(@PathVariable LocalDate from, @RequestBody @Valid TwoRemarks two) {
    reviews.check(settings.learner(), from);
    said.tell(from, two.one().strip(), two.other().strip(), two.same());
    return said.read(from);
  }

  /** Two remarks, and whether they mean the same. */
  record TwoRemarks(
      @NotBlank @Size(max = LONGEST_REMARK) String one,
      @NotBlank @Size(max = LONGEST_REMARK) String other,
      boolean same) {}

  /** Chooses the weekday for looking back. */
  @PutMapping("/day")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void day(@RequestBody @Valid ReviewDay day) {
    reviews.chooseDay(day.day());
  }

  /** What of the last four weeks served what all this is for. */
  @GetMapping("/serving")
  ServingAnswer serving() {
    return new ServingAnswer(views.serving());
  }

  /** What of four weeks served what all this is for; null where nothing was said. */
  record ServingAnswer(ReviewView.@Nullable Serving serving) {}

  /** What the last reviews say of today. */
  @GetMapping("/today")
  ReviewToday today() {
    var learner = settings.learner();
    return new ReviewToday(reviews.due(learner).orElse(null), reviews.aim(learner).orElse(null));
  }

  /**
   * What the last reviews say of today.
   *
   * @param due first day of the week to be looked back on; null when none is
   * @param aim the aim for sittings that was taken; null without one
   */
  record ReviewToday(@Nullable LocalDate due, @Nullable String aim) {}

  /** The weekday for looking back. */
  record ReviewDay(@NotNull DayOfWeek day) {}

  /**
   * What the learner makes of a week.
   *
   * @param version null for a week that nothing is kept of
   */
  record ChangedReview(
      @Nullable Long version,
      @NotNull @Size(max = LONGEST) String words,
      @NotNull @Size(max = LONGEST) String expects,
      @NotNull State state) {}

  /** An offered change by its key, and whether it is put aside. */
  record AsideOffer(@NotBlank @Size(max = 400) String key, boolean aside) {}

  /** An offered change by its key, and the id of what it does. */
  record TakenOffer(@NotNull UUID id, @NotBlank @Size(max = 400) String key) {}
}
