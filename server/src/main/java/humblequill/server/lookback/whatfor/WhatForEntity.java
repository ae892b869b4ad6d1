package humblequill.server.lookback.whatfor;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.jspecify.annotations.Nullable;

/** Pictures of what all this is for, as they hang; one row. */
@Entity
@Table(name = "what_for")
class WhatForEntity {
  static final int ONLY = 1;

  @Id int id = ONLY;
  @Version @Nullable Long version;

  /** See docs/formats/stored.md. */
  @Lob String document = "";
}
