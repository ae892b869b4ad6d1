package humblequill.server.topic;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/topics")
class TopicsController {
  private final TopicService service;

  TopicsController(TopicService service) {
    this.service = service;
  }

  @GetMapping
  Topics read() {
    return service.read();
  }

  @PutMapping
  Topics write(@RequestBody @Valid Topics topics) {
    return service.write(topics);
  }

  @DeleteMapping
  Topics reset() {
    return service.reset();
  }
}
