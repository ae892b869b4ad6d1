package humblequill.server.day.entry;

/** What other sections know against an entry before it is kept. */
public interface EntryCheck {
  /**
   * Looks at an entry that a learner writes; entries of a file are taken as they are.
   *
   * @throws humblequill.server.ground.edge.Refusal with the field and value at fault
   */
  void check(EntryFields fields);
}
