package humblequill.server.ground.edge;

import java.time.DateTimeException;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.format.FormatterRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Days in addresses have a year of four digits: of the others that the calendar knows, some have no
 * week before them.
 */
@Configuration(proxyBeanMethods = false)
class DaysInAddresses implements WebMvcConfigurer {
  private static final int FIRST_YEAR = 1000;
  private static final int LAST_YEAR = 9999;

  @Override
  public void addFormatters(FormatterRegistry registry) {
    registry.addConverter(String.class, LocalDate.class, DaysInAddresses::day);
  }

  private static @Nullable LocalDate day(String text) {
    if (text.isEmpty()) {
      return null;
    }
    return usual(LocalDate.parse(text));
  }

  /** A day of a year of four digits; refuses all others. */
  static LocalDate usual(LocalDate day) {
    if (day.getYear() < FIRST_YEAR || day.getYear() > LAST_YEAR) {
      throw new DateTimeException("a year of four digits is needed, not " + day.getYear());
    }
    return day;
  }
}
