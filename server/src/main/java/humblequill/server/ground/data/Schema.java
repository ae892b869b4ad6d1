package humblequill.server.ground.data;

/** The version of the tables that this program writes. */
public final class Schema {
  /** Number of the newest migration. */
  public static final int VERSION = 20;

  private Schema() {}
}
