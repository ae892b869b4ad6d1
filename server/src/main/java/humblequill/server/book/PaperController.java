package humblequill.server.book;

import humblequill.core.book.picture.Gutter;
import humblequill.core.book.picture.Spot;
import humblequill.core.ground.message.Message;
import humblequill.server.book.picture.PagePicture;
import humblequill.server.book.picture.Straightening;
import humblequill.server.ground.edge.Refusal;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Sheets of paper in pictures. */
@RestController
@RequestMapping("/api/pictures/{id}")
class PaperController {
  private final Straightening straightening;
  private final PapersInPictures papers;

  PaperController(Straightening straightening, PapersInPictures papers) {
    this.straightening = straightening;
    this.papers = papers;
  }

  @GetMapping("/paper")
  Straightening.PaperInPicture paper(
      @PathVariable UUID id, @RequestParam(defaultValue = "false") boolean anew) {
    return straightening.paper(id, anew);
  }

  /** Where two pages between these corners most likely meet. */
  @GetMapping("/gutter")
  Gutter gutter(@PathVariable UUID id, @RequestParam @Size(max = 8) List<Double> corners) {
    return straightening.gutter(id, spots(corners));
  }

  /** How a sheet would look when it is seen straight. */
  @GetMapping("/straightened")
  ResponseEntity<byte[]> preview(
      @PathVariable UUID id,
      @RequestParam @Size(max = 8) List<Double> corners,
      @RequestParam(defaultValue = "false") boolean even) {
    return ResponseEntity.ok()
        .contentType(MediaType.IMAGE_JPEG)
        .body(
            straightening.preview(
                id, straightening.of(id, spots(corners), even, papers.format(id))));
  }

  /** Sees the picture straight from now on; its file stays as it was. */
  @PutMapping("/paper")
  PagePicture straighten(@PathVariable UUID id, @RequestBody @Valid SheetOfPicture sheet) {
    return papers.straighten(id, sheet.corners(), sheet.evenLight());
  }

  /** Sees the picture as it came. */
  @DeleteMapping("/paper")
  PagePicture asItCame(@PathVariable UUID id) {
    return papers.asItCame(id);
  }

  /** Another page out of the same picture; it waits in the tray. */
  @PostMapping("/parts")
  PagePicture part(@PathVariable UUID id, @RequestBody @Valid PartOfPicture part) {
    return papers.part(id, part.part(), part.sheet().corners(), part.sheet().evenLight());
  }

  /** Two pages parted where they meet: the picture shows the left one, its new part the right. */
  @PostMapping("/parting")
  PapersInPictures.PartedPictures parting(
      @PathVariable UUID id, @RequestBody @Valid TwoPagesOfPicture two) {
    return papers.part(id, two);
  }

  private static List<Spot> spots(List<Double> xy) {
    var out = new ArrayList<Spot>();
    if (xy.stream().anyMatch(share -> share == null || !Double.isFinite(share))) {
      throw Refusal.badValue("corners", xy, Message.of("book.cornerOfTwoNumbers"));
    }
    for (int i = 0; i + 1 < xy.size(); i += 2) {
      out.add(new Spot(xy.get(i), xy.get(i + 1)));
    }
    return out;
  }

  /**
   * A sheet in a picture.
   *
   * @param corners clockwise from the upper left, as shares of the picture as it is seen
   * @param evenLight whether its light is to be evened out
   */
  record SheetOfPicture(
      @NotNull @Size(min = 4, max = 4) List<@NotNull Spot> corners, boolean evenLight) {}

  /**
   * One more sheet in a picture.
   *
   * @param part made by the client, so that a retry makes no second one
   */
  record PartOfPicture(@NotNull UUID part, @NotNull @Valid SheetOfPicture sheet) {}

  /**
   * Two pages in a picture.
   *
   * @param part the right page's picture, made by the client
   * @param sheet both together
   */
  record TwoPagesOfPicture(
      @NotNull UUID part, @NotNull @Valid SheetOfPicture sheet, @NotNull Gutter gutter) {}
}
