package humblequill.server.ground.edge;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.web.bind.annotation.GetMapping;

class FrontEndTest {
  private static final Pattern ROUTE = Pattern.compile("<Route path=\"(/[^\"]*)\"");

  /** Each address that the front end knows can be opened and reloaded, and no other is promised. */
  @Test
  void answers_the_addresses_of_the_front_end() throws IOException, NoSuchMethodException {
    var app = Files.readString(Path.of("../web/src/app/App.tsx"));
    var routes = new TreeSet<String>();
    for (var m = ROUTE.matcher(app); m.find(); ) {
      routes.add(m.group(1).replaceAll(":\\w+", "*"));
    }
    var answered = FrontEnd.class.getDeclaredMethod("page").getAnnotation(GetMapping.class).value();
    assertThat(Set.of(answered)).containsExactlyInAnyOrderElementsOf(routes);
  }
}
