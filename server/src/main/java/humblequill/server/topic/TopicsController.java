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
  private final TopicWriting writing;

  TopicsController(TopicService service, TopicWriting writing) {
    this.service = service;
    this.writing = writing;
  }

  @GetMapping
  Topics read() {
    return service.read();
  }

  @PutMapping
  Topics write(@RequestBody @Valid Topics topics) {
    return writing.write(topics);
  }

  @DeleteMapping
  Topics reset() {
    return writing.reset();
  }
}
