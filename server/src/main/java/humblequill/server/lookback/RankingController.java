package humblequill.server.lookback;

import humblequill.core.ground.name.Name;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Favourites among pictures. */
@RestController
@RequestMapping("/api/rankings")
class RankingController {
  private final Rankings rankings;

  RankingController(Rankings rankings) {
    this.rankings = rankings;
  }

  @GetMapping
  List<Rankings.RankingLine> list() {
    return rankings.list();
  }

  @GetMapping("/{id}")
  Rankings.RankingView read(@PathVariable UUID id) {
    return rankings.read(id);
  }

  @PutMapping("/{id}")
  Rankings.RankingView create(@PathVariable UUID id, @RequestBody @Valid NewRanking ranking) {
    rankings.create(id, ranking.title(), ranking.pictures());
    return rankings.read(id);
  }

  /** Keeps a choice between two. */
  @PostMapping("/{id}/choices")
  Rankings.RankingView choose(@PathVariable UUID id, @RequestBody @Valid PictureChoice choice) {
    rankings.choose(id, choice.version(), choice.winner(), choice.loser());
    return rankings.read(id);
  }

  /** Keeps what is liked and not liked about a picture. */
  @PutMapping("/{id}/words")
  Rankings.RankingView say(@PathVariable UUID id, @RequestBody @Valid PictureWords words) {
    rankings.say(id, words.version(), words.picture(), words.liked(), words.disliked());
    return rankings.read(id);
  }

  /** Takes the last choice back. */
  @DeleteMapping("/{id}/choices/last")
  Rankings.RankingView takeBack(@PathVariable UUID id, @RequestParam long version) {
    rankings.takeBack(id, version);
    return rankings.read(id);
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID id) {
    rankings.remove(id, true);
  }

  @PostMapping("/{id}/back")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void putBack(@PathVariable UUID id) {
    rankings.remove(id, false);
  }

  /** Pictures to be ranked. */
  record NewRanking(
      @NotBlank @Size(max = Name.MAX_TEXT) String title,
      @NotNull @Size(min = 1, max = Rankings.MOST) List<@NotNull UUID> pictures) {}

  /** What is liked and not liked about a picture. */
  record PictureWords(
      long version,
      @NotNull UUID picture,
      @NotNull @Size(max = 400) String liked,
      @NotNull @Size(max = 400) String disliked) {}

  /** The picture that was chosen, and the other one. */
  record PictureChoice(long version, @NotNull UUID winner, @NotNull UUID loser) {}
}
