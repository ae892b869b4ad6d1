package humblequill.server.course.plan;

import humblequill.server.ground.settings.Learner;
import java.time.LocalDate;
import java.util.function.ToIntFunction;

/** What else takes minutes of a day before the courses are planned, as running quotas do. */
public interface TakenTime {
  /** Minutes taken, by date; 0 for days that are over. */
  ToIntFunction<LocalDate> minutes(Learner learner);
}
