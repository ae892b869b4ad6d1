package humblequill.server.data;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The folder, the transactions and the clock that the rest of the application stands on. */
@Configuration(proxyBeanMethods = false)
class DataConfiguration {
  @Bean
  DataFolder dataFolder(@Value("${quill.data}") Path path) {
    return new DataFolder(path);
  }

  @Bean
  Disk disk(DataFolder folder) {
    return new Disk(folder);
  }

  @Bean(destroyMethod = "close")
  DurableTransactions transactionManager(@Value("${spring.datasource.url}") String url, Disk disk) {
    return new DurableTransactions(url, disk);
  }

  /**
   * The machine's clock; {@code quill.now} moves it to another moment, for tests and pictures, and
   * lets it run on.
   */
  @Bean
  Clock clock(@Value("${quill.now:}") String now) {
    var system = Clock.systemUTC();
    return now.isBlank()
        ? system
        : Clock.offset(system, Duration.between(system.instant(), Instant.parse(now)));
  }
}
