package humblequill.server.book.picture;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.util.UUID;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
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
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/pictures")
class PagePictureController {
  private final PagePictures pictures;

  PagePictureController(PagePictures pictures) {
    this.pictures = pictures;
  }

  /** Takes a picture in; it waits in the tray until it is put on its page. */
  @PutMapping(path = "/{id}", consumes = "application/octet-stream")
  PagePictures.KeptPicture keep(
      @PathVariable UUID id,
      @RequestParam @NotBlank @Size(max = 1000) String name,
      HttpServletRequest request)
      throws IOException {
    return pictures.keep(id, name, request.getInputStream(), request.getContentLengthLong());
  }

  /** The picture as it came. */
  @GetMapping("/{id}")
  ResponseEntity<Resource> original(@PathVariable UUID id) {
    var sent = pictures.original(id);
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(sent.mime()))
        .body(new FileSystemResource(sent.file()));
  }

  /** The picture upright, and as it came otherwise. */
  @GetMapping("/{id}/taken")
  ResponseEntity<byte[]> taken(@PathVariable UUID id) {
    return ResponseEntity.ok().contentType(MediaType.IMAGE_JPEG).body(pictures.taken(id));
  }

  /** The picture as it is seen, with all its dots, without anything the camera wrote. */
  @GetMapping("/{id}/whole")
  ResponseEntity<byte[]> whole(@PathVariable UUID id) throws IOException {
    return ResponseEntity.ok()
        .contentType(MediaType.IMAGE_JPEG)
        .body(pictures.shown(id, PagePictures.MOST_DOTS));
  }

  /** The picture as it is seen, and small. */
  @GetMapping("/{id}/{size}")
  ResponseEntity<byte[]> small(@PathVariable UUID id, @PathVariable SmallPictures.Size size) {
    var made = pictures.small(id, size);
    return ResponseEntity.ok()
        .contentType(MediaType.IMAGE_JPEG)
        .cacheControl(CacheControl.noCache().cachePrivate())
        .eTag("\"" + made.way() + "\"")
        .body(made.jpeg());
  }

  @PostMapping("/{id}/turn")
  PagePicture turn(@PathVariable UUID id) {
    return pictures.turn(id);
  }

  @PutMapping("/{id}/caption")
  PagePicture caption(
      @PathVariable UUID id, @RequestBody @jakarta.validation.Valid Caption caption) {
    return pictures.caption(id, caption.text());
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID id) {
    pictures.remove(id, true);
  }

  @PostMapping("/{id}/back")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void putBack(@PathVariable UUID id) {
    pictures.remove(id, false);
  }

  /** Words under a picture. */
  record Caption(@jakarta.validation.constraints.NotNull @Size(max = 400) String text) {}
}
