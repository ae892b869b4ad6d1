package humblequill.server.sitting.reference;

import humblequill.core.ground.message.Message;
import humblequill.core.sitting.cabinet.Camera;
import humblequill.core.sitting.cabinet.Emphasis;
import humblequill.core.sitting.cabinet.Reference;
import humblequill.core.sitting.cabinet.StudyLayer;
import humblequill.core.sitting.cabinet.View;
import humblequill.server.ground.edge.Refusal;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/cabinet")
class CabinetController {
  private static final MediaType SVG = MediaType.parseMediaType("image/svg+xml");
  private static final int PIXELS = 1200;

  /**
   * A reference without its picture.
   *
   * @param size width and height of the picture that the landmarks' places count in
   * @param landmarks true places
   * @param cameraHeight height of the eye above the ground, in heights of a figure; null for what
   *     stands on none
   * @param lens focal length in millimetres
   * @param foreshortening mean share by which long parts look shorter, 0 to 1
   */
  record CabinetReference(
      double size,
      List<CabinetLandmark> landmarks,
      @Nullable Double cameraHeight,
      double lens,
      double foreshortening) {}

  /** A landmark's place from the top left. */
  record CabinetLandmark(String name, double x, double y) {
    static CabinetLandmark of(String name, Camera.Seen seen) {
      return new CabinetLandmark(name, seen.x(), seen.y());
    }
  }

  /**
   * What the cabinet can show.
   *
   * @param hasFront whether a side of it can be asked for
   * @param isFigure whether what lies within it can be shown
   * @param emphases what can be asked of it
   */
  record CabinetKind(
      Reference.Kind kind, boolean hasFront, boolean isFigure, List<Emphasis> emphases) {}

  @GetMapping("/kinds")
  List<CabinetKind> kinds() {
    return Arrays.stream(Reference.Kind.values())
        .map(k -> new CabinetKind(k, k.hasFront(), k.figure(), emphases(k)))
        .toList();
  }

  private static List<Emphasis> emphases(Reference.Kind kind) {
    return Arrays.stream(Emphasis.values()).filter(e -> kind.figure() || !e.ofFigures()).toList();
  }

  @GetMapping
  CabinetReference reference(
      @RequestParam long seed,
      @RequestParam Reference.Kind kind,
      @RequestParam(defaultValue = "ANY") Emphasis emphasis,
      @RequestParam(defaultValue = "ANY") View view) {
    var r = Reference.of(seed, kind, emphasis, view);
    return new CabinetReference(
        Reference.SIZE,
        r.landmarks().entrySet().stream()
            .map(e -> CabinetLandmark.of(e.getKey(), e.getValue()))
            .toList(),
        r.cameraHeight().isPresent() ? r.cameraHeight().getAsDouble() : null,
        r.lens(),
        r.foreshortening());
  }

  @GetMapping("/picture.svg")
  ResponseEntity<byte[]> svg(
      @RequestParam long seed,
      @RequestParam Reference.Kind kind,
      @RequestParam(defaultValue = "ANY") Emphasis emphasis,
      @RequestParam(defaultValue = "ANY") View view) {
    var svg = Reference.of(seed, kind, emphasis, view).drawing().svg();
    return picture(SVG, svg.getBytes(StandardCharsets.UTF_8));
  }

  /** What lies within a figure, to be laid over it. */
  @GetMapping("/within.svg")
  ResponseEntity<byte[]> within(
      @RequestParam StudyLayer layer,
      @RequestParam long seed,
      @RequestParam Reference.Kind kind,
      @RequestParam(defaultValue = "ANY") Emphasis emphasis,
      @RequestParam(defaultValue = "ANY") View view) {
    if (!kind.figure()) {
      throw Refusal.badValue("kind", kind, Message.of("sitting.onlyFigures"));
    }
    var svg = Reference.within(seed, kind, emphasis, view, layer).drawing().svg(false);
    return picture(SVG, svg.getBytes(StandardCharsets.UTF_8));
  }

  @GetMapping("/picture.png")
  ResponseEntity<byte[]> png(
      @RequestParam long seed,
      @RequestParam Reference.Kind kind,
      @RequestParam(defaultValue = "ANY") Emphasis emphasis,
      @RequestParam(defaultValue = "ANY") View view,
      @RequestParam(defaultValue = "" + PIXELS) @Min(50) @Max(2400) int pixels) {
    var drawing = Reference.of(seed, kind, emphasis, view).drawing();
    return picture(MediaType.IMAGE_PNG, CabinetPng.of(drawing, pixels));
  }

  private static ResponseEntity<byte[]> picture(MediaType type, byte[] bytes) {
    return ResponseEntity.ok()
        .contentType(type)
        .cacheControl(CacheControl.maxAge(1, TimeUnit.HOURS).cachePrivate())
        .body(bytes);
  }
}
