package humblequill.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts the application. */
@SpringBootApplication
public class HumbleQuill {
  public static void main(String[] args) {
    SpringApplication.run(HumbleQuill.class, args);
  }
}
