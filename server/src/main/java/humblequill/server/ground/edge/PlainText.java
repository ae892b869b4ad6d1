package humblequill.server.ground.edge;

import java.util.regex.Pattern;
import org.springframework.boot.jackson.JacksonComponent;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.deser.std.StdScalarDeserializer;

/**
 * Text as a learner writes it. Characters that nobody sees or types (a null, a bell, an escape)
 * come along with what is pasted and would break calendars and files later; they are left out.
 */
@JacksonComponent
public class PlainText extends StdScalarDeserializer<String> {
  private static final Pattern UNSEEN = Pattern.compile("[\\p{Cc}&&[^\r\n\t]]");

  PlainText() {
    super(String.class);
  }

  @Override
  public String deserialize(JsonParser parser, DeserializationContext context) {
    var text = StringDeserializer.instance.deserialize(parser, context);
    return text == null ? null : UNSEEN.matcher(text).replaceAll("");
  }
}
