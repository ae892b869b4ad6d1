package humblequill.server.ground.data;

import com.zaxxer.hikari.HikariDataSource;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.data.jpa.repository.config.EnableJpaRepositories;
import org.springframework.jdbc.datasource.LazyConnectionDataSourceProxy;

/** The folder, the transactions and the clock that the rest of the application stands on. */
@Configuration(proxyBeanMethods = false)
@EnableJpaRepositories(
    basePackages = "humblequill.server",
    queryEnhancerSelector = QueriesAsWritten.class)
class DataConfiguration {
  @Bean
  DataFolder dataFolder(@Value("${quill.data}") Path path) {
    return new DataFolder(path);
  }

  @Bean
  Disk disk(DataFolder folder) {
    return new Disk(folder);
  }

  @Bean
  Commits commits() {
    return new Commits();
  }

  @Bean
  DurableTransactions transactionManager(Disk disk, Commits commits) {
    return new DurableTransactions(disk, commits);
  }

  /** A transaction that finds all it needs in memory takes no connection. */
  @Bean
  static BeanPostProcessor lazyConnections() {
    return new BeanPostProcessor() {
      @Override
      public Object postProcessAfterInitialization(Object bean, String name) {
        if (!(bean instanceof HikariDataSource pool)) {
          return bean;
        }
        pool.setDataSource(new OneDatabase(pool.getJdbcUrl()));
        return new LazyConnectionDataSourceProxy(new LivingConnections(pool));
      }
    };
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
