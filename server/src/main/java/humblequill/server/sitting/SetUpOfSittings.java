package humblequill.server.sitting;

import humblequill.core.sitting.SetUp;
import humblequill.server.ground.data.Derived;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.settings.LearnedSetUp;
import java.util.List;
import org.springframework.stereotype.Component;

/** What setting up costs, by the sittings so far. */
@Component
class SetUpOfSittings implements LearnedSetUp {
  private final SittingRepository repository;
  private final Remembered<List<SetUp.OfSitting>> told;
  private final Derived<SetUp> learned = new Derived<>();

  SetUpOfSittings(SittingRepository repository, Memory memory) {
    this.repository = repository;
    this.told = memory.remember("what setting up took", SittingEntity.class);
  }

  @Override
  public int minutes(int expected) {
    return of(expected).minutes();
  }

  SetUp of(int expected) {
    var sittings = told.get(repository::setUps);
    return learned.get(List.of(sittings, expected), () -> SetUp.of(sittings, expected));
  }
}
