package bare;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.Id;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.config.EnableJpaRepositories;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The smallest application of the same kind: web, persistence, one entity. */
@SpringBootApplication
@EnableJpaRepositories(considerNestedRepositories = true)
public class Bare {
  public static void main(String[] args) {
    SpringApplication.run(Bare.class, args);
  }

  @Entity
  static class Thing {
    @Id @GeneratedValue Long id;
  }

  interface Things extends JpaRepository<Thing, Long> {}

  @RestController
  static class Answers {
    private final Things things;

    Answers(Things things) {
      this.things = things;
    }

    @GetMapping("/things")
    long count() {
      return things.count();
    }
  }
}
