package humblequill.server.ground.data;

/** An open database under its connections, as far as more must be known of it than JDBC tells. */
interface OpenDatabase {
  /** Whether the engine has closed the file because a write to it failed. */
  boolean hasLostItsFile();

  /**
   * Closes every session and waits until the last one has left, so that the name of the file is
   * free to be opened again.
   */
  void leave();
}
