package humblequill.server.ground.settings;

/** What setting up costs on a drawing day, as sittings tell it. */
@FunctionalInterface
public interface LearnedSetUp {
  /**
   * The figure to plan with.
   *
   * @param expected what is expected while they do not tell enough, in minutes
   */
  int minutes(int expected);
}
