package humblequill.server.ground.edge;

import java.time.DateTimeException;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.jackson.JacksonComponent;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.ext.javatime.deser.LocalDateDeserializer;

/** Days that are sent have a year of four digits, like those in addresses. */
@JacksonComponent
public class DaysInBodies extends StdScalarDeserializer<LocalDate> {
  DaysInBodies() {
    super(LocalDate.class);
  }

  @Override
  public @Nullable LocalDate deserialize(JsonParser parser, DeserializationContext context) {
    var day = LocalDateDeserializer.INSTANCE.deserialize(parser, context);
    try {
      return day == null ? null : DaysInAddresses.usual(day);
    } catch (DateTimeException e) {
      return (LocalDate)
          context.handleWeirdStringValue(LocalDate.class, day.toString(), e.getMessage());
    }
  }
}
