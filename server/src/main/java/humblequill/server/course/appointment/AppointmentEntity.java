package humblequill.server.course.appointment;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "appointment")
class AppointmentEntity {
  @Id UUID id = UUID.randomUUID();
  String title = "";

  @Enumerated(EnumType.STRING)
  @Nullable DayOfWeek weekday;

  LocalDate fromDay = LocalDate.EPOCH;
  @Nullable LocalDate toDay;
  LocalTime begins = LocalTime.MIDNIGHT;
  int minutes = 60;

  /** As in {@code 10 x 2 min, 2 x 20 min}. */
  @Column(length = 400)
  String poses = "";

  @Nullable String resource;
  @Nullable UUID resourceId;
}
