package humblequill.server.sitting;

import humblequill.core.sitting.SetUp;
import humblequill.server.ground.settings.LearnedSetUp;
import org.springframework.stereotype.Component;

/** What setting up costs, from the sittings that told it. */
@Component
class SetUpOfSittings implements LearnedSetUp {
  private final SittingRepository repository;

  SetUpOfSittings(SittingRepository repository) {
    this.repository = repository;
  }

  @Override
  public int minutes(int expected) {
    return of(expected).minutes();
  }

  SetUp of(int expected) {
    return SetUp.of(repository.setUps(), expected);
  }
}
