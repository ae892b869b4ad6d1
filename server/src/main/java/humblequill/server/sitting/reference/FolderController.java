package humblequill.server.sitting.reference;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.core.io.InputStreamResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/references")
class FolderController {
  private final PictureFolder folder;

  FolderController(PictureFolder folder) {
    this.folder = folder;
  }

  @GetMapping("/folder")
  PictureFolder.FolderView read() {
    return folder.read();
  }

  @PutMapping("/folder")
  PictureFolder.FolderView choose(@RequestBody @Valid FolderChoice choice) {
    return folder.choose(choice.path());
  }

  @DeleteMapping("/folder/run")
  PictureFolder.FolderView cancel() {
    return folder.cancel();
  }

  /** Pictures of the folder by their paths in it, the first so many. */
  @GetMapping("/pictures")
  List<PictureFolder.FolderPicture> pictures() {
    return folder.pictures();
  }

  @GetMapping("/pictures/{id}")
  ResponseEntity<Resource> picture(@PathVariable UUID id) {
    var picture = folder.open(id);
    return ResponseEntity.ok()
        .contentType(picture.type())
        .contentLength(picture.bytes())
        .body(new InputStreamResource(picture.in()));
  }

  /** The folder to take; empty for none. */
  record FolderChoice(@NotNull @Size(max = 1000) String path) {}
}
